import type { Plan } from '../../body/plan';
import type { Aspect } from '../../body/zone';
import { recordsOf } from '../reduce';
import type { AnyRecord, BodyOf, RecordKind } from './index';

type Sees<K extends RecordKind> = (body: BodyOf<K>, plan: Plan) => readonly (readonly [zone: string, aspect: Aspect])[];

/** Which zone × aspect each kind of measurement looks at. A gauge that showed nothing looked at nothing. */
const MEASURES: { readonly [K in RecordKind]?: Sees<K> } = {
  reading: (r) => (r.state === 'none' ? [] : [[r.zone, 'paint']]),
  gap: (g, plan) =>
    g.stations.some((s) => s.touched !== 'dropped' && (s.gapMm !== null || s.flushMm !== null))
      ? (plan.seams.get(g.seam)?.zones ?? []).map((zone) => [zone, 'fit'])
      : [],
  shut: (s) => (s.feel !== null || s.dropMm !== null ? [[s.zone, 'fit']] : []),
  waves: (w) => [[w.zone, 'shape']],
};

/** The places where something was measured, as `zone/aspect`: what was measured was looked at. */
export function measuredPlaces(plan: Plan, records: readonly AnyRecord[]): ReadonlySet<string> {
  const places = new Set<string>();
  for (const [kind, sees] of Object.entries(MEASURES) as [RecordKind, Sees<RecordKind>][])
    for (const { body } of recordsOf(records, kind))
      for (const [zone, aspect] of sees(body, plan)) places.add(`${zone}/${aspect}`);
  return places;
}
