import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Actor } from '@/data/actor';
import { whoAsks } from './who-asks';

/** The signed-in actor of the present request, or null. */
export const currentActor = cache(async (): Promise<Actor | null> => {
  return (await whoAsks(await headers()))?.actor ?? null;
});

/** The actor of a page; a stranger is sent to sign in. */
export async function pageActor(): Promise<Actor> {
  const actor = await currentActor();
  if (!actor) redirect('/sign-in');
  return actor;
}
