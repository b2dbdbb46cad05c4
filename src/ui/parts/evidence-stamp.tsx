import type { Evidence } from '@/core/kinds/common';

/** How a statement is known, as a small stamp in type. */
export function EvidenceStamp({ evidence }: { evidence: Evidence }) {
  return <span className="stamp">{evidence}</span>;
}
