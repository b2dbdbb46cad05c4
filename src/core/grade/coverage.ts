import type { Plan } from '../body/plan';
import { type Aspect, VIEWS, type View, type Zone } from '../body/zone';
import { flawById } from '../flaws/loss';
import type { AnyRecord, StoredRecord } from '../records/kinds';
import type { BlockedBy } from '../records/kinds/look';
import { recordsOf } from '../records/reduce';

/** One zone × aspect and what is known of it. Unseen is never good. */
export interface Cell {
  readonly zone: Zone;
  readonly aspect: Aspect;
  readonly status: 'unseen' | 'clean' | 'findings' | 'blocked';
  readonly why: BlockedBy | null;
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

/** The aspect of a zone that a flaw speaks about: the first of the flaw's aspects that the zone has. */
export function aspectOf(flawId: string, zone: Zone): Aspect {
  const { aspects } = flawById(flawId);
  return aspects.find((a) => zone.aspects.includes(a)) ?? aspects[0];
}

/** Share of cells seen, counting blocked ones as not seen, by number of cells. */
function share(cells: readonly Cell[]): Share {
  const seen = cells.filter((c) => c.status === 'clean' || c.status === 'findings').length;
  return {
    seen: cells.length === 0 ? 0 : seen / cells.length,
    blocked: cells.filter((c) => c.status === 'blocked').length,
    cells: cells.length,
  };
}

/**
 * What has been looked at: every zone × aspect of the plan as unseen, clean, with findings, or blocked with the reason.
 * A finding outweighs a clean look; of several looks the latest counts.
 */
export function coverageOf(plan: Plan, records: readonly AnyRecord[]): Coverage {
  const looks = new Map<string, StoredRecord<'look'>['body']>();
  for (const { body } of recordsOf(records, 'look')) {
    const key = `${body.zone}/${body.aspect}`;
    const before = looks.get(key);
    if (!before || before.at <= body.at) looks.set(key, body);
  }
  const findings = new Map<string, StoredRecord<'finding'>[]>();
  for (const f of recordsOf(records, 'finding')) {
    const zone = plan.zones.get(f.body.zone);
    if (!zone) continue;
    const key = `${zone.slug}/${aspectOf(f.body.flaw, zone)}`;
    findings.set(key, [...(findings.get(key) ?? []), f]);
  }
  const cells: Cell[] = [];
  for (const zone of plan.zones.values()) {
    const extra = [...findings.keys()]
      .filter((k) => k.startsWith(`${zone.slug}/`))
      .map((k) => k.split('/')[1] as Aspect);
    for (const aspect of new Set([...zone.aspects, ...extra])) {
      const found = findings.get(`${zone.slug}/${aspect}`) ?? [];
      const look = looks.get(`${zone.slug}/${aspect}`);
      const status = found.length > 0 ? 'findings' : (look?.outcome ?? 'unseen');
      cells.push({ zone, aspect, status, why: status === 'blocked' ? (look?.why ?? null) : null, findings: found });
    }
  }
  const byView = Object.fromEntries(VIEWS.map((v) => [v, share(cells.filter((c) => c.zone.view === v))])) as Record<
    View,
    Share
  >;
  return { cells, whole: share(cells), byView };
}
