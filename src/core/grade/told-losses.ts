import type { AxisLoss } from './axes';

/** Losses of an axis as they are told: those of one finding together, and those measured of one kind together. */
export interface ToldLoss {
  readonly by: AxisLoss['by'] | 'rest';
  readonly finding: string | null;
  /** What was measured; null for findings and for what has no place. */
  readonly of: string | null;
  readonly zones: readonly string[];
  readonly points: number;
  /** How many losses stand in it. */
  readonly n: number;
}

/** House value: losses told one by one before the small ones are told together. */
export const LOSSES_TOLD = 6;
/** Points below which a place is not named and a loss is not told; and below which it is told with the rest. */
const WORTH_A_PLACE = 0.05;
const WORTH_A_ROW = 0.3;

/** Whether a loss shows at all in figures of one decimal. Asked where it is told: what is sealed holds all, and computes as it did. */
export const isWorthTelling = ({ points }: { readonly points: number }): boolean => points >= WORTH_A_PLACE;

const ON_RECORD: ReadonlySet<string> = new Set<ToldLoss['by']>(['finding', 'measured', 'rest', 'ends']);

/** Whether a loss stands on record, against what is reckoned with. */
export const isOnRecord = ({ by }: { readonly by: string }): boolean => ON_RECORD.has(by);

const keyOf = (l: AxisLoss) => (l.by === 'finding' ? `f ${l.finding}` : l.by === 'measured' ? `m ${l.of}` : l.by);

function together(losses: readonly AxisLoss[]): ToldLoss {
  const [first] = losses as readonly [AxisLoss];
  return {
    by: first.by,
    finding: first.finding,
    of: first.by === 'measured' ? first.of : null,
    zones: [...new Set(losses.flatMap((l) => (l.zone !== null && l.points >= WORTH_A_PLACE ? [l.zone] : [])))],
    points: losses.reduce((s, l) => s + l.points, 0),
    n: losses.length,
  };
}

/**
 * An axis's losses in the order in which they are told: what ends the use of the car, then what is on record, dearest first
 * and the small ones together, then what was not seen, what any look can miss and what a gate takes. They sum to what the
 * axis lacks to 100, but for what is too small to be told at all.
 */
export function toldLosses(losses: readonly AxisLoss[], most: number = LOSSES_TOLD): ToldLoss[] {
  const groups = new Map<string, AxisLoss[]>();
  for (const l of losses) {
    const key = keyOf(l);
    const held = groups.get(key);
    if (held) held.push(l);
    else groups.set(key, [l]);
  }
  const all = [...groups.values()].map(together).filter((t) => t.points > 1e-9);
  const of = (by: AxisLoss['by']) => all.filter((t) => t.by === by);
  const known = all
    .filter((t) => (t.by === 'finding' || t.by === 'measured') && t.points >= WORTH_A_PLACE)
    .sort((a, b) => b.points - a.points);
  const told = known.filter((t, i) => i < most && (t.points >= WORTH_A_ROW || i === 0));
  const small = known.slice(told.length);
  const rest: ToldLoss[] =
    small.length < 2
      ? small
      : [
          {
            by: 'rest',
            finding: null,
            of: null,
            zones: [...new Set(small.flatMap((t) => t.zones))],
            points: small.reduce((s, t) => s + t.points, 0),
            n: small.length,
          },
        ];
  return [...of('ends'), ...told, ...rest, ...of('unseen'), ...of('missed'), ...of('cap')];
}
