import { type Plan, toPanel } from '@/core/body/plan';
import type { LedgerLine } from '@/core/bright/ledger';
import { dateSays, type JudgedWheels } from '@/core/wheels/model';
import type { DotsProps } from '@/ui/body-plan/plan-types';

/** How far apart the marks of one zone stand, mm. */
const APART_MM = 120;

/** Pieces and tires that want something, at their place on the plan; several at one place beside each other. */
export function pieceDots(
  plan: Plan,
  ledger: readonly LedgerLine[],
  wheels: JudgedWheels,
  on: string,
): DotsProps['dots'] {
  const wanting = ledger
    .filter((l) => l.zone && l.record && (l.record.body.presence !== 'fitted' || l.record.body.faults.length > 0))
    .map((l) => l.zone!);
  const tires = wheels.tires
    .filter(
      (t) =>
        t.zone !== null &&
        (t.worn === 'worn-out' ||
          t.body.faults.length > 0 ||
          dateSays(t.made, t.refused !== null, on, wheels.limits) === 'not-relied-on'),
    )
    .map((t) => t.zone!);
  const taken = new Map<string, number>();
  return [...wanting, ...tires].flatMap((slug) => {
    const zone = plan.zones.get(slug);
    if (!zone) return [];
    const n = taken.get(slug) ?? 0;
    taken.set(slug, n + 1);
    const { uMm, vMm } = toPanel(zone, zone.label);
    return [{ zone: slug, uMm: uMm + n * APART_MM, vMm, kind: 'weak-found' as const }];
  });
}
