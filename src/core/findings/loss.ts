import { flawById } from '../catalogue/flaws/by-id';
import type { Finding } from '../kinds/finding';
import { sizeOf } from '../work/extent';
import { shareOf } from '../work/share';

/**
 * How grave one finding is drawn and listed, 0 upwards: the flaw's for a typical one, times the square roots of count and of
 * size (or share) against the typical, so that many small ones saturate. What it costs the grade is core/work's.
 */
export function findingLoss(
  finding: Pick<Finding, 'flaw' | 'count' | 'sizeMm' | 'share' | 'iso4628' | 'touchedIn'> &
    Partial<Pick<Finding, 'outline'>>,
): number {
  const flaw = flawById(finding.flaw);
  const share = shareOf(finding);
  const byShare = share !== null && share > 0 ? Math.sqrt(share / (flaw.typicalShare ?? 0.05)) : null;
  const size = sizeOf(finding);
  const bySize = size === null ? 1 : Math.sqrt(size / flaw.typicalMm);
  const extent = Math.min(4, Math.max(0.3, byShare ?? bySize));
  const touched = finding.touchedIn ? 0.6 : 1;
  return flaw.loss * Math.sqrt(finding.count) * extent * touched;
}

/** How far a finding's pin is filled, 0 to 1, from its loss. */
export function severity(finding: Parameters<typeof findingLoss>[0]): number {
  return 1 - Math.exp(-2.2 * findingLoss(finding));
}
