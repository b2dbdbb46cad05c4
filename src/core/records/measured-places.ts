import type { Plan } from '../body/plan';
import { type AnyRecord, kindOf, RECORD_KINDS } from '../kinds';
import { recordsOf } from './reduce';

/** The places where something was measured, as `zone/aspect`: what was measured was looked at. */
export function measuredPlaces(plan: Plan, records: readonly AnyRecord[]): ReadonlySet<string> {
  const places = new Set<string>();
  for (const kind of RECORD_KINDS) {
    const { sees } = kindOf(kind);
    if (!sees) continue;
    for (const { body } of recordsOf(records, kind))
      for (const [zone, aspect] of sees(body as never, plan)) places.add(`${zone}/${aspect}`);
  }
  return places;
}
