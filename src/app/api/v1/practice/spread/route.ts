import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { problem, route } from '@/server/api';
import { takeOwnSpread } from '@/server/practice';

/** Puts the spread of the house's own judgements in the place of the shipped doubt of any judgement. Sealed reports keep theirs. */
export const PUT = route(mayManage, async ({ actor }) => {
  const sd = await takeOwnSpread(db(), actor);
  return sd === null
    ? problem(
        409,
        'few-pairs',
        'There are too few closed second looks to know how judgements spread. Nothing was changed.',
      )
    : Response.json({ ok: true, judgementSd: sd });
});
