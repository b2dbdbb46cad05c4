import { AXES } from '../catalogue/axes';
import type { BlockedBy } from '../kinds/look';
import { axisValue, type Losses } from './axes';
import { alongCurve } from './curve';
import type { GradedBy } from './graded-by';
import type { Piece } from './pieces';
import { LENSES, type Lens } from './tables';
import type { CarValues } from './values';
import { weighed, wholeOf } from './whole';
import { kindOf, marginAt } from './yardstick';

/** A place where a look would narrow the grade. */
export interface UnseenMover {
  readonly zone: string;
  /** Points of doubt that it makes by itself, on the mean of all lenses. */
  readonly points: number;
  /** Why it could not be looked at, where somebody said so: that must be cleared first. */
  readonly blocked: BlockedBy | null;
}

/** A finding whose repair would raise the grade. */
export interface RepairMover {
  readonly zone: string;
  readonly finding: string;
  /** Points by which the whole would rise, under each lens, were it put right alone. */
  readonly points: Readonly<Record<Lens, number>>;
  /** What putting it right takes, in the house's currency. */
  readonly effort: number;
}

const MOVERS_TOLD = 8;
/** Findings tried in full; those that cost their axis least are left out. */
const REPAIRS_TRIED = 14;

/** How far what a place has lost differs between cars: the standard deviation of its share, by its kind's margin. */
function spreadOf([p, meanLog, sdLog]: readonly [number, number, number]): number {
  const mean = Math.exp(meanLog + sdLog ** 2 / 2);
  const square = Math.exp(2 * meanLog + 2 * sdLog ** 2);
  return Math.sqrt(Math.max(0, p * Math.min(1, square) - (p * Math.min(1, mean)) ** 2));
}

/** Unseen places, those that make most doubt first; blocked ones among them with what blocks them. */
export function unseenMovers({ pieces }: Pick<Losses, 'pieces'>, ageYears: number, by: GradedBy): UnseenMover[] {
  const { grade: tables, yardstick } = by;
  const zones = new Map<string, { points: number; blocked: BlockedBy | null }>();
  for (const axis of AXES) {
    const whole = pieces[axis].reduce((s, p) => s + p.whole, 0);
    const weight =
      LENSES.reduce((s, l) => s + weighed(tables.lenses[l]!, (a) => (a === axis ? 1 : 0)), 0) / LENSES.length;
    for (const p of pieces[axis]) {
      if (p.state !== 'unseen' || p.extra || p.whole === 0) continue;
      const spread = spreadOf(marginAt(kindOf(p.kind, axis, yardstick), ageYears, yardstick.ages));
      const points = weight * alongCurve(tables.curves[axis], Math.min(1, (p.whole * spread) / whole));
      const held = zones.get(p.zone);
      zones.set(p.zone, { points: (held?.points ?? 0) + points, blocked: held?.blocked ?? p.blocked });
    }
  }
  return [...zones]
    .map(([zone, m]) => ({ zone, ...m }))
    .sort((a, b) => b.points - a.points)
    .slice(0, MOVERS_TOLD);
}

/** What a finding to be put right stands in. */
interface Repair {
  readonly pieces: readonly Piece[];
  readonly finding: string;
  readonly heavy: number;
}

/** Findings by what they take of their pieces, most first; what ends the use of the car before all. */
function repairsOf(car: Losses, endings: ReadonlyMap<string, number>): Repair[] {
  const found = new Map<string, { pieces: Piece[]; heavy: number }>();
  for (const p of Object.values(car.pieces).flat())
    for (const l of p.losses) {
      if (l.finding === undefined) continue;
      const held = found.get(l.finding) ?? { pieces: [], heavy: endings.has(l.finding) ? Infinity : 0 };
      held.pieces.push(p);
      held.heavy += p.whole * l.share;
      found.set(l.finding, held);
    }
  return [...found]
    .map(([finding, f]) => ({ finding, ...f }))
    .sort((a, b) => b.heavy - a.heavy)
    .slice(0, REPAIRS_TRIED);
}

/** The car with one finding put right. */
function mended(car: Losses, { pieces, finding }: Repair, endings: ReadonlyMap<string, number>): Losses {
  const expected = new Map(car.expected);
  const after = { ...car.pieces };
  for (const p of pieces) {
    const whole: Piece = { ...p, losses: p.losses.filter((l) => l.finding !== finding) };
    after[p.axis] = after[p.axis].map((q) => (q === p ? whole : q));
    if (expected.has(p)) expected.set(whole, expected.get(p)!);
  }
  return { ...car, pieces: after, expected, ends: car.ends - (endings.get(finding) ?? 0) };
}

/**
 * Findings by how much putting each right alone would raise the whole, most first. `effortOf`: what that takes; `endings`:
 * how much of what ends the use of the car each finding is.
 */
export function repairMovers(
  car: Losses,
  values: CarValues,
  effortOf: ReadonlyMap<string, number>,
  endings: ReadonlyMap<string, number>,
  by: GradedBy,
): RepairMover[] {
  const { grade: tables } = by;
  return repairsOf(car, endings)
    .map((repair) => {
      const without = mended(car, repair, endings);
      const moved = new Set(repair.pieces.map((p) => p.axis));
      if (without.ends !== car.ends) moved.add('running');
      const points = Object.fromEntries(
        LENSES.map((l) => {
          const lens = tables.lenses[l]!;
          const axes = { ...values.lenses[l].axes };
          for (const a of moved) axes[a] = axisValue(a, without, lens, by);
          return [l, wholeOf(axes, lens, tables.exponent) - values.lenses[l].whole];
        }),
      ) as Record<Lens, number>;
      const { finding } = repair;
      return { zone: repair.pieces[0]!.zone, finding, points, effort: effortOf.get(finding) ?? 0 };
    })
    .sort((a, b) => total(b.points) - total(a.points))
    .slice(0, MOVERS_TOLD);
}

const total = (points: Readonly<Record<Lens, number>>) => LENSES.reduce((s, l) => s + points[l], 0);
