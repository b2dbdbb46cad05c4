import { DEFAULT_WEAK_TABLE } from '../src/core/catalogue/weak-spots';
import type { AnyRecord, BodyOf } from '../src/core/kinds';
import { findingSchema } from '../src/core/kinds/finding';
import { weakPlaces } from '../src/core/metal/weak-places';
import type { DemoVisit } from './visit';

/** Ticks the weak spots of the car as sound where the visit found nothing, but for those at the zones that are left. */
export function tickWeakSpots(v: DemoVisit, car: BodyOf<'car'>, left: readonly string[]): void {
  const findings = v.changes.flatMap((c): AnyRecord[] =>
    c.op === 'put' && c.kind === 'finding'
      ? [{ id: c.record, kind: 'finding', version: 1, body: findingSchema.parse(c.body) }]
      : [],
  );
  for (const { zone, spot, state } of weakPlaces(v.plan, findings, car, DEFAULT_WEAK_TABLE))
    if (state === 'unseen' && !left.includes(zone)) v.put('weak', { zone, spot, outcome: 'sound', at: v.at() });
}
