import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import { type Actor, actorOf } from '@/data/actor';
import { db } from '@/data/db';
import { auth } from './auth';

/** The signed-in actor of the present request, or null. */
export const currentActor = cache(async (): Promise<Actor | null> => {
  const session = await auth().api.getSession({ headers: await headers() });
  return session ? actorOf(db(), session.user.id) : null;
});

/** The actor of a page; a stranger is sent to sign in. */
export async function pageActor(): Promise<Actor> {
  const actor = await currentActor();
  if (!actor) redirect('/sign-in');
  return actor;
}
