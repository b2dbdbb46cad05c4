import { normalQuantile } from '../stats/normal';
import type { Random } from '../stats/random';

/** A reading along a path over a panel, mm from its start. */
export interface PathReading {
  readonly sMm: number;
  readonly um: number;
  readonly over: boolean;
}

export type ChangeAlong =
  | {
      readonly ok: true;
      /** Where the level changes, with the stretch that holds it 8 times in 10. */
      readonly atMm: number;
      readonly lowMm: number;
      readonly highMm: number;
      /** Level after over level before; a lower bound where the thicker side reaches the ceiling. */
      readonly ratio: number;
      readonly p: number;
    }
  | { readonly ok: false; readonly reason: 'too-few' | 'no-change' };

/** House values. */
export const CHANGE_LIMITS = {
  atLeast: 6,
  eachSide: 2,
  belowP: 0.05,
  draws: 500,
  /** How far beside a path readings still count as along it, mm. */
  reachMm: 120,
  source: 'house starting value',
} as const;

/** Half the 80 % point of χ² with one degree of freedom: how far the log-likelihood may lie below its top. */
const WITHIN = normalQuantile(0.9) ** 2 / 2;

/**
 * Where along a path the film changes its level, such as the edge of a repair: the split with the greatest likelihood
 * under two levels with one spread (Hinkley, Biometrika 57, 1970), its interval by likelihood, and a permutation test of
 * the greatest split against none. Readings at the ceiling stand at it. Refuses fewer than six readings, and a change
 * that shuffled readings show as often as one time in twenty.
 */
export function changeAlong(path: readonly PathReading[], random: Random): ChangeAlong {
  const sorted = [...path].sort((a, b) => a.sMm - b.sMm);
  if (sorted.length < CHANGE_LIMITS.atLeast) return { ok: false, reason: 'too-few' };
  const logs = sorted.map((r) => Math.log(Math.max(1, r.um)));
  const found = splits(logs);
  const top = found.reduce((a, b) => (b.gain > a.gain ? b : a));
  let asGood = 1;
  const shuffled = [...logs];
  for (let d = 0; d < CHANGE_LIMITS.draws; d++) {
    for (let i = shuffled.length - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1));
      [shuffled[i], shuffled[j]] = [shuffled[j]!, shuffled[i]!];
    }
    if (Math.max(...splits(shuffled).map((s) => s.gain)) >= top.gain - 1e-12) asGood++;
  }
  const p = asGood / (CHANGE_LIMITS.draws + 1);
  if (p > CHANGE_LIMITS.belowP) return { ok: false, reason: 'no-change' };
  const near = found.filter((s) => top.gain - s.gain <= WITHIN);
  const first = near[0]!;
  const last = near.at(-1)!;
  return {
    ok: true,
    atMm: (sorted[top.at - 1]!.sMm + sorted[top.at]!.sMm) / 2,
    // The change lies between two readings: the stretch runs from the one before to the one after.
    lowMm: sorted[first.at - 1]!.sMm,
    highMm: sorted[last.at]!.sMm,
    ratio: Math.exp(top.after - top.before),
    p,
  };
}

interface Split {
  readonly at: number;
  readonly gain: number;
  readonly before: number;
  readonly after: number;
}

/** Every split with its gain in log-likelihood over one level. */
function splits(values: readonly number[]): Split[] {
  const n = values.length;
  const total = values.reduce((s, v) => s + v, 0);
  const squares = values.reduce((s, v) => s + v * v, 0);
  // Films that read all alike still differ by the gauge's last digit.
  const floor = n * 1e-4;
  const whole = Math.max(floor, squares - (total * total) / n);
  const found: Split[] = [];
  let left = 0;
  for (let at = 1; at < n; at++) {
    left += values[at - 1]!;
    if (at < CHANGE_LIMITS.eachSide || n - at < CHANGE_LIMITS.eachSide) continue;
    const right = total - left;
    const rest = Math.max(floor, squares - (left * left) / at - (right * right) / (n - at));
    found.push({ at, gain: (n / 2) * Math.log(whole / rest), before: left / at, after: right / (n - at) });
  }
  return found;
}
