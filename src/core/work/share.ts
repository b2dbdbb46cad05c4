import { type ScaleGrade, scalePartOf, shareOfGrade } from '../catalogue/flaws/iso4628';
import type { Finding } from '../kinds/finding';

/** Share of the zone that a finding covers, 0 to 1: as stated, or as its grade of ISO 4628 stands for; null when neither. */
export function shareOf(finding: Pick<Finding, 'flaw' | 'share' | 'iso4628'>): number | null {
  if (finding.share !== null) return finding.share;
  const part = scalePartOf(finding.flaw);
  return part && finding.iso4628 ? shareOfGrade(part, finding.iso4628.quantity as ScaleGrade) : null;
}
