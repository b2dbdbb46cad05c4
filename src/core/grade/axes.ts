import type { Axis } from '../catalogue/axes';
import type { Sort } from '../catalogue/flaws/flaw';
import { alongCurve } from './curve';
import type { GradedBy } from './graded-by';
import { lostShare, type Piece, type PieceLoss } from './pieces';
import type { LensTable } from './tables';
import { kindOf } from './yardstick';

/** What a car lost, as the axes are reckoned from it. */
export interface Losses {
  /** The pieces of each axis. */
  readonly pieces: Readonly<Record<Axis, readonly Piece[]>>;
  /** Share lost to reckon with at pieces of which not all is known. */
  readonly expected: ReadonlyMap<Piece, number>;
  /** Chance that a zone's finish is the works', where it tells. */
  readonly original: ReadonlyMap<string, number>;
  /** How many things end the use of the car. */
  readonly ends: number;
}

/** Something that an axis loses: points, and what it is. */
export interface AxisLoss {
  /** `finding`, `measured`: on record. `unseen`: to be reckoned with. `missed`: what any look can miss. `ends`: the car cannot be used. `cap`: a gate. */
  readonly by: 'finding' | 'measured' | 'unseen' | 'missed' | 'ends' | 'cap';
  readonly zone: string | null;
  readonly of: string | null;
  readonly finding: string | null;
  readonly points: number;
}

/** How much a school minds a loss at a place whose finish is the works' with that chance. */
function minding(sort: Sort | undefined, original: number, lens: LensTable): number {
  if (sort === 'patina') return 1 + original * (lens.patina - 1);
  if (sort === 'incomplete') return lens.incomplete;
  return sort === 'hidden' ? lens.hidden : 1;
}

/** One thing that a piece lost, with its effort as a school minds it; `null`: what is to be reckoned with. */
type Take = (loss: PieceLoss | null, minded: number) => void;

/**
 * What each of a piece's losses takes of it. Those that a school minds most come first, and what they took is not taken
 * again, so that one more loss, however little it is minded, never makes the piece better; of equals, each by its size.
 */
function takeFound(p: Piece, mindOf: (l: PieceLoss) => number, take: Take): void {
  const [first] = p.losses;
  if (first && p.losses.length === 1) {
    take(first, p.whole * first.share * mindOf(first));
    return;
  }
  let kept = p.whole;
  for (const mind of [...new Set(p.losses.map(mindOf))].sort((a, b) => b - a)) {
    const alike = p.losses.filter((l) => mindOf(l) === mind);
    const together = kept * lostShare(alike);
    kept -= together;
    const sum = alike.reduce((s, l) => s + l.share, 0);
    for (const l of alike) {
      take(l, sum === 0 ? 0 : (together * l.share * mind) / sum);
    }
  }
}

/** What a piece's losses take of it, and what is to be reckoned with beside them where not all of it was seen. */
function takeAll(p: Piece, car: Losses, lens: LensTable | null, by: GradedBy, take: Take): void {
  const minds = lens?.minds[p.axis] ?? 1;
  const original = (p.of === 'paint' ? car.original.get(p.zone) : undefined) ?? by.grade.originalUntold;
  let found = 0;
  takeFound(
    p,
    (l) => (lens ? minds * minding(l.sort, original, lens) : 1),
    (loss, minded) => {
      found += minded;
      take(loss, minded);
    },
  );
  const expected = car.expected.get(p) ?? 0;
  if (expected === 0) return;
  const { patina, hidden } = kindOf(p.kind, p.axis, by.yardstick);
  const mind = lens ? minds * (1 + patina * original * (lens.patina - 1) + hidden * (lens.hidden - 1)) : 1;
  const more = p.whole * expected * mind - found;
  if (more > 0) take(null, more);
}

/** An axis by the effort of what was lost: its value before what ends the use of the car, and the points that this costs. */
function lostOf(axis: Axis, minded: number, whole: number, { grade: tables }: GradedBy): number {
  const top = 100 - tables.missed;
  return whole === 0 ? 0 : (alongCurve(tables.curves[axis], Math.min(1, minded / whole)) * top) / 100;
}

/** What is left of an axis where things end the use of the car: they pull the running axis down as a whole. */
function leftOf(axis: Axis, ends: number, { grade: tables }: GradedBy): number {
  return axis === 'running' && ends > 0 ? tables.ends.first * tables.ends.further ** (ends - 1) : 1;
}

/**
 * One axis of a car, 0 to 100, as one school sees it or as all do: the effort of putting right what was lost, as a share of
 * redoing the whole axis from nothing, through the axis's curve. Clean places do not dilute.
 */
export function axisValue(axis: Axis, car: Losses, lens: LensTable | null, by: GradedBy): number {
  let [whole, minded] = [0, 0];
  const take: Take = (_loss, m) => {
    minded += m;
  };
  for (const p of car.pieces[axis]) {
    whole += p.whole;
    if (p.losses.length > 0 || p.state !== 'looked') takeAll(p, car, lens, by, take);
  }
  return (100 - by.grade.missed - lostOf(axis, minded, whole, by)) * leftOf(axis, car.ends, by);
}

/** A loss that has no place of its own. */
export const lossOf = (by: AxisLoss['by'], points: number): AxisLoss => ({
  by,
  zone: null,
  of: null,
  finding: null,
  points,
});

/** What an axis lost as all schools see it, making up the difference of its value to 100: shared out by effort, dearest first. */
export function axisLosses(axis: Axis, car: Losses, by: GradedBy): AxisLoss[] {
  let [whole, total] = [0, 0];
  const taken: (Omit<AxisLoss, 'points'> & { minded: number })[] = [];
  for (const p of car.pieces[axis]) {
    whole += p.whole;
    takeAll(p, car, null, by, (loss, minded) => {
      if (minded <= 0) return;
      total += minded;
      const from = loss === null ? 'unseen' : loss.finding === undefined ? 'measured' : 'finding';
      taken.push({ by: from, zone: p.zone, of: loss?.as ?? p.of, finding: loss?.finding ?? null, minded });
    });
  }
  const lost = lostOf(axis, total, whole, by);
  const used = 100 - by.grade.missed - lost;
  const left = leftOf(axis, car.ends, by);
  return [
    lossOf('missed', by.grade.missed),
    ...taken.map(({ minded, ...t }) => ({ ...t, points: (lost * minded) / total })),
    ...(left < 1 ? [lossOf('ends', used * (1 - left))] : []),
  ].sort((a, b) => b.points - a.points);
}
