import type { Actor } from '@/data/actor';
import { db } from '@/data/db';
import { type HouseSettings, houseSettings } from '@/data/house';
import { houseMemory } from './house-memory';

/** What the actor's house says of itself, from memory while nothing of it changed. */
export const rememberedHouse = (actor: Actor): Promise<HouseSettings> =>
  houseMemory().answer(actor, 'house', () => houseSettings(db(), actor));
