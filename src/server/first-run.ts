import { db } from '@/data/db';
import { hasHouse } from '@/data/first-house';

let seen = false;

/** Whether a house was opened here; once it was, nobody asks again. */
export async function isStarted(): Promise<boolean> {
  seen ||= await hasHouse(db());
  return seen;
}
