import { db } from '@/data/db';
import { sessionsOf } from '@/data/sign-in-events';
import { anyone, route } from '@/server/api';

/** Open sessions: one's own, and for a manager those of the organisation. */
export const GET = route(anyone, async ({ actor }) =>
  Response.json({ sessions: await sessionsOf(db(), actor, new Date()) }),
);
