import { sql } from 'drizzle-orm';
import { SCHOOLS, type School } from '@/core/catalogue/schools';
import type { VisitTook } from '@/core/days/learnt';
import type { KnowsMake } from '@/core/days/lots-to-route';
import type { House, Tx } from './db';

/** So many inspections, the newest, tell how long a visit takes. */
const NEWEST = 200;
const MOST_KNOWN = 1000;

/** How long the house's sealed inspections took, all visits of each together, as they were stated: what is under way tells nothing yet. */
export async function visitsTook(tx: Tx, { orgId }: House): Promise<VisitTook[]> {
  const rows = await tx.execute<{ school: string; minutes: number }>(sql`
    select coalesce(max(r.body->>'school'), 'survey') as school, 60 * sum((r.body->>'hours')::float) as minutes
    from record r
    join inspection i on i.id = r.inspection_id and i.state = 'sealed'
    join lot l on l.id = i.lot_id and l.revision = i.revision
    where r.org_id = ${orgId} and r.kind = 'visit' and r.body->>'hours' is not null
    group by r.inspection_id
    order by max(r.body->>'startedAt') desc
    limit ${NEWEST}`);
  return rows.flatMap(({ school, minutes }) =>
    (SCHOOLS as readonly string[]).includes(school) ? [{ school: school as School, minutes: Number(minutes) }] : [],
  );
}

/** Who inspected cars of which make, as the house's sealed reports tell. */
export async function makesKnown(tx: Tx, { orgId }: House): Promise<KnowsMake[]> {
  const rows = await tx.execute<{ make: string; inspector: string }>(sql`
    select distinct car.body->>'make' as make, visit.body->>'inspector' as inspector
    from record car
    join record visit on visit.inspection_id = car.inspection_id and visit.kind = 'visit'
    join inspection i on i.id = car.inspection_id and i.state = 'sealed'
    where car.org_id = ${orgId} and car.kind = 'car' and car.body->>'make' <> '' and visit.body->>'inspector' <> ''
    order by 1, 2
    limit ${MOST_KNOWN}`);
  return [...rows];
}

/** What a house's reports teach its days: how long visits took, and who knows which cars. */
export const learntFrom = async (tx: Tx, house: House) => ({
  took: await visitsTook(tx, house),
  knows: await makesKnown(tx, house),
});
