import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { lendSale } from '@/data/people';
import { notFound, route } from '@/server/api';

type Params = { id: string; person: string };
const lend = (lent: boolean) =>
  route<Params>(mayManage, async ({ actor, params }) =>
    (await lendSale(db(), actor, params.id, params.person, lent)) ? Response.json({ ok: true }) : notFound(),
  );

/** Lends every lot of a sale to a viewer or consignor, or takes it back. */
export const PUT = lend(true);
export const DELETE = lend(false);
