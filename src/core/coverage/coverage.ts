import type { Plan } from '../body/plan';
import { type Aspect, VIEWS, type View, type Zone } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import type { AnyRecord, StoredRecord } from '../kinds';
import type { BlockedBy } from '../kinds/look';
import { measuredPlaces } from '../records/measured-places';
import { recordsOf } from '../records/reduce';

/** One zone × aspect and what is known of it. Unseen is never good. */
export interface Cell {
  readonly zone: Zone;
  readonly aspect: Aspect;
  /** `measured`: a figure was taken there, and nobody said that nothing was found. */
  readonly status: 'unseen' | 'measured' | 'clean' | 'findings' | 'blocked';
  readonly why: BlockedBy | null;
  /** Whether somebody said that beside what was found nothing is there. */
  readonly looked: boolean;
  readonly findings: readonly StoredRecord<'finding'>[];
}

export interface Share {
  readonly seen: number;
  readonly blocked: number;
  readonly cells: number;
}

export interface Coverage {
  readonly cells: readonly Cell[];
  readonly whole: Share;
  readonly byView: Readonly<Record<View, Share>>;
}

/** The aspect of a zone that a flaw speaks about: the first of the flaw's aspects that the zone has; null for one that speaks of none. */
export function aspectOf(flawId: string, zone: Zone): Aspect | null {
  const { aspects } = flawById(flawId);
  return aspects.find((a) => zone.aspects.includes(a)) ?? aspects[0] ?? null;
}

/** Whether a zone × aspect counts as looked at. */
export const isSeen = (cell: Pick<Cell, 'status'>) => cell.status !== 'unseen' && cell.status !== 'blocked';

/** Share of cells seen, counting blocked ones as not seen, by number of cells. */
function share(cells: readonly Cell[]): Share {
  const seen = cells.filter(isSeen).length;
  return {
    seen: cells.length === 0 ? 0 : seen / cells.length,
    blocked: cells.filter((c) => c.status === 'blocked').length,
    cells: cells.length,
  };
}

/**
 * What has been looked at: every zone × aspect of the plan as unseen, measured, clean, with findings, or blocked with the
 * reason. A finding outweighs a look; of several looks the latest counts, by instant; a measurement makes a place seen
 * that nobody called clean or blocked.
 */
export function coverageOf(plan: Plan, records: readonly AnyRecord[]): Coverage {
  const looks = new Map<string, StoredRecord<'look'>['body']>();
  for (const { body } of recordsOf(records, 'look')) {
    const key = `${body.zone}/${body.aspect}`;
    const before = looks.get(key);
    if (!before || Date.parse(before.at) <= Date.parse(body.at)) looks.set(key, body);
  }
  const findings = new Map<string, StoredRecord<'finding'>[]>();
  for (const f of recordsOf(records, 'finding')) {
    const zone = plan.zones.get(f.body.zone);
    if (!zone) continue;
    const aspect = aspectOf(f.body.flaw, zone);
    if (aspect === null) continue;
    const key = `${zone.slug}/${aspect}`;
    findings.set(key, [...(findings.get(key) ?? []), f]);
  }
  const measured = measuredPlaces(plan, records);
  const cells: Cell[] = [];
  for (const zone of plan.zones.values()) {
    const extra = [...findings.keys()]
      .filter((k) => k.startsWith(`${zone.slug}/`))
      .map((k) => k.split('/')[1] as Aspect);
    for (const aspect of new Set([...zone.aspects, ...extra])) {
      const found = findings.get(`${zone.slug}/${aspect}`) ?? [];
      const look = looks.get(`${zone.slug}/${aspect}`);
      const figures = measured.has(`${zone.slug}/${aspect}`);
      const looked = look && !(look.outcome === 'blocked' && figures) ? look.outcome : null;
      const status = found.length > 0 ? 'findings' : (looked ?? (figures ? 'measured' : 'unseen'));
      cells.push({
        zone,
        aspect,
        status,
        why: status === 'blocked' ? (look?.why ?? null) : null,
        looked: look?.outcome === 'clean',
        findings: found,
      });
    }
  }
  const byView = Object.fromEntries(VIEWS.map((v) => [v, share(cells.filter((c) => c.zone.view === v))])) as Record<
    View,
    Share
  >;
  return { cells, whole: share(cells), byView };
}
