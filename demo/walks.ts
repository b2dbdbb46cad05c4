import type { View } from '../src/core/body/zone';
import type { PhotoOrder } from './lot';
import type { CarTruth } from './truth';
import type { DemoVisit } from './visit';

/** Reads every painted panel as densely as the sampling floor asks. */
export function measureAll(
  v: DemoVisit,
  truth: CarTruth,
  visit: string,
  few: readonly string[] = [],
  unit: 'um' | 'mil' = 'um',
): void {
  for (const slug of v.plan.lap.outside) {
    const zone = v.plan.zones.get(slug)!;
    if (!zone.aspects.includes('paint')) continue;
    v.readings(
      slug,
      few.includes(slug) ? 3 : 5 + Math.max(0, Math.ceil((zone.areaM2 - 0.5) / 0.25)),
      truth,
      500,
      visit,
      unit,
    );
  }
}

type Found = readonly [zone: string, flaw: string, extra: object];
type Claim = readonly [kind: string, text: string, source: string];

/** Enters what was claimed of the car and what was found, in this order. */
export function enter(v: DemoVisit, claims: readonly Claim[], findings: readonly Found[]): void {
  for (const [kind, text, source] of claims) v.put('claim', { kind, text, source, saidAt: v.at() });
  for (const [zone, flaw, extra] of findings) v.finding(zone, flaw, extra);
}

/** Looks at everything in those views that has no finding yet, but for the zones named. */
export function cleanAll(v: DemoVisit, views: readonly View[], except: readonly string[] = []): void {
  for (const view of views) v.clean(view, except);
}

/** A lot that is half done: outside measured and walked, the rest open. */
export const halfWalk =
  (truth: CarTruth) =>
  (v: DemoVisit, visit: string): PhotoOrder[] => {
    measureAll(v, truth, visit, ['roof']);
    v.finding('hood', 'chip', { count: 5, sizeMm: 3 });
    v.finding('fender.left', 'rust-blister', { count: 2, sizeMm: 15, where: 'bottom' });
    v.clean('outside', ['glass.rear', 'bumper.rear', 'valance.rear']);
    v.clean('engine', ['battery']);
    return [
      { subject: 'chips', zone: 'hood', finding: 0, caption: 'Leading edge' },
      { subject: 'blisters', zone: 'fender.left', finding: 1, caption: 'Bottom' },
    ];
  };

/** A lot just begun: a few panels looked at. */
export function begunWalk(v: DemoVisit): PhotoOrder[] {
  for (const zone of v.plan.lap.outside.slice(0, 7))
    for (const aspect of v.plan.zones.get(zone)!.aspects) v.look(zone, aspect);
  v.finding('hood', 'ding', { sizeMm: 15, where: 'right of centre' });
  return [];
}
