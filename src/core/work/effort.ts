import { type Aspect, partOf, type Zone } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import type { Takes } from '../catalogue/flaws/flaw';
import { namesAPart } from '../catalogue/flaws/names-a-part';
import type { RemedyId } from '../catalogue/remedies';
import type { Finding } from '../kinds/finding';
import { sizeOf } from './extent';
import { shareOf } from './share';
import type { AnewRow, WorkTable } from './work-table';

/** Effort of one piece of work in the house's currency: likely hours at its trades' mean rate, and likely parts. */
export function effortOf(remedy: RemedyId, table: WorkTable): number {
  const { trades, hours, parts } = table.remedies[remedy]!;
  const rate = trades.reduce((s, t) => s + table.rates[t]!, 0) / trades.length;
  return hours[1] * rate + parts[1];
}

/** Share of a place's paint that a finding spoils beside what it is itself; 0 for one that does not, or is of the paint. */
export function paintSpoilt(finding: Told, zone: Pick<Zone, 'aspects'>, aspect: Aspect, table: WorkTable): number {
  const { marksPaint } = flawById(finding.flaw);
  if (marksPaint === undefined || aspect === 'paint' || !zone.aspects.includes('paint')) return 0;
  return Math.min(table.mostOfPlace, marksPaint * extentOf(finding, 'extent', table));
}

const fits = (row: AnewRow, aspect: Aspect, part: string, zone: Pick<Zone, 'view'>) =>
  row.aspect === aspect &&
  (row.parts.length === 0 || row.parts.includes(part)) &&
  (row.view === null || row.view === zone.view);

type Place = Pick<Zone, 'slug' | 'view' | 'structural' | 'areaM2'>;

/** Metal that carries the car counts for more than other metal: by how much its effort is weighed. */
export const bearing = (zone: Place, aspect: Aspect, table: WorkTable) =>
  zone.structural && (aspect === 'corrosion' || aspect === 'structure') ? table.structural : 1;

/**
 * Effort of redoing an aspect of a place from nothing, in the house's currency; by the first row of the table that fits the
 * place. What carries steering, springs, brakes or belts counts for more. 0 where no row fits: then it weighs nothing.
 */
export function anewOf(zone: Place, aspect: Aspect, table: WorkTable): number {
  let known = KNOWN.get(table);
  if (!known) {
    known = new WeakMap();
    KNOWN.set(table, known);
  }
  let own = known.get(zone);
  if (!own) {
    own = new Map();
    known.set(zone, own);
  }
  let effort = own.get(aspect);
  if (effort === undefined) {
    effort = reckonAnew(zone, aspect, table);
    own.set(aspect, effort);
  }
  return effort;
}

/** Reckoned once for every zone of a plan and table. */
const KNOWN = new WeakMap<WorkTable, WeakMap<Place, Map<Aspect, number>>>();

/** What redoing an aspect of a place is: the first row of the table that fits it; absent where none does. */
export const anewRowOf = (zone: Pick<Zone, 'slug' | 'view'>, aspect: Aspect, table: WorkTable): AnewRow | undefined =>
  table.anew.find((r) => fits(r, aspect, partOf(zone.slug), zone));

function reckonAnew(zone: Place, aspect: Aspect, table: WorkTable): number {
  const row = anewRowOf(zone, aspect, table);
  if (!row) return 0;
  return effortOf(row.remedy, table) * (row.times + row.perM2 * zone.areaM2) * bearing(zone, aspect, table);
}

type Told = Pick<Finding, 'flaw' | 'count' | 'sizeMm' | 'share' | 'iso4628' | 'touchedIn' | 'where'> &
  Partial<Pick<Finding, 'outline'>>;

/** What putting a finding right takes: where a thing at the place is named, that thing alone. */
export function takesOf(finding: Pick<Finding, 'flaw' | 'where'>): Takes {
  const flaw = flawById(finding.flaw);
  return flaw.takesNamed && namesAPart(finding.where) ? flaw.takesNamed : flaw.takes;
}

/** How much more than a typical one a finding takes, by number and by size or share of the place. */
export function extentOf(finding: Told, grows: Takes['grows'], table: WorkTable): number {
  const { many, extent } = table;
  const { count } = finding;
  if (grows === 'once') return 1;
  const each = Math.min(count, many.full) + many.rest * Math.max(0, count - many.full);
  const flaw = flawById(finding.flaw);
  const share = shareOf(finding);
  const against =
    share !== null && share > 0
      ? share / (flaw.typicalShare ?? 0.05)
      : (sizeOf(finding) ?? flaw.typicalMm) / flaw.typicalMm;
  const by = Math.min(extent.most, Math.max(extent.least, against ** extent.bySize));
  return by * (grows === 'each' ? each : count ** extent.byCount);
}

/**
 * Effort of putting one finding right at its place, in the house's currency: the fitting remedy by number, size or share;
 * never more than redoing the place takes. Grows with each of them and never falls.
 */
export function findingEffort(finding: Told, zone: Place, aspect: Aspect, table: WorkTable): number {
  const whole = anewOf(zone, aspect, table);
  const { remedy, times, grows } = takesOf(finding);
  const one = remedy === 'anew' ? whole : effortOf(remedy, table) * bearing(zone, aspect, table);
  const effort = one * times * extentOf(finding, grows, table) * (finding.touchedIn ? table.touchedIn : 1);
  return Math.min(table.mostOfPlace * whole, effort);
}
