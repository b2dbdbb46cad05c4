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
  // Begun at the origin, the first step is the place itself.
  const step = (letter: string) => (x: number, y: number) => {
    const [dx, dy] = [Math.round(x) - lastX, Math.round(y) - lastY];
    [lastX, lastY] = [lastX + dx, lastY + dy];
    text += `${letter}${dx}${dy < 0 ? '' : ' '}${dy}`;
  };
  const closePath = () => {
    text += 'z';
  };
  trace(points, { moveTo: step('M'), lineTo: step('l'), closePath }, closed);
  return text;
}
