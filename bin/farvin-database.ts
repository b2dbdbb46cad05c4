import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { and, asc, desc, eq, ne, or, sql } from 'drizzle-orm';
import { type Actor, actorOf } from '../src/data/actor';
import { connect, type Db } from '../src/data/db';
import { eraseLot, erasePerson, erasePicture } from '../src/data/erase';
import { checkLog, noteCaseRepair } from '../src/data/log';
import { user } from '../src/data/tables/auth';
import { inspection, lot, membership, sale } from '../src/data/tables/farvin';
import { exportKey } from '../src/server/export/export-key';
import { importBundle } from '../src/server/export/import-bundle';
import { makeExport } from '../src/server/export/make-export';
import { photoStore, removePhoto } from '../src/server/photo-store';
import { stripStored } from '../src/server/strip-stored';
import { Refusal, Usage } from './refusals';

/** Runs work as the database's owner: DATABASE_OWNER_URL, else DATABASE_URL. */
async function withOwner<T>(work: (db: Db) => Promise<T>): Promise<T> {
  const url = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL;
  if (!url)
    throw new Refusal('no-database', {
      message: 'Set DATABASE_URL, or run npm run demo once: its database is used when it is there.',
    });
  const { db, end } = connect(url, 2);
  try {
    return await work(db);
  } finally {
    await end();
  }
}

/** Checks every inspection's log, or one lot's: its chain of hashes, and the records against what it says. */
export async function verifyLog(flags: {
  lot?: string | undefined;
  as?: string | undefined;
  'note-repair'?: boolean | undefined;
}): Promise<object> {
  return withOwner(async (db) => {
    const rows = await db
      .select({ id: inspection.id, revision: inspection.revision, lot: lot.number, title: lot.title })
      .from(inspection)
      .innerJoin(lot, eq(lot.id, inspection.lotId))
      .where(flags.lot === undefined ? undefined : eq(lot.number, numberOf(flags.lot)))
      .orderBy(asc(lot.number), asc(inspection.revision));
    let lines = 0;
    const broken: object[] = [];
    let repaired = 0;
    const by = flags['note-repair'] ? (await actorFor(db, flags.as)).name : null;
    for (const row of rows) {
      let verdict = await checkLog(db, row.id);
      while (by !== null && verdict.cause === 'case-of-id' && (await noteCaseRepair(db, row.id, by)) !== null)
        verdict = await checkLog(db, row.id);
      lines += verdict.lines;
      repaired += verdict.repaired;
      if (!verdict.whole)
        broken.push({
          lot: row.lot,
          title: row.title,
          revision: row.revision,
          inspection: row.id,
          at: verdict.brokenAt,
          cause: verdict.cause,
          records: verdict.differing,
        });
    }
    if (broken.length > 0) throw new Refusal('log-broken', { inspections: rows.length, lines, broken });
    return { ok: true, inspections: rows.length, lines, repaired, broken };
  });
}

function numberOf(text: string): number {
  const n = Number(text);
  if (!Number.isInteger(n) || n < 1) throw new Usage('--lot is a lot number');
  return n;
}

/** The account in whose name it is done: `--as EMAIL`, else the first manager. */
async function actorFor(db: Db, email: string | undefined): Promise<Actor> {
  const [row] = await db
    .select({ id: user.id })
    .from(user)
    .innerJoin(membership, eq(membership.userId, user.id))
    .where(email === undefined ? eq(membership.role, 'manager') : eq(user.email, email.toLowerCase()))
    .orderBy(asc(user.createdAt))
    .limit(1);
  const actor = row ? await actorOf(db, row.id) : null;
  if (!actor) throw new Refusal('no-account', { message: 'There is no such account.' });
  return actor;
}

/** Writes an inspection with its pictures as a bundle ZIP (or its report as PDF or ZIP). */
export async function exportVerb(flags: {
  lot?: string | undefined;
  out?: string | undefined;
  what?: string | undefined;
  as?: string | undefined;
  sale?: string | undefined;
}): Promise<object> {
  const { out, what = 'bundle' } = flags;
  if (!flags.lot || !out) throw new Usage('export needs --lot NUMBER and --out FILE');
  if (what !== 'bundle' && what !== 'pdf' && what !== 'zip') throw new Usage('--what is bundle, pdf or zip');
  const number = numberOf(flags.lot);
  return withOwner(async (db) => {
    const actor = await actorFor(db, flags.as);
    const [row] = await db
      .select({ id: inspection.id })
      .from(inspection)
      .innerJoin(lot, eq(lot.id, inspection.lotId))
      .innerJoin(sale, eq(sale.id, lot.saleId))
      .where(
        and(
          eq(lot.number, number),
          eq(lot.orgId, actor.orgId),
          ne(inspection.state, 'given-up'),
          flags.sale === undefined ? undefined : or(eq(sale.name, flags.sale), sql`${sale.id}::text = ${flags.sale}`),
        ),
      )
      .orderBy(desc(sale.opensOn), desc(inspection.revision))
      .limit(1);
    if (!row) throw new Refusal('no-lot', { message: `Your organisation has no lot ${number} in that sale.` });
    const dir = mkdtempSync(path.join(os.tmpdir(), `farvin-${randomUUID().slice(0, 8)}-`));
    try {
      const file = await makeExport(db, actor, row.id, what, dir, async (done, total) => {
        console.error(`${done} of ${total}`);
      });
      copyFileSync(file, out);
    } finally {
      rmSync(dir, { recursive: true, force: true });
    }
    return { ok: true, out, lot: number, what };
  });
}

/** Takes a bundle into a sale: by default the newest one of the account's organisation. */
export async function importVerb(
  file: string,
  flags: { as?: string | undefined; sale?: string | undefined },
): Promise<object> {
  return withOwner(async (db) => {
    const actor = await actorFor(db, flags.as);
    const sales = await db.select().from(sale).where(eq(sale.orgId, actor.orgId));
    const target = flags.sale ? sales.find((s) => s.id === flags.sale || s.name === flags.sale) : sales.at(-1);
    if (!target) throw new Refusal('no-sale', { message: 'There is no such sale.', sales: sales.map((s) => s.name) });
    const result = await importBundle(db, actor, target.id, file, (done, total) =>
      console.error(`${done} of ${total}`),
    );
    if (!result.ok) throw new Refusal(result.reason, { message: result.message, problems: result.problems });
    return { ...result, sale: target.name };
  });
}

/** Removes files that no house needs any more: pictures with their copies, and exports. */
async function removeFiles(orgId: string, pictures: readonly string[], exports: readonly string[]): Promise<void> {
  for (const sha of pictures) await removePhoto(sha);
  for (const id of exports) await photoStore().remove(exportKey(orgId, id));
}

/** Erases a picture, a lot or a person of the account's house, for good; hashes stay, so that logs can be checked. */
export async function eraseVerb(flags: {
  as?: string | undefined;
  lot?: string | undefined;
  sale?: string | undefined;
  picture?: string | undefined;
  person?: string | undefined;
  why?: string | undefined;
}): Promise<object> {
  const { picture, person, why } = flags;
  if (!why || why.length < 3) throw new Usage('erase needs --why TEXT: it is written down');
  if ([picture, person, flags.lot].filter(Boolean).length !== 1)
    throw new Usage('erase needs one of --picture SHA256, --lot NUMBER, --person EMAIL');
  return withOwner(async (db) => {
    const actor = await actorFor(db, flags.as);
    if (actor.role !== 'manager') throw new Refusal('role', { message: 'Only a manager erases.' });
    const lotId = flags.lot === undefined ? null : await lotIdOf(db, actor, numberOf(flags.lot), flags.sale);
    const erased = picture
      ? await erasePicture(db, actor, picture.toLowerCase(), why)
      : person
        ? await erasePerson(db, actor, person, why)
        : lotId && (await eraseLot(db, actor, lotId, why));
    if (!erased)
      throw new Refusal('not-there', {
        message: person
          ? 'There is no such person, or it is the last manager.'
          : 'There is no such thing in your house.',
      });
    await removeFiles(actor.orgId, erased.pictures, erased.exports);
    console.error('Backups made before still hold it: keep them no longer than your house’s term.');
    return { ok: true, ...erased };
  });
}

async function lotIdOf(db: Db, actor: Actor, number: number, saleName: string | undefined): Promise<string | null> {
  const [row] = await db
    .select({ id: lot.id })
    .from(lot)
    .innerJoin(sale, eq(sale.id, lot.saleId))
    .where(
      and(
        eq(lot.number, number),
        eq(lot.orgId, actor.orgId),
        saleName === undefined ? undefined : or(eq(sale.name, saleName), sql`${sale.id}::text = ${saleName}`),
      ),
    )
    .orderBy(desc(sale.opensOn))
    .limit(1);
  return row?.id ?? null;
}

/** Goes once over pictures that an earlier program kept, and takes notes and positions out of those that still hold any. */
export async function stripPictures(): Promise<object> {
  return withOwner(async (db) => ({ ok: true, ...(await stripStored(db)) }));
}
