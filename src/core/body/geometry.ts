/** A point of the sheet in millimetres: x rearwards along the car, y from the centre line, negative to the car's left. */
export type Point = readonly [x: number, y: number];

export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

/** Signed area of a closed outline in mm² (shoelace formula); positive when it runs clockwise on a y-down sheet. */
export function signedAreaMm2(outline: readonly Point[]): number {
  let twice = 0;
  for (let i = 0; i < outline.length; i++) {
    const [x0, y0] = outline[i] as Point;
    const [x1, y1] = outline[(i + 1) % outline.length] as Point;
    twice += x0 * y1 - x1 * y0;
  }
  return twice / 2;
}

/** Area in m². */
export function areaM2(outline: readonly Point[]): number {
  return Math.abs(signedAreaMm2(outline)) / 1e6;
}

/** Centre of area; the mean of the points when the outline encloses nothing. */
export function centroid(outline: readonly Point[]): Point {
  const a = signedAreaMm2(outline);
  if (Math.abs(a) < 1e-9) {
    const n = Math.max(1, outline.length);
    return [outline.reduce((s, p) => s + p[0], 0) / n, outline.reduce((s, p) => s + p[1], 0) / n];
  }
  let cx = 0;
  let cy = 0;
  for (let i = 0; i < outline.length; i++) {
    const [x0, y0] = outline[i] as Point;
    const [x1, y1] = outline[(i + 1) % outline.length] as Point;
    const cross = x0 * y1 - x1 * y0;
    cx += (x0 + x1) * cross;
    cy += (y0 + y1) * cross;
  }
  return [cx / (6 * a), cy / (6 * a)];
}

/** Smallest upright box round the points; of none, the empty box at the origin. */
export function boxOf(points: readonly Point[]): Box {
  if (points.length === 0) return { minX: 0, minY: 0, maxX: 0, maxY: 0 };
  let minX = Infinity;
  let minY = Infinity;
  let maxX = -Infinity;
  let maxY = -Infinity;
  for (const [x, y] of points) {
    minX = Math.min(minX, x);
    minY = Math.min(minY, y);
    maxX = Math.max(maxX, x);
    maxY = Math.max(maxY, y);
  }
  return { minX, minY, maxX, maxY };
}

/** Whether a point lies inside a closed outline (crossing number). */
export function contains(outline: readonly Point[], [px, py]: Point): boolean {
  let inside = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [xi, yi] = outline[i] as Point;
    const [xj, yj] = outline[j] as Point;
    if (yi > py !== yj > py && px < ((xj - xi) * (py - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}

/** Distance in mm from a point to a segment. */
export function distanceToSegment([px, py]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const dx = bx - ax;
  const dy = by - ay;
  const len2 = dx * dx + dy * dy;
  const t = len2 === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / len2));
  return Math.hypot(px - ax - t * dx, py - ay - t * dy);
}

/** Distance in mm from a point to the nearest edge of a closed outline. */
export function distanceToOutline(outline: readonly Point[], p: Point): number {
  let best = Infinity;
  for (let i = 0; i < outline.length; i++) {
    best = Math.min(best, distanceToSegment(p, outline[i] as Point, outline[(i + 1) % outline.length] as Point));
  }
  return best;
}

/** Twice the signed area of a triangle: on which side of the line from a to b a point lies. */
const sideOf = ([ax, ay]: Point, [bx, by]: Point, [px, py]: Point) =>
  Math.sign((bx - ax) * (py - ay) - (by - ay) * (px - ax));

/** Whether two of a closed outline's edges that do not follow each other cross (orientation test). */
export function crossesItself(outline: readonly Point[]): boolean {
  const n = outline.length;
  const edge = (i: number) => [outline[i] as Point, outline[(i + 1) % n] as Point] as const;
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const [a, b] = edge(i);
      const [c, d] = edge(j);
      if (sideOf(a, b, c) !== sideOf(a, b, d) && sideOf(c, d, a) !== sideOf(c, d, b)) return true;
    }
  return false;
}

/** Length in mm of an open polyline. */
export function lengthMm(line: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < line.length; i++) {
    const [x0, y0] = line[i - 1] as Point;
    const [x1, y1] = line[i] as Point;
    sum += Math.hypot(x1 - x0, y1 - y0);
  }
  return sum;
}

/** The point a given share (0 to 1) of the way along an open polyline. */
export function pointAlong(line: readonly Point[], share: number): Point {
  const target = lengthMm(line) * share;
  let walked = 0;
  for (let i = 1; i < line.length; i++) {
    const a = line[i - 1] as Point;
    const b = line[i] as Point;
    const step = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (walked + step >= target && step > 0) {
      const t = (target - walked) / step;
      return [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
    }
    walked += step;
  }
  return line[line.length - 1] as Point;
}

/** Mirrors across the car's centre line. */
export function mirror(points: readonly Point[]): Point[] {
  return points.map(([x, y]) => [x, -y] as const);
}
