import type { Point } from './geometry';

/** Where geometry is drawn to: the few strokes that a canvas path and a text sink have in common. */
export interface Sink {
  moveTo(x: number, y: number): void;
  lineTo(x: number, y: number): void;
  closePath(): void;
}

/** Draws a closed outline or an open line into a sink. */
export function trace(points: readonly Point[], sink: Sink, closed: boolean): void {
  points.forEach(([x, y], i) => {
    if (i === 0) sink.moveTo(x, y);
    else sink.lineTo(x, y);
  });
  if (closed) sink.closePath();
}

const written = new WeakMap<readonly Point[], string>();

/**
 * The `d` attribute of an outline in whole millimetres, each point by its step from the one before, which takes half the characters
 * (SVG 2, 9.3.4); written once for each list of points.
 */
export function pathOf(points: readonly Point[], closed = true): string {
  const before = closed ? written.get(points) : undefined;
  if (before !== undefined) return before;
  const text = textOf(points, closed);
  if (closed) written.set(points, text);
  return text;
}

function textOf(points: readonly Point[], closed: boolean): string {
  let [text, lastX, lastY] = ['', 0, 0];
  const step = (x: number, y: number) => {
    [lastX, lastY] = [lastX + x, lastY + y];
    return `${x}${y < 0 ? '' : ' '}${y}`;
  };
  trace(
    points,
    {
      moveTo: (x, y) => {
        text += `M${step(Math.round(x) - lastX, Math.round(y) - lastY)}`;
      },
      lineTo: (x, y) => {
        text += `l${step(Math.round(x) - lastX, Math.round(y) - lastY)}`;
      },
      closePath: () => {
        text += 'z';
      },
    },
    closed,
  );
  return text;
}
