import { flawById } from '@/core/catalogue/flaws/by-id';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';

export const CAUTIONS = [
  'structural-loss-belts-steering',
  'structure-do-not-lift',
  'tire-over-age',
  'old-paint-lead',
  'brake-dust-asbestos',
  'fuel-leak',
  'local-law',
  'not-driven',
  'gauge-cannot-read',
] as const;
export type Caution = (typeof CAUTIONS)[number];

/** The age at which old coatings may hold lead, by the car's year; house value. */
const LEAD_BEFORE_YEAR = 1980;
/** Places that carry steering, springs, brakes or seat belts. */
const LOAD_PATHS = /^(rail|floor|rocker|pillar|crossmember|apron|bulkhead|tunnel)/;

/** Which cautions belong in this car's report, most pressing first. They remind; they replace no licensed person. */
export function cautionsOf(records: readonly AnyRecord[]): Caution[] {
  const car = recordsOf(records, 'car')[0]?.body;
  const findings = recordsOf(records, 'finding').map((f) => f.body);
  const list: Caution[] = [];
  const structural = findings.filter((f) => flawById(f.flaw).stage === 5);
  if (structural.some((f) => LOAD_PATHS.test(f.zone))) list.push('structural-loss-belts-steering');
  if (structural.length > 0) list.push('structure-do-not-lift');
  if (findings.some((f) => f.flaw === 'tire-aged')) list.push('tire-over-age');
  if (findings.some((f) => f.zone === 'tank' && f.flaw === 'leak-drips')) list.push('fuel-leak');
  if (car?.leave.drive !== 'yes' || structural.length > 0) list.push('not-driven');
  if (car && ['glass-fibre', 'wood'].includes(car.baseMetal)) list.push('gauge-cannot-read');
  if (!car?.year || car.year < LEAD_BEFORE_YEAR) list.push('old-paint-lead', 'brake-dust-asbestos');
  list.push('local-law');
  return list;
}
