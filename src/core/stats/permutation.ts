import type { Random } from './random';

/**
 * Two-sided p-value for "both samples come from one population", from the difference of mean ranks under relabelling
 * (Fisher; Good, Permutation Tests, 2nd ed., §3.2): the share of `draws` random relabellings with a difference at least
 * as large, counting the observed one. Values at or above `ceiling` are ties at the top, so that right-censored readings
 * take part as what they are. 1 when either sample is empty.
 */
export function permutationP(
  a: readonly number[],
  b: readonly number[],
  ceiling: number,
  random: Random,
  draws = 2000,
): number {
  if (a.length === 0 || b.length === 0) return 1;
  const ranks = midRanks([...a, ...b].map((v) => Math.min(v, ceiling)));
  const total = ranks.reduce((s, r) => s + r, 0);
  const difference = (sumA: number) => Math.abs(sumA / a.length - (total - sumA) / b.length);
  const observed = difference(ranks.slice(0, a.length).reduce((s, r) => s + r, 0));
  const pool = [...ranks];
  let asLarge = 1;
  for (let d = 0; d < draws; d++) {
    // The first places of a shuffle that stops there (Durstenfeld, CACM 7, 1964).
    let sum = 0;
    for (let i = 0; i < a.length; i++) {
      const j = i + Math.floor(random() * (pool.length - i));
      [pool[i], pool[j]] = [pool[j]!, pool[i]!];
      sum += pool[i]!;
    }
    if (difference(sum) >= observed - 1e-9) asLarge++;
  }
  return asLarge / (draws + 1);
}

/** Ranks from 1; equal values share the mean of their ranks. */
export function midRanks(values: readonly number[]): number[] {
  const order = values.map((_, i) => i).sort((i, j) => values[i]! - values[j]!);
  const ranks = new Array<number>(values.length).fill(0);
  for (let i = 0; i < order.length; ) {
    let j = i;
    while (j < order.length && values[order[j]!] === values[order[i]!]) j++;
    for (let k = i; k < j; k++) ranks[order[k]!] = (i + j + 1) / 2;
    i = j;
  }
  return ranks;
}
