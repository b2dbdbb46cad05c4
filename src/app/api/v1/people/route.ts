import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { peopleOf } from '@/data/people';
import { route } from '@/server/api';

/** The people of the organisation. */
export const GET = route(mayManage, async ({ actor }) => Response.json({ people: await peopleOf(db(), actor) }));
