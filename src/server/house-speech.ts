import { cookies } from 'next/headers';
import type { SaleFacts } from '@/core/yard/sale-facts';
import { currentActor } from './actor';
import { rememberedHouse } from './remembered-house';

/** How the house of whoever is signed in speaks, for those who chose nothing of their own; null for strangers. */
export async function houseSpeech(): Promise<{ words: SaleFacts['words']; unit: SaleFacts['units'] } | null> {
  const signedIn = (await cookies()).getAll().some((c) => c.name.endsWith('.session_token'));
  const actor = signedIn ? await currentActor().catch(() => null) : null;
  if (!actor) return null;
  const { words, units } = await rememberedHouse(actor);
  return { words, unit: units };
}
