import { sql } from 'drizzle-orm';
import { SCHOOLS, type School } from '@/core/catalogue/schools';
import type { VisitTook } from '@/core/days/learnt';
import type { House, Tx } from './db';

/** So many inspections, the newest, tell how long a visit takes. */
const NEWEST = 200;

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
