import { sql } from 'drizzle-orm';
import type { FoilRead } from '@/core/agreement/house';
import type { House, Tx } from './db';

/** So many checks, the newest. */
const NEWEST = 500;

/** What the house's gauges read of their foils on real cars, oldest first; the stand-in gauge of practice cars is none of them. */
export async function foilReads(tx: Tx, { orgId }: House): Promise<FoilRead[]> {
  const rows = await tx.execute<{ gauge: string; at: string; off: number }>(sql`
    select r.body->'gauge'->>'name' as gauge, r.body->>'startedAt' as at,
      (c->>'foilReadUm')::float - (c->>'zeroUm')::float - (c->>'foilUm')::float as off
    from record r
    join inspection i on i.id = r.inspection_id
    left join practice_lot p on p.lot_id = i.lot_id
    cross join lateral jsonb_array_elements(
      case jsonb_typeof(r.body->'gauge'->'checks') when 'array' then r.body->'gauge'->'checks' else '[]' end) c
    where r.org_id = ${orgId} and r.kind = 'visit' and p.kind is distinct from 'car'
    order by at desc
    limit ${NEWEST}`);
  return rows.map((r) => ({ gauge: r.gauge, at: r.at, offUm: Number(r.off) })).reverse();
}
