import { sha256Hex } from '@/core/report/seal';
import type { Db } from '@/data/db';
import { failuresSince, forgetFailures, noteFailure } from '@/data/sign-in-failures';

/** Failed sign-ins allowed per account within the window. */
export const ATTEMPTS = { allowed: 8, windowMinutes: 10 } as const;

const keyOf = (email: string) => sha256Hex(`sign-in:${email.trim().toLowerCase()}`);

/** Whether this account may try to sign in now. */
export async function mayTry(db: Db, email: string, now: Date): Promise<boolean> {
  const since = new Date(now.getTime() - ATTEMPTS.windowMinutes * 60_000);
  return (await failuresSince(db, keyOf(email), since)) < ATTEMPTS.allowed;
}

/** Counts a failed try, or forgets the failures after a good one. */
export async function noteTry(db: Db, email: string, good: boolean, now: Date): Promise<void> {
  if (good) await forgetFailures(db, keyOf(email));
  else await noteFailure(db, keyOf(email), now);
}
