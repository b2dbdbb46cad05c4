import { countedRatios } from '../balance/weigh';
import { MARKS, type Mark } from '../catalogue/marks';
import type { PaintState } from './profiles';

const HOUSE = 'house starting value; directions after the handbook of the trade';

/** Flaws of the catalogue that speak against the works' paint where they are found, with the same kind of ratio. */
export const FLAWS_AGAINST: Readonly<Record<string, number>> = {
  'dust-nib': 0.4,
  'fish-eye': 0.3,
  'solvent-pop': 0.35,
  'dry-spray': 0.3,
  'sand-scratches': 0.2,
  overspray: 0.1,
  'masking-line': 0.06,
  'painted-over': 0.1,
  'colour-under-chip': 0.05,
  'colour-mismatch': 0.3,
  'filler-visible': 0.02,
};

/** Flaws that share a cause: spraying again. */
const BY_SPRAYING: ReadonlySet<string> = new Set([
  'dust-nib',
  'fish-eye',
  'solvent-pop',
  'dry-spray',
  'sand-scratches',
  'overspray',
  'masking-line',
  'painted-over',
]);

export const MARK_STRENGTH = {
  /** Bound on what all marks of a panel say together, as a ratio, either way: film that was measured is not argued away. */
  most: 40,
  source: HOUSE,
} as const;

/** One thing seen on a panel for or against its being the works' paint. `id`: a mark, or a flaw of the catalogue. */
export interface SeenMark {
  readonly zone: string;
  readonly id: string;
  /** It counts, but the report does not name it. */
  readonly withheld: boolean;
}

/** The ratio of a mark or of a flaw that speaks against the works' paint; null for what says nothing. */
export function markRatio(id: string): number | null {
  return (MARKS as Readonly<Record<string, Mark>>)[id]?.ratio ?? FLAWS_AGAINST[id] ?? null;
}

/** What shares a cause: marks of one theme, and all signs of having been sprayed. */
const groupOf = (id: string): string =>
  (MARKS as Readonly<Record<string, Mark>>)[id]?.theme ?? (BY_SPRAYING.has(id) ? 'spraying' : id);

/**
 * How many times likelier what was seen on one panel is on the works' paint than on later paint, in the balance of claims
 * (balance/weigh): of each group the strongest and the root of the next; bounded. The same thing seen twice counts once. 1 when
 * nothing that speaks was seen.
 */
export function marksRatio(ids: readonly string[]): number {
  const marks = [...new Set(ids)].flatMap((id) => {
    const ratio = markRatio(id);
    return ratio === null ? [] : [{ id, ratio, group: groupOf(id) }];
  });
  const all = countedRatios(marks).reduce((sum, r) => sum + Math.log(r), 0);
  const most = Math.log(MARK_STRENGTH.most);
  return Math.exp(Math.min(most, Math.max(-most, all)));
}

/** A panel's chances after what was seen on it, summing to 1: the works' paint weighed by the marks' ratio (Bayes). */
export function withMarks(chances: Readonly<Record<PaintState, number>>, ratio: number): Record<PaintState, number> {
  const factory = chances.factory * ratio;
  const sum = factory + chances.resprayed + chances.heavy + chances.filled;
  return {
    factory: factory / sum,
    resprayed: chances.resprayed / sum,
    heavy: chances.heavy / sum,
    filled: chances.filled / sum,
  };
}
