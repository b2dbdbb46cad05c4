import { boxOf } from '../geometry';
import type { Plan } from '../plan';
import { circle, roundedBox } from '../strokes';
import type { Zone } from '../zone';
import { bench, card, console_, dash, lining, seat, speakers, steering, stitched } from './cabin';
import { battery, cap, engineFlat, engineInLine, fins, tower } from './engine';
import type { DetailStroke, Frame } from './frame';
import { bars, bumper, halfWheel, handle, lamp, slats, stiffened, tailLamp, wheel } from './outside';
import { beadsAcross, beadsAlong, floor, housing, rail, tank, tunnel } from './underneath';

/** How pieces are drawn; a style's piece names one. */
export const DRAWN = {
  seat,
  bench,
  dash,
  steering,
  wheel,
  'half-wheel': halfWheel,
  'engine-in-line': engineInLine,
  'engine-flat': engineFlat,
  fins,
  battery,
  cap,
  tower,
  'beads-along': beadsAlong,
  'beads-across': beadsAcross,
  floor,
  rail,
  tunnel,
  housing,
  tank,
  stitched,
  card,
  console: console_,
  speakers,
  lining,
  slats,
  stiffened,
  bars,
  lamp,
  'tail-lamp': tailLamp,
  bumper,
  handle,
} as const satisfies Readonly<Record<string, (f: Frame) => DetailStroke[]>>;

export type DrawnAs = keyof typeof DRAWN;

const drawn = new WeakMap<Zone, readonly DetailStroke[]>();

/** The lines that make a piece known, in sheet mm; empty for one that is known by its outline. */
export function detailsOf(zone: Zone, plan: Plan): readonly DetailStroke[] {
  const before = drawn.get(zone);
  if (before) return before;
  const b = boxOf(zone.outline);
  const [widthMm, heightMm] = [b.maxX - b.minX, b.maxY - b.minY];
  // Flanks lie folded outwards: up is towards the centre line.
  const up = zone.upright && zone.side !== 'right';
  const frame: Frame = {
    zone,
    plan,
    widthMm,
    heightMm,
    at: (u, v) => [b.minX + u * widthMm, zone.upright && !up ? b.maxY - v * heightMm : b.minY + v * heightMm],
  };
  const strokes = zone.drawn ? DRAWN[zone.drawn](frame) : [];
  drawn.set(zone, strokes);
  return strokes;
}

/** What joins the pieces of a view and is none of them: axles between the wheels' housings, seen from below. */
export function joinsOf(plan: Plan, view: Zone['view']): DetailStroke[] {
  const housings = plan.lap[view].flatMap((slug) => {
    const zone = plan.zones.get(slug)!;
    const twin = zone.twin ? plan.zones.get(zone.twin) : undefined;
    return zone.drawn === 'housing' && zone.side === 'left' && twin ? [[zone, twin] as const] : [];
  });
  return housings.flatMap(([left, right]) => {
    const [a, b] = [boxOf(left.outline), boxOf(right.outline)];
    const x = (a.minX + a.maxX) / 2;
    return [
      { points: roundedBox(x - 30, a.maxY - 40, x + 30, b.minY + 40, 20), closed: true },
      { points: circle(x, 0, 84), closed: true },
      { points: circle(x, 0, 44), closed: true, dashed: true },
    ];
  });
}
