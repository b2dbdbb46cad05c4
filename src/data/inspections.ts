import { and, count, desc, eq, ne, sql } from 'drizzle-orm';
import type { AnyRecord } from '@/core/kinds';
import { withDefaults } from '@/core/kinds/with-defaults';
import { type Bundle, writeBundle } from '@/core/records/bundle';
import { PRACTICE, type SaleFacts } from '@/core/yard/sale-facts';
import type { Actor } from './actor';
import { type Db, inOrg, type Tx } from './db';
import { notBlind } from './practice';
import { type InspectionState, inspection, lot } from './tables/lots';
import { record } from './tables/records';
import { sale } from './tables/sales';

export interface InspectionHead {
  readonly id: string;
  readonly revision: number;
  readonly state: InspectionState;
  readonly changeCount: number;
  /** Hash of the log's last line. */
  readonly logHead: string;
  /** Number of the newest log line; what comes after it is news. */
  readonly seq: number;
  readonly lot: { id: string; number: number; title: string; reportDueOn: string | null };
  /** Why this revision was begun; empty for a first one. */
  readonly reason: string;
  readonly sale: {
    id: string;
    name: string;
    /** The house's own sale of practice cars and second looks: nothing of it is sealed. */
    practice: boolean;
    place: string;
    currency: string;
    opensOn: string | null;
    closesOn: string | null;
    timeZone: string;
    words: SaleFacts['words'];
    units: SaleFacts['units'];
    kerb: SaleFacts['kerb'];
  };
}

const columns = {
  id: inspection.id,
  revision: inspection.revision,
  state: inspection.state,
  changeCount: inspection.changeCount,
  logHead: inspection.logHead,
  reason: inspection.revisionReason,
  // Named in full: inside the sub-query a bare column would be the log's own.
  seq: sql<number>`(select coalesce(max(l.seq), 0) from change_log l where l.inspection_id = "inspection"."id")`.mapWith(
    Number,
  ),
  lot: { id: lot.id, number: lot.number, title: lot.title, reportDueOn: lot.reportDueOn },
  sale: {
    id: sale.id,
    name: sale.name,
    practice: sql<boolean>`${sale.state} = ${PRACTICE}`,
    place: sale.place,
    currency: sale.currency,
    opensOn: sale.opensOn,
    closesOn: sale.closesOn,
    timeZone: sale.timeZone,
    words: sale.words,
    units: sale.units,
    kerb: sale.kerb,
  },
};

const heads = (tx: Tx) =>
  tx
    .select(columns)
    .from(inspection)
    .innerJoin(lot, eq(lot.id, inspection.lotId))
    .innerJoin(sale, eq(sale.id, lot.saleId));

/** The inspections of a lot that were not given up. */
const standing = (actor: Actor, lotId: string) =>
  and(
    eq(inspection.lotId, lotId),
    eq(inspection.orgId, actor.orgId),
    ne(inspection.state, 'given-up'),
    notBlind(actor),
  );

/** One inspection of the actor's organisation, or null. */
export async function inspectionHead(db: Db, actor: Actor, id: string): Promise<InspectionHead | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    heads(tx).where(and(eq(inspection.id, id), eq(inspection.orgId, actor.orgId), notBlind(actor))),
  );
  return row ?? null;
}

/** The newest inspection of a lot, or null. */
export async function currentInspection(db: Db, actor: Actor, lotId: string): Promise<InspectionHead | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    heads(tx).where(standing(actor, lotId)).orderBy(desc(inspection.revision)).limit(1),
  );
  return row ?? null;
}

/** All revisions of a lot, newest first. */
export async function revisionsOf(db: Db, actor: Actor, lotId: string): Promise<InspectionHead[]> {
  return inOrg(db, actor, (tx) => heads(tx).where(standing(actor, lotId)).orderBy(desc(inspection.revision)));
}

/** All records of an inspection, in the order they were made. */
export async function recordsOfInspection(db: Db, actor: Actor, id: string): Promise<AnyRecord[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({ id: record.id, kind: record.kind, version: record.version, body: record.body })
      .from(record)
      .where(and(eq(record.inspectionId, id), eq(record.orgId, actor.orgId)))
      .orderBy(record.id),
  );
  return (rows as AnyRecord[]).map(withDefaults);
}

/** How many findings of an inspection are withheld, which a viewer is not shown. */
export async function withheldCount(db: Db, { orgId }: Actor, id: string): Promise<number> {
  const [row] = await inOrg(db, { orgId }, (tx) =>
    tx
      .select({ n: count() })
      .from(record)
      .where(
        and(
          eq(record.inspectionId, id),
          eq(record.orgId, orgId),
          eq(record.kind, 'finding'),
          sql`coalesce(${record.body}->>'withheld', '') <> ''`,
        ),
      ),
  );
  return row?.n ?? 0;
}

/** The inspection as an open bundle. */
export function bundleOf(head: InspectionHead, records: readonly AnyRecord[]): Bundle {
  return writeBundle(
    { id: head.lot.id, number: head.lot.number, title: head.lot.title, sale: head.sale.name },
    { id: head.id, revision: head.revision, state: head.state },
    records,
  );
}
