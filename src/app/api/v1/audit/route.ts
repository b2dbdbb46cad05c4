import { mayManage } from '@/data/actor';
import { auditOf } from '@/data/audit';
import { db } from '@/data/db';
import { route } from '@/server/api';

/** What was done in the organisation besides entering records, newest first. */
export const GET = route(mayManage, async ({ actor }) => Response.json({ events: await auditOf(db(), actor, 1000) }));
