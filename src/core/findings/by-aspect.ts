import { type Aspect, VIEWS, type View } from '../body/zone';
import type { Cell, Coverage } from '../coverage/coverage';
import { isSeen } from '../coverage/coverage';
import type { StoredRecord } from '../kinds';
import { findingLoss } from './loss';

/** What is known of some aspects of a car: places looked at and not, and the findings, worst first. */
export interface AspectSummary {
  /** Parts of the car that have such places, with how many of the findings lie in each. */
  readonly views: readonly { readonly view: View; readonly findings: number }[];
  readonly cells: readonly Cell[];
  /** Zones × aspects that were looked at, that could not be, and that nobody looked at. */
  readonly seen: number;
  readonly blocked: number;
  readonly unseen: number;
  readonly findings: readonly StoredRecord<'finding'>[];
}

/** Sums up the given aspects over all zones. A finding comes once, worst first by what it costs. */
export function summaryOfAspects(coverage: Coverage, aspects: readonly Aspect[]): AspectSummary {
  const cells = coverage.cells.filter((c) => aspects.includes(c.aspect));
  const findings = [...new Map(cells.flatMap((c) => c.findings).map((f) => [f.id, f])).values()];
  const zoneOf = new Map(cells.map((c) => [c.zone.slug, c.zone]));
  return {
    views: VIEWS.filter((view) => cells.some((c) => c.zone.view === view)).map((view) => ({
      view,
      findings: findings.filter((f) => zoneOf.get(f.body.zone)?.view === view).length,
    })),
    cells,
    seen: cells.filter(isSeen).length,
    blocked: cells.filter((c) => c.status === 'blocked').length,
    unseen: cells.filter((c) => c.status === 'unseen').length,
    findings: findings.sort((a, b) => findingLoss(b.body) - findingLoss(a.body) || (a.id < b.id ? -1 : 1)),
  };
}

/** The part of the car in which most of the findings lie, the first of equals; the outside where there is none. */
export const fullestView = ({ views }: AspectSummary): View =>
  [...views].sort((a, b) => b.findings - a.findings)[0]?.view ?? 'outside';
