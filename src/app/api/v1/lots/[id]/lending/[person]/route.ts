import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { lendLot } from '@/data/people';
import { notFound, route } from '@/server/api';

type Params = { id: string; person: string };
const lending = (lent: boolean) =>
  route<Params>(mayManage, async ({ actor, params }) =>
    (await lendLot(db(), actor, params.id, params.person, lent)) ? Response.json({ ok: true }) : notFound(),
  );

/** Lets a viewer see a lot. */
export const PUT = lending(true);
/** Takes it back; the next request of that viewer finds nothing. */
export const DELETE = lending(false);
