/**
 * The p-quantile of a sample: linear interpolation between order statistics at (n − 1)p, the "type 7" definition of
 * Hyndman & Fan, The American Statistician 50 (1996). `sorted` ascending; null when it is empty.
 */
export function quantile(sorted: ArrayLike<number>, p: number): number | null {
  if (sorted.length === 0) return null;
  const at = (sorted.length - 1) * Math.min(1, Math.max(0, p));
  const below = Math.floor(at);
  const lo = sorted[below] as number;
  const hi = sorted[Math.min(sorted.length - 1, below + 1)] as number;
  return lo + (hi - lo) * (at - below);
}
