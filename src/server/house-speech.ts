import { cookies } from 'next/headers';
import { db } from '@/data/db';
import { houseSettings } from '@/data/house';
import { currentActor } from './actor';
import { houseMemory } from './house-memory';

/** How the house of whoever is signed in speaks, for those who chose nothing of their own; null for strangers. */
export async function houseSpeech(): Promise<{ words: 'en-GB' | 'en-US'; unit: 'um' | 'mil' } | null> {
  const signedIn = (await cookies()).getAll().some((c) => c.name.endsWith('.session_token'));
  const actor = signedIn ? await currentActor().catch(() => null) : null;
  if (!actor) return null;
  const { words, units } = await houseMemory().answer(actor, 'house', () => houseSettings(db(), actor));
  return { words, unit: units };
}
