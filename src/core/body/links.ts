import type { Point } from './geometry';

/** The shortest set of links that joins all points (Prim, Bell System Technical Journal 36, 1957): pairs of their indices. */
export function shortestLinks(points: readonly Point[]): [number, number][] {
  const links: [number, number][] = [];
  const inside = new Set(points.length > 0 ? [0] : []);
  while (inside.size < points.length) {
    let best: [number, number] = [-1, -1];
    let shortest = Number.POSITIVE_INFINITY;
    for (const i of inside)
      for (let j = 0; j < points.length; j++) {
        if (inside.has(j)) continue;
        const apart = Math.hypot(points[i]![0] - points[j]![0], points[i]![1] - points[j]![1]);
        if (apart < shortest) [best, shortest] = [[i, j], apart];
      }
    inside.add(best[1]);
    links.push(best);
  }
  return links;
}
