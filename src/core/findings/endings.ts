import type { Plan } from '../body/plan';
import { NEEDS, type Need } from '../body/zone';
import { namesAPart } from '../catalogue/flaws/names-a-part';
import type { StoredRecord } from '../kinds';
import type { Ending } from '../model/model';

type Found = StoredRecord<'finding'>;
export type Endings = readonly Ending[];

/** Flaws of a thing as a whole with which the car cannot be used, by what it needs. */
const ENDS: Readonly<Record<Need, ReadonlySet<string>>> = {
  engine: new Set(['inoperative', 'missing']),
  brakes: new Set(['inoperative', 'missing', 'leak-drips']),
  screen: new Set(['missing']),
  'rear-lamps': new Set(['inoperative', 'missing']),
  tires: new Set(['missing', 'tire-damaged']),
};
/** What is needed of each of its places alone; of the others one that is whole will do. */
const EACH_COUNTS: ReadonlySet<Need> = new Set(['engine', 'brakes', 'screen', 'tires']);

/**
 * What ends the use of the car, each need once with the findings that say so: an engine that does not run, brakes that do not
 * hold, no windshield, no lamp at the back, tires that cannot be driven on. A part of a thing that is named (the choke of the
 * engine) does not count as the thing; of the rear lamps all must be out.
 */
export function endingsAmong(findings: readonly Found[], plan: Plan): Endings {
  return NEEDS.flatMap((need) => {
    const places = [...plan.zones.values()].filter((z) => z.need === need);
    const at = places.map((z) =>
      findings.filter((f) => f.body.zone === z.slug && ENDS[need].has(f.body.flaw) && !namesAPart(f.body.where)),
    );
    const gone = at.filter((f) => f.length > 0);
    const ends = gone.length > 0 && (EACH_COUNTS.has(need) || gone.length === places.length);
    return ends ? [{ need, findings: gone.flat().map((f) => f.id) }] : [];
  });
}
