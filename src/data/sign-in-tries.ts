import { eq, lt, sql } from 'drizzle-orm';
import type { Db } from './db';
import { signInTry } from './tables/auth';

/** How often a password may be tried: so many at once, then after a delay that doubles with each try. */
export interface TryRule {
  readonly free: number;
  readonly longestS: number;
  /** A pause after which the count begins anew, s. */
  readonly forgetS: number;
}

/**
 * Counts a try before the password is looked at; 0 when it may be made, else the seconds to wait. One statement, so that
 * tries sent at once are counted one after the other. A try that must wait is not counted.
 */
export async function countTry(db: Db, who: string, rule: TryRule, now: Date): Promise<number> {
  const at = sql`${now.toISOString()}::timestamptz`;
  const { free, longestS, forgetS } = rule;
  const delay = sql`make_interval(secs => least(${longestS}::float8, power(2, least(30, t.tries - ${free}::int))))`;
  const fresh = sql`t.last < ${at} - make_interval(secs => ${forgetS}::float8)`;
  const counted = await db.execute(sql`
    insert into sign_in_try as t (who, tries, last) values (${who}, 1, ${at})
    on conflict (who) do update set tries = case when ${fresh} then 1 else t.tries + 1 end, last = ${at}
    where ${fresh} or t.tries < ${free}::int or t.last + ${delay} <= ${at}
    returning tries`);
  if (counted.length > 0) return 0;
  const [row] = await db.execute<{ wait: number }>(
    sql`select extract(epoch from t.last + ${delay} - ${at})::float8 as wait from sign_in_try t where who = ${who}`,
  );
  return Math.max(1, Math.ceil(row?.wait ?? 1));
}

/** Forgets what was counted, after the right password. */
export async function forgetTries(db: Db, who: string): Promise<void> {
  await db.delete(signInTry).where(eq(signInTry.who, who));
}

export async function forgetOldTries(db: Db, before: Date): Promise<void> {
  await db.delete(signInTry).where(lt(signInTry.last, before));
}
