import { and, asc, desc, eq, or, sql } from 'drizzle-orm';
import { type Actor, actorOf } from '@/data/actor';
import { connect, type Db } from '@/data/db';
import { user } from '@/data/tables/auth';
import { lot } from '@/data/tables/lots';
import { membership } from '@/data/tables/organisations';
import { sale } from '@/data/tables/sales';
import { Refusal, Usage } from './refusals';

/** Runs work as the database's owner: DATABASE_OWNER_URL, else DATABASE_URL. */
export async function withOwner<T>(work: (db: Db) => Promise<T>): Promise<T> {
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

/** A lot's number as an option states it. */
export function numberOf(text: string): number {
  const n = Number(text);
  if (!Number.isInteger(n) || n < 1) throw new Usage('--lot is a lot number');
  return n;
}

/** The account in whose name it is done: `--as EMAIL`, else the first manager. */
export async function actorFor(db: Db, email: string | undefined): Promise<Actor> {
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

/** The newest lot of that number in the actor's house, of one sale where it is named; null without one. */
export async function lotIdOf(
  db: Db,
  actor: Actor,
  number: number,
  saleName: string | undefined,
): Promise<string | null> {
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
