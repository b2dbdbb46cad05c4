import type { Plan } from '../body/plan';
import type { Aspect, Zone } from '../body/zone';
import { aspectOf, type Cell } from '../coverage/coverage';
import { type Judgement, judge } from '../judge/judge';
import type { ModelTables } from '../judge/models';
import type { AnyRecord, StoredRecord } from '../kinds';
import { findingSchema } from '../kinds/finding';
import type { PaintState } from '../paint/profiles';
import type { MadeCar } from './made-car';

/** What of a made car a look leaves out: true where it was not seen. */
export type Hidden = (zone: Zone, aspect: Aspect) => boolean;
const NOTHING_HIDDEN: Hidden = () => false;

const AT = '2026-01-01T00:00:00Z';

/** Year of the sale that made cars come to. */
export const MADE_FOR = 2026;

function carRecord(plan: Plan, ageYears: number): AnyRecord {
  const body = { make: '', model: '', year: MADE_FOR - ageYears, style: plan.style, chassisNumber: 'made', leave: {} };
  return { id: 'made', kind: 'car', version: 1, body } as unknown as AnyRecord;
}

/** What of a finding a made car does not say, as the schema gives it; read once, since made findings are millions. */
const UNSAID = findingSchema.parse({ zone: 'hood', flaw: 'chip', at: AT });

const finding = (f: MadeCar['findings'][number], i: number): StoredRecord<'finding'> => ({
  id: `f${i}`,
  kind: 'finding',
  version: 1,
  body: { ...UNSAID, ...f },
});

/**
 * A made car as the models would judge it after a look that left out what is hidden. What a film gauge would find out is
 * given to the grade as known, since twenty thousand cars are not measured one by one.
 */
export function judgeMade(plan: Plan, made: MadeCar, tables: ModelTables, hidden: Hidden = NOTHING_HIDDEN): Judgement {
  const all = made.findings.map(finding);
  const seen = all.filter((f) => {
    const zone = plan.zones.get(f.body.zone)!;
    const aspect = aspectOf(f.body.flaw, zone);
    return aspect !== null && !hidden(zone, aspect);
  });
  const judgement = judge({ plan, records: [carRecord(plan, made.ageYears), ...seen], tables });
  const cells: Cell[] = [];
  for (const zone of plan.zones.values())
    for (const aspect of zone.aspects) {
      const looked = !hidden(zone, aspect);
      cells.push({ zone, aspect, status: looked ? 'clean' : 'unseen', why: null, looked, findings: [] });
    }
  const zones = [...made.panels]
    .filter(([slug]) => !hidden(plan.zones.get(slug)!, 'paint'))
    .map(([zone, state]) => ({ zone, state: { survivor: surely(state) } }));
  // What is known stands before what the models would say; those that nothing asks never judge.
  return Object.create(judgement, {
    coverage: { value: { cells }, enumerable: true },
    paint: { value: { zones }, enumerable: true },
  }) as Judgement;
}

const surely = (state: PaintState): Record<PaintState, number> => ({
  factory: 0,
  resprayed: 0,
  heavy: 0,
  filled: 0,
  [state]: 1,
});
