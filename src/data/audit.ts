import { and, asc, desc, eq, gt } from 'drizzle-orm';
import type { Audited } from '@/core/records/audited';
import type { Actor } from './actor';
import { type Db, inOrg, type Tx } from './db';
import { auditEvent } from './tables/organisations';

interface About {
  readonly lotId?: string | null;
  readonly inspectionId?: string | null;
  readonly detail?: Readonly<Record<string, string | number | boolean | null>>;
}

/** Writes down what was done, in the transaction that does it: neither stands without the other. */
export async function audit(
  tx: Tx,
  by: { readonly orgId: string; readonly userId?: string; readonly name?: string },
  what: Audited,
  { lotId = null, inspectionId = null, detail = {} }: About = {},
): Promise<void> {
  await tx.insert(auditEvent).values({
    orgId: by.orgId,
    actorId: by.userId ?? null,
    actorName: by.name ?? '',
    what,
    lotId,
    inspectionId,
    detail,
  });
}

export type AuditRow = typeof auditEvent.$inferSelect;

/** What was done in the actor's organisation, newest first. */
export async function auditOf(db: Db, actor: Actor, limit = 200): Promise<AuditRow[]> {
  return inOrg(db, actor, (tx) =>
    tx.select().from(auditEvent).where(eq(auditEvent.orgId, actor.orgId)).orderBy(desc(auditEvent.id)).limit(limit),
  );
}

/** One page of all that was done, oldest first; empty behind the last. */
export async function auditPage(db: Db, actor: Actor, after: number, limit: number): Promise<AuditRow[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(auditEvent)
      .where(and(eq(auditEvent.orgId, actor.orgId), gt(auditEvent.id, after)))
      .orderBy(asc(auditEvent.id))
      .limit(limit),
  );
}

/** Writes down that the list itself was taken out. */
export async function noteAuditExport(db: Db, actor: Actor, format: string): Promise<void> {
  await inOrg(db, actor, (tx) => audit(tx, actor, 'audit-exported', { detail: { what: format } }));
}
