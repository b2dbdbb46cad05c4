import { db } from '@/data/db';
import { salesOf } from '@/data/sales';
import { anyone, route } from '@/server/api';

/** The organisation's sales. */
export const GET = route(anyone, async ({ actor }) => Response.json({ sales: await salesOf(db(), actor) }));
