import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { giveLot } from '@/data/lot-change';
import { notFound, route } from '@/server/api';

type Params = { id: string; person: string };
const give = (given: boolean) =>
  route<Params>(mayManage, async ({ actor, params }) =>
    (await giveLot(db(), actor, params.id, params.person, given)) ? Response.json({ ok: true }) : notFound(),
  );

/** Gives a lot to an inspector, or takes it back. */
export const PUT = give(true);
export const DELETE = give(false);
