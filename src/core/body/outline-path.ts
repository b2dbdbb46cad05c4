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

/** The `d` attribute of an outline, whole millimetres; written once for each list of points. */
export function pathOf(points: readonly Point[], closed = true): string {
  const before = closed ? written.get(points) : undefined;
  if (before !== undefined) return before;
  const text = textOf(points, closed);
  if (closed) written.set(points, text);
  return text;
}

function textOf(points: readonly Point[], closed: boolean): string {
  const parts: string[] = [];
  trace(
    points,
    {
      moveTo: (x, y) => parts.push(`M${x.toFixed(0)} ${y.toFixed(0)}`),
      lineTo: (x, y) => parts.push(`L${x.toFixed(0)} ${y.toFixed(0)}`),
      closePath: () => parts.push('Z'),
    },
    closed,
  );
  return parts.join('');
}
