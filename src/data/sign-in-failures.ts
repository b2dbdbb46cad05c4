import { and, count, eq, gt, lt } from 'drizzle-orm';
import type { Db } from './db';
import { signInFailure } from './tables/auth';

/** How many sign-ins of this account or address failed since then. */
export async function failuresSince(db: Db, who: string, since: Date): Promise<number> {
  const [row] = await db
    .select({ n: count() })
    .from(signInFailure)
    .where(and(eq(signInFailure.who, who), gt(signInFailure.at, since)));
  return row?.n ?? 0;
}

export async function noteFailure(db: Db, who: string, at: Date): Promise<void> {
  await db.insert(signInFailure).values({ who, at });
  await db.delete(signInFailure).where(lt(signInFailure.at, new Date(at.getTime() - 24 * 3600_000)));
}

export async function forgetFailures(db: Db, who: string): Promise<void> {
  await db.delete(signInFailure).where(eq(signInFailure.who, who));
}
