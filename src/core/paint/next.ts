import { boxOf, contains, distanceToOutline, type Point } from '../body/geometry';
import { type Plan, toPanel, toSheet } from '../body/plan';
import type { Zone } from '../body/zone';
import { gaugeCanRead, type PaintInput, readingsNeeded, type ZonePaint } from './analyse';
import type { FilmReading } from './film-reading';

export interface NextReading {
  readonly zone: string;
  readonly uMm: number;
  readonly vMm: number;
  readonly why: string;
}

/** Keep this far from edges, where gauges misread (ASTM D7091), mm. */
const EDGE_MM = 40;
/** Points tried across a panel, each way. */
const TRIES = 9;

function doubt(zone: ZonePaint | undefined): number {
  const chances = zone?.state ? Object.values(Object.values(zone.state)[0] ?? {}) : [];
  if (chances.length === 0) return 1;
  return -chances.reduce((s, p) => s + (p > 0 ? p * Math.log(p) : 0), 0) / Math.log(chances.length);
}

/** The place inside the panel that is farthest from every reading already placed, low places first while none is low. */
function placeFor(zone: Zone, placed: readonly Point[]): Point {
  const box = boxOf(zone.outline);
  const height = box.maxY - box.minY;
  const low = (p: Point) => toPanel(zone, p).vMm < height / 4;
  const wantLow = zone.upright && placed.filter(low).length < 2;
  let best = zone.label;
  let bestScore = -Infinity;
  for (let i = 1; i < TRIES; i++) {
    for (let j = 1; j < TRIES; j++) {
      const p: Point = [box.minX + ((box.maxX - box.minX) * i) / TRIES, box.minY + (height * j) / TRIES];
      if (!contains(zone.outline, p)) continue;
      const edge = distanceToOutline(zone.outline, p);
      const apart = Math.min(...placed.map((q) => Math.hypot(p[0] - q[0], p[1] - q[1])), 1500);
      const score =
        Math.min(apart, 1500) + (wantLow && low(p) ? 800 : 0) - (edge < EDGE_MM ? 5000 : 0) + Math.min(edge, 120);
      if (score > bestScore) {
        best = p;
        bestScore = score;
      }
    }
  }
  return best;
}

function why(zone: ZonePaint | undefined, needed: number): string {
  if (!zone || zone.n === 0) return `No reading yet; ${needed} are needed here.`;
  if (zone.lacks > 0)
    return `${zone.lacks} more ${zone.lacks === 1 ? 'reading is' : 'readings are'} needed before this panel can be relied on.`;
  return 'The state of this panel is the least settled.';
}

/**
 * Up to three places for the next readings: panels that lack readings or whose state is least settled, weighed by
 * area, each at the place farthest from what is measured and away from edges. Panel millimetres; empty without a plan.
 */
export function nextReadings(zones: readonly ZonePaint[], input: Pick<PaintInput, 'plan' | 'readings'>): NextReading[] {
  const plan: Plan | null = input.plan;
  if (!plan) return [];
  const byZone = new Map(zones.map((z) => [z.zone, z]));
  const candidates = [...plan.zones.values()].filter(
    (z) => z.view === 'outside' && z.aspects.includes('paint') && gaugeCanRead(z.metal),
  );
  const scored = candidates.map((zone) => {
    const paint = byZone.get(zone.slug);
    const needed = readingsNeeded(zone.areaM2);
    const lacking = Math.min(1, (paint ? paint.lacks : needed) / needed);
    return { zone, paint, needed, score: (lacking + doubt(paint)) * Math.sqrt(zone.areaM2) };
  });
  scored.sort((a, b) => b.score - a.score || (a.zone.slug < b.zone.slug ? -1 : 1));
  return scored.slice(0, 3).map(({ zone, paint, needed }) => {
    const placed = placedOn(zone, input.readings);
    const { uMm, vMm } = toPanel(zone, placeFor(zone, placed));
    return { zone: zone.slug, uMm: Math.round(uMm), vMm: Math.round(vMm), why: why(paint, needed) };
  });
}

function placedOn(zone: Zone, readings: readonly FilmReading[]): Point[] {
  return readings.flatMap((r) => (r.zone === zone.slug && r.place ? [toSheet(zone, r.place)] : []));
}
