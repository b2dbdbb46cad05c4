/**
 * Protection rating of plated articles by the share of their surface that is defective: R = 3 (2 − log₁₀ A), A in per cent,
 * rounded; 10 only where there is none, 0 at the least (ISO 10289, 6.1). `share` 0 to 1.
 */
export function platingRating(share: number): number {
  if (share <= 0) return 10;
  return Math.min(9, Math.max(0, Math.round(3 * (2 - Math.log10(100 * share)))));
}
