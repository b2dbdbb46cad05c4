import type { NumberedFinding } from './numbered';

/** Why a finding is among what matters most. */
export const MATTERS_FOR = ['ends', 'carries', 'grade', 'money'] as const;
export type MattersFor = (typeof MATTERS_FOR)[number];

export interface Weighed {
  readonly finding: string;
  /** Points of the grade that putting it right would bring, and likely money that it takes. */
  readonly points: number;
  readonly money: number;
  /** The car cannot be used with it; the part carries the car. */
  readonly ends: boolean;
  readonly carries: boolean;
}

const TOLD = 5;
/** Below so many points, or this share of the dearest, a finding is not among what matters. */
const LEAST_POINTS = 0.25;
const LEAST_SHARE = 0.15;

/**
 * The findings that matter most to whoever buys the car, at most five: first what ends its use and what carries it, then
 * those that cost the grade or the purse most, each kind against its own worst. With why. A finding that does little to
 * either is left out: a good car has fewer.
 */
export function mattersMost(
  all: readonly Weighed[],
): readonly { readonly finding: string; readonly why: readonly MattersFor[] }[] {
  const topPoints = Math.max(0, ...all.map((w) => w.points));
  const topMoney = Math.max(0, ...all.map((w) => w.money));
  const share = (of: number, top: number) => (top > 0 ? of / top : 0);
  const ranked = all
    .map((w) => ({
      w,
      rank: (w.ends ? 4 : 0) + (w.carries ? 2 : 0) + share(w.points, topPoints) + share(w.money, topMoney),
    }))
    .filter(({ w }) => w.ends || w.carries || w.points >= LEAST_POINTS || share(w.money, topMoney) >= LEAST_SHARE)
    .sort((a, b) => b.rank - a.rank || (a.w.finding < b.w.finding ? -1 : 1))
    .slice(0, TOLD);
  return ranked.map(({ w }) => {
    const why: MattersFor[] = [];
    if (w.ends) why.push('ends');
    if (w.carries) why.push('carries');
    if (w.points >= LEAST_POINTS && share(w.points, topPoints) >= 0.5) why.push('grade');
    if (share(w.money, topMoney) >= 0.5) why.push('money');
    // Whatever brought it here is said, however it lies to the worst.
    if (why.length === 0) why.push(share(w.points, topPoints) >= share(w.money, topMoney) ? 'grade' : 'money');
    return { finding: w.finding, why };
  });
}

/** A finding's number by its record's id. */
export const numbersOf = (findings: readonly NumberedFinding[]): ReadonlyMap<string, NumberedFinding> =>
  new Map(findings.map((f) => [f.record.id, f]));
