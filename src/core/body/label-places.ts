import { boxOf, contains, type Point } from './geometry';
import type { Plan } from './plan';
import type { View, Zone } from './zone';

/** Where the text of a zone stands: on it, or beside it with a hair line to it. */
export interface LabelPlace {
  readonly zone: string;
  /** The middle of the text, sheet mm. */
  readonly at: Point;
  /** From the text's edge to the piece; null where it stands on the piece. */
  readonly leader: readonly [Point, Point] | null;
}

/** Width of a letter and height of a line of figures, as shares of the type size. */
export const FIGURE_SHAPE = { letter: 0.64, line: 0.86 } as const;

/** How far beside its piece a text is tried, in type sizes; the nearest free place wins. */
const REACH = [1.1, 1.7, 2.4, 3.2, 4.2, 5.4];

interface Rect {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}
const rectAt = ([x, y]: Point, w: number, h: number): Rect => ({
  minX: x - w / 2,
  maxX: x + w / 2,
  minY: y - h / 2,
  maxY: y + h / 2,
});
const meet = (a: Rect, b: Rect) => a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY;
/** Corners, middles of edges and centre of a rectangle. */
function pointsOf({ minX, minY, maxX, maxY }: Rect): Point[] {
  const [x, y] = [(minX + maxX) / 2, (minY + maxY) / 2];
  return [minX, x, maxX].flatMap((px) => [minY, y, maxY].map((py): Point => [px, py]));
}
const within = (zone: Zone, r: Rect) => pointsOf(r).every((p) => contains(zone.outline, p));
const touches = (zone: Zone, r: Rect) =>
  meet(boxOf(zone.outline), r) &&
  (pointsOf(r).some((p) => contains(zone.outline, p)) || zone.outline.some((p) => inside(r, p)));
const inside = (r: Rect, [x, y]: Point) => x > r.minX && x < r.maxX && y > r.minY && y < r.maxY;

/** The point of a zone's label, moved to the edge of its outline on the way to a place outside. */
function edgeTowards(zone: Zone, to: Point): Point {
  let [inner, outer]: [Point, Point] = [zone.label, to];
  for (let i = 0; i < 12; i++) {
    const middle: Point = [(inner[0] + outer[0]) / 2, (inner[1] + outer[1]) / 2];
    if (contains(zone.outline, middle)) inner = middle;
    else outer = middle;
  }
  return inner;
}

/**
 * Places for one text each on zones of a view: on the piece where the text lies wholly on it, else beside it on a hair line,
 * at the nearest place that no piece and no other text takes. `sizeMm` is the type size on the sheet. Every text gets a
 * place; one for which nothing is free stands on its piece.
 */
export function labelPlaces(
  plan: Plan,
  view: View,
  texts: ReadonlyMap<string, string>,
  sizeMm: number,
): Map<string, LabelPlace> {
  const zones = plan.lap[view].map((slug) => plan.zones.get(slug)!);
  const taken: Rect[] = [];
  const places = new Map<string, LabelPlace>();
  const outside: { zone: Zone; w: number; h: number }[] = [];
  for (const zone of zones) {
    const text = texts.get(zone.slug);
    if (!text) continue;
    const [w, h] = [text.length * FIGURE_SHAPE.letter * sizeMm, FIGURE_SHAPE.line * sizeMm];
    const own = rectAt(zone.label, w, h);
    if (!within(zone, own)) {
      outside.push({ zone, w, h });
      continue;
    }
    taken.push(own);
    places.set(zone.slug, { zone: zone.slug, at: zone.label, leader: null });
  }
  for (const { zone, w, h } of outside) {
    const box = boxOf(zone.outline);
    const tries = REACH.flatMap((reach): Point[] => {
      const [dx, dy] = [w / 2 + reach * sizeMm * 0.6, h / 2 + reach * sizeMm * 0.6];
      const [x, y] = zone.label;
      return [
        [x, box.maxY + dy],
        [x, box.minY - dy],
        [box.minX - dx, y],
        [box.maxX + dx, y],
        [x + w * 0.7, box.maxY + dy],
        [x - w * 0.7, box.maxY + dy],
        [x + w * 0.7, box.minY - dy],
        [x - w * 0.7, box.minY - dy],
      ];
    });
    const free = tries.find((at) => {
      const r = rectAt(at, w, h);
      return !taken.some((t) => meet(t, r)) && !zones.some((z) => touches(z, r));
    });
    const at = free ?? zone.label;
    taken.push(rectAt(at, w, h));
    const foot: Point = [
      Math.min(Math.max(zone.label[0], at[0] - w / 2), at[0] + w / 2),
      at[1] > zone.label[1] ? at[1] - h / 2 : at[1] < zone.label[1] ? at[1] + h / 2 : at[1],
    ];
    const start: Point = at[1] === zone.label[1] ? [at[0] + (at[0] > zone.label[0] ? -w / 2 : w / 2), at[1]] : foot;
    places.set(zone.slug, {
      zone: zone.slug,
      at,
      leader: free ? [start, edgeTowards(zone, start)] : null,
    });
  }
  return places;
}

/** Cuts at the edges that meet along a seam, as on a pattern: paired notches at even shares of it, sheet mm. */
export function pairedNotches(plan: Plan, view: View, lengthMm: number): (readonly [Point, Point])[] {
  return [...plan.seams.values()].flatMap((seam) =>
    seam.zones.flatMap((slug, side) => {
      const zone = plan.zones.get(slug)!;
      if (zone.view !== view) return [];
      const line = seam.lines[side as 0 | 1];
      return [1 / 3, 2 / 3].flatMap((share): (readonly [Point, Point])[] => {
        const i = Math.max(1, Math.min(line.length - 1, Math.round(share * (line.length - 1))));
        const [a, b] = [line[i - 1]!, line[i]!];
        const t = line.length === 2 ? share : 0.5;
        const at: Point = [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
        const d = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
        const normal: Point = [-(b[1] - a[1]) / d, (b[0] - a[0]) / d];
        const inward = ([1, -1] as const).find((s) =>
          contains(zone.outline, [at[0] + s * normal[0] * lengthMm, at[1] + s * normal[1] * lengthMm]),
        );
        return inward === undefined
          ? []
          : [[at, [at[0] + inward * normal[0] * lengthMm, at[1] + inward * normal[1] * lengthMm]] as const];
      });
    }),
  );
}
