import { and, asc, eq, gt, inArray, or, sql } from 'drizzle-orm';
import type { Actor } from './actor';
import { audit } from './audit';
import { bodyHash, nameHash } from './change-hash';
import type { Db, Tx } from './db';
import { dropFilms } from './films';
import { account, session, twoFactor, user } from './tables/auth';
import { exportJob } from './tables/export-jobs';
import { invitation, lotAssignment, saleLending } from './tables/house';
import { inspection, lot, lotLending } from './tables/lots';
import { membership } from './tables/organisations';
import { photoFile, photoOrigin } from './tables/pictures';
import { practiceLot } from './tables/practice';
import { question } from './tables/questions';
import { changeLog, record } from './tables/records';
import { sale } from './tables/sales';
import { seal, shareLink } from './tables/seals';

// Erasing takes what a person or a car left out of what is otherwise written once, and leaves its hash: the log stays
// checkable, and what it said cannot be read any more. Only the tables' owner can (migration 0009).

const LINES_AT_ONCE = 500;
const GONE = 'erased';

/** Runs erasing work in one transaction of the tables' owner. */
function erasing<T>(owner: Db, work: (tx: Tx) => Promise<T>): Promise<T> {
  return owner.transaction(async (tx) => {
    await tx.execute(sql`select set_config('farvin.erasing', 'yes', true)`);
    return work(tx);
  });
}

type Line = typeof changeLog.$inferSelect;
const hashesOf = (line: Line) => (line.erased ?? {}) as Record<string, string>;

/** Goes through log lines a page at a time and writes what `change` makes of each. */
async function eachLine(
  tx: Tx,
  where: ReturnType<typeof and>,
  change: (line: Line) => Partial<Pick<Line, 'before' | 'after' | 'actorName' | 'erased'>>,
): Promise<number> {
  let n = 0;
  for (let after = 0; ; ) {
    const lines = await tx
      .select()
      .from(changeLog)
      .where(and(where, gt(changeLog.seq, after)))
      .orderBy(asc(changeLog.seq))
      .limit(LINES_AT_ONCE);
    if (lines.length === 0) return n;
    for (const line of lines) await tx.update(changeLog).set(change(line)).where(eq(changeLog.seq, line.seq));
    after = lines.at(-1)!.seq;
    n += lines.length;
  }
}

/** A line without its bodies: their hashes stand in their place, once. */
function withoutBodies(line: Line): Partial<Line> {
  const kept = hashesOf(line);
  const [before, after] = [kept.before ?? bodyHash(line.before), kept.after ?? bodyHash(line.after)];
  return {
    before: before && { [GONE]: before },
    after: after && { [GONE]: after },
    erased: { ...kept, ...(before && { before }), ...(after && { after }) },
  };
}

/** Takes pictures out of an organisation. Returns those that no house has any more: their files are to be removed. */
async function dropPictures(tx: Tx, orgId: string, shas: readonly string[]): Promise<string[]> {
  if (shas.length === 0) return [];
  const mine = and(eq(photoFile.orgId, orgId), inArray(photoFile.sha256, [...shas]));
  await tx.delete(photoOrigin).where(and(eq(photoOrigin.orgId, orgId), inArray(photoOrigin.sha256, [...shas])));
  await tx.delete(photoFile).where(mine);
  const others = await tx
    .select({ sha: photoFile.sha256 })
    .from(photoFile)
    .where(inArray(photoFile.sha256, [...shas]));
  const kept = new Set(others.map((o) => o.sha));
  return shas.filter((s) => !kept.has(s));
}

export interface Erased {
  /** Pictures whose files no house needs any more, by SHA-256. */
  readonly pictures: readonly string[];
  /** Films whose parts no house needs any more. */
  readonly films: readonly { readonly sha256: string; readonly bytes: number; readonly partBytes: number }[];
  /** Exports whose files are to be removed. */
  readonly exports: readonly string[];
  /** Log lines from which something was taken. */
  readonly lines: number;
}

/** Erases one picture of the actor's house. Records go on naming it by its hash; it cannot be shown. Null when there is none. */
export function erasePicture(owner: Db, actor: Actor, sha256: string, why: string): Promise<Erased | null> {
  return erasing(owner, async (tx) => {
    const [there] = await tx
      .select({ sha: photoFile.sha256 })
      .from(photoFile)
      .where(and(eq(photoFile.orgId, actor.orgId), eq(photoFile.sha256, sha256)));
    if (!there) return null;
    const pictures = await dropPictures(tx, actor.orgId, [sha256]);
    await audit(tx, actor, 'erased', { detail: { what: 'picture', sha256, why } });
    return { pictures, films: [], exports: [], lines: 0 };
  });
}

/**
 * Erases a lot of the actor's house: its records, what its log lines say, its sealed reports, its links, exports and
 * pictures that no other lot shows. Lines, seals and hashes stay, so that the log can still be checked. Null when there
 * is none.
 */
export function eraseLot(owner: Db, actor: Actor, lotId: string, why: string): Promise<Erased | null> {
  return erasing(owner, async (tx) => {
    const [there] = await tx
      .select({ number: lot.number })
      .from(lot)
      .where(and(eq(lot.id, lotId), eq(lot.orgId, actor.orgId)));
    if (!there) return null;
    const ids = (await tx.select({ id: inspection.id }).from(inspection).where(eq(inspection.lotId, lotId))).map(
      (i) => i.id,
    );
    const shown = (kind: string, elsewhere: boolean) => sql`
      select distinct body->>'sha256' as sha from record where org_id = ${actor.orgId} and kind = ${kind}
        and inspection_id ${elsewhere ? sql`not in` : sql`in`} (select id from inspection where lot_id = ${lotId})`;
    const onlyHere = async (kind: string) =>
      (await tx.execute<{ sha: string | null }>(sql`${shown(kind, false)} except ${shown(kind, true)}`)).flatMap((r) =>
        r.sha === null ? [] : [r.sha],
      );
    const shas = await onlyHere('photo');
    const filmShas = await onlyHere('film');
    const lines = await eachLine(tx, and(inArray(changeLog.inspectionId, ids)), withoutBodies);
    await tx.delete(record).where(inArray(record.inspectionId, ids));
    await tx
      .update(seal)
      .set({ report: sql`jsonb_build_object('erased', ${seal.sha256})::text` })
      .where(inArray(seal.inspectionId, ids));
    await tx.delete(shareLink).where(eq(shareLink.lotId, lotId));
    await tx.delete(question).where(eq(question.lotId, lotId));
    // Truth and outcome of practice on it, and what others' second looks made of it.
    await tx.delete(practiceLot).where(or(eq(practiceLot.lotId, lotId), eq(practiceLot.ofLot, lotId)));
    await tx.delete(lotLending).where(eq(lotLending.lotId, lotId));
    const jobs = await tx.delete(exportJob).where(inArray(exportJob.inspectionId, ids)).returning({ id: exportJob.id });
    await tx
      .update(inspection)
      .set({ summary: null, summaryCount: -1, revisionReason: '' })
      .where(eq(inspection.lotId, lotId));
    await tx.execute(
      sql`update audit_event set detail = detail - array['title', 'reason', 'label', 'number', 'why', 'to'] where lot_id = ${lotId}`,
    );
    await tx
      .update(lot)
      .set({
        title: GONE,
        keeper: '',
        consignor: '',
        consignorId: null,
        keysWith: '',
        stands: '',
        comesWith: '',
        withdrawnWhy: '',
      })
      .where(eq(lot.id, lotId));
    const pictures = await dropPictures(tx, actor.orgId, shas);
    const films = await dropFilms(tx, actor.orgId, filmShas);
    await audit(tx, actor, 'erased', { lotId, detail: { what: `lot ${there.number}`, why } });
    return { pictures, films, exports: jobs.map((j) => j.id), lines };
  });
}

/** Erases every lot of a sale of the actor's house, and what the sale is called. Null when there is none. */
export async function eraseSale(owner: Db, actor: Actor, saleId: string, why: string): Promise<Erased | null> {
  const mine = and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId));
  const [there] = await owner.select({ name: sale.name }).from(sale).where(mine);
  if (!there) return null;
  const lots = await owner.select({ id: lot.id }).from(lot).where(eq(lot.saleId, saleId));
  const all = { pictures: [] as string[], films: [] as Erased['films'][number][], exports: [] as string[], lines: 0 };
  // A lot at a time: one that fails leaves those before it erased, and the next try goes on there.
  for (const { id } of lots) {
    const erased = await eraseLot(owner, actor, id, why);
    all.pictures.push(...(erased?.pictures ?? []));
    all.films.push(...(erased?.films ?? []));
    all.exports.push(...(erased?.exports ?? []));
    all.lines += erased?.lines ?? 0;
  }
  await owner.transaction(async (tx) => {
    await tx.update(sale).set({ name: GONE, place: '', state: 'archived' }).where(mine);
    await tx.execute(sql`select set_config('farvin.erasing', 'yes', true)`);
    await tx.execute(
      sql`update audit_event set detail = detail - array['sale', 'name', 'place'] where org_id = ${actor.orgId} and detail->>'sale' = ${there.name}`,
    );
    await audit(tx, actor, 'erased', { detail: { what: 'sale', why } });
  });
  return all;
}

/**
 * Erases a person of the actor's house: account, sessions and name, also in log lines and in what was done; addresses and
 * devices of sign-ins. Sealed reports that name the person stay as sealed (erase their lots). Null when there is none, and
 * for the last manager.
 */
export function erasePerson(
  owner: Db,
  actor: Actor,
  email: string,
  why: string,
): Promise<(Erased & { readonly sealsLeft: number }) | null> {
  return erasing(owner, async (tx) => {
    const [person] = await tx
      .select({ id: user.id, name: user.name, email: user.email, role: membership.role })
      .from(user)
      .leftJoin(membership, and(eq(membership.userId, user.id), eq(membership.orgId, actor.orgId)))
      .where(
        and(
          eq(user.email, email.trim().toLowerCase()),
          // Of this house now, or once: whoever was let go left a name in its log.
          sql`(${membership.userId} is not null
            or exists (select 1 from change_log l where l.org_id = ${actor.orgId} and l.actor_id = ${user.id})
            or exists (select 1 from audit_event e where e.org_id = ${actor.orgId} and e.actor_id = ${user.id}))`,
          sql`not exists (select 1 from membership m where m.user_id = ${user.id} and m.org_id <> ${actor.orgId})`,
        ),
      );
    const managers = await tx
      .select({ id: membership.userId })
      .from(membership)
      .where(and(eq(membership.orgId, actor.orgId), eq(membership.role, 'manager')));
    if (!person || (person.role === 'manager' && managers.length === 1)) return null;
    const lines = await eachLine(
      tx,
      and(eq(changeLog.actorId, person.id), eq(changeLog.orgId, actor.orgId), sql`${changeLog.actorName} is not null`),
      (line) => ({
        actorName: GONE,
        erased: { ...hashesOf(line), name: hashesOf(line).name ?? nameHash(line.changeId, line.actorName ?? '') },
      }),
    );
    await tx.execute(sql`update audit_event set actor_name = ${GONE} where actor_id = ${person.id}`);
    // What others did to or for the person names it too.
    await tx.execute(sql`update audit_event set detail = detail - array['of', 'to', 'before', 'after']
      where org_id = ${actor.orgId} and (detail->>'person' = ${person.id} or detail->>'of' = ${person.name}
        or detail->>'to' in (${person.name}, ${person.email}))`);
    await tx.execute(sql`update sign_in_event set address = '', agent = '' where user_id = ${person.id}`);
    const [left] = await tx.execute<{ n: number }>(
      sql`select count(*)::int as n from seal where sealed_by_id = ${person.id} and report not like '{"erased"%'`,
    );
    await tx.delete(session).where(eq(session.userId, person.id));
    await tx.delete(account).where(eq(account.userId, person.id));
    await tx.delete(twoFactor).where(eq(twoFactor.userId, person.id));
    await tx.delete(lotLending).where(eq(lotLending.userId, person.id));
    await tx.delete(saleLending).where(eq(saleLending.userId, person.id));
    await tx.delete(lotAssignment).where(eq(lotAssignment.userId, person.id));
    await tx.update(lot).set({ consignorId: null }).where(eq(lot.consignorId, person.id));
    await tx.update(invitation).set({ name: '', email: '' }).where(eq(invitation.userId, person.id));
    await tx.delete(membership).where(eq(membership.userId, person.id));
    await tx
      .update(user)
      .set({ name: GONE, email: `${person.id}@erased.invalid`, image: null })
      .where(eq(user.id, person.id));
    await audit(tx, actor, 'erased', { detail: { what: 'person', person: person.id, why } });
    return { pictures: [], films: [], exports: [], lines, sealsLeft: left?.n ?? 0 };
  });
}
