import { readsHouse } from '@/data/actor';
import { db, inOrg } from '@/data/db';
import { visitsTook } from '@/data/visit-times';
import { route } from '@/server/api';

/** How long the house's visits took, by working order: what its plans reckon with. */
export const GET = route(readsHouse, async ({ actor }) =>
  Response.json({ took: await inOrg(db(), actor, (tx) => visitsTook(tx, actor)) }),
);
