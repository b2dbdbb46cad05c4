import { eq, lt, sql } from 'drizzle-orm';
import type { Db } from './db';
import { rateBucket } from './tables/auth';

/**
 * Takes one from a bucket that all servers share; when it is empty returns the seconds to wait, else 0. One statement: two
 * requests at once never take the same one.
 */
export async function takeShared(
  db: Db,
  who: string,
  { burst, perSecond }: { burst: number; perSecond: number },
  now: Date,
): Promise<number> {
  const at = now.toISOString();
  const [row] = await db.execute<{ left: number }>(sql`
    insert into rate_bucket as b (who, "left", at) values (${who}, ${burst - 1}::float8, ${at}::timestamptz)
    on conflict (who) do update set
      "left" = greatest(-1, least(${burst}::float8,
        b."left" + greatest(0, extract(epoch from ${at}::timestamptz - b.at)) * ${perSecond}::float8) - 1),
      at = greatest(b.at, ${at}::timestamptz)
    returning "left"`);
  const { left } = row!;
  return left >= 0 ? 0 : Math.max(1, Math.ceil(-left / perSecond));
}

/**
 * Claims something that only one may do at a time, over all servers. False when it is claimed already; a claim that was
 * never given back (its server ended) lapses after `lapseS`.
 */
export async function claim(db: Db, who: string, lapseS: number, now: Date): Promise<boolean> {
  const at = sql`${now.toISOString()}::timestamptz`;
  const rows = await db.execute(sql`
    insert into rate_bucket as b (who, "left", at) values (${who}, 0, ${at})
    on conflict (who) do update set at = ${at} where b.at < ${at} - make_interval(secs => ${lapseS}::float8)
    returning who`);
  return rows.length > 0;
}

/** Gives a claim back. */
export async function giveBack(db: Db, who: string): Promise<void> {
  await db.delete(rateBucket).where(eq(rateBucket.who, who));
}

/** Takes out buckets that nobody asked for since a moment; they would be full again. */
export async function forgetBuckets(db: Db, before: Date): Promise<void> {
  await db.delete(rateBucket).where(lt(rateBucket.at, before));
}
