import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { notFound, problem, route } from '@/server/api';
import { type CloseRefusal, closeIt } from '@/server/practice';

const SAYS: Record<Exclude<CloseRefusal, 'not-found'>, string> = {
  closed: 'This is closed already.',
  'no-car': 'What car it is must be said first. Nothing was changed.',
};

/** Closes the own practice lot: the truth is shown, or the other look. */
export const POST = route<{ id: string }>(
  mayEnter,
  async ({ actor, params }) => {
    const outcome = await closeIt(db(), actor, params.id, new Date());
    if (typeof outcome !== 'string') return Response.json({ ok: true });
    return outcome === 'not-found' ? notFound() : problem(409, outcome, SAYS[outcome]);
  },
  'heavy',
);
