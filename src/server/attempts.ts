import { sha256Hex } from '@/core/seal/seal';
import type { Db } from '@/data/db';
import { signedInFrom } from '@/data/sign-in-events';
import { countTry, forgetTries, type TryRule } from '@/data/sign-in-tries';

/**
 * How often a password may be tried. The first rule is per account and address: whoever guesses waits, the person at
 * another address does not. The second holds guesses from many addresses together and spares addresses from which the
 * account was signed in before, so that a stranger cannot lock a person out. The third holds one address that tries
 * many accounts. House values.
 */
export const TRIES = {
  accountAndAddress: { free: 8, longestS: 900, forgetS: 3600 },
  accountFromElsewhere: { free: 60, longestS: 300, forgetS: 3600 },
  address: { free: 60, longestS: 60, forgetS: 600 },
} as const satisfies Readonly<Record<string, TryRule>>;

const KNOWN_DAYS = 60;
const keyOf = (...parts: readonly string[]) => sha256Hex(`try:${parts.join('\n')}`);
const accountOf = (email: string) => email.trim().toLowerCase();

/** Counts a try of an account's password before it is made; 0 when it may be, else the seconds to wait. */
export async function countAttempt(
  db: Db,
  given: { account: string; userId: string | null; address: string },
  now: Date,
): Promise<number> {
  const account = accountOf(given.account);
  const wait = await countTry(db, keyOf('both', account, given.address), TRIES.accountAndAddress, now);
  if (wait > 0) return wait;
  const since = new Date(now.getTime() - KNOWN_DAYS * 24 * 3600_000);
  const known = given.userId !== null && (await signedInFrom(db, given.userId, given.address, since));
  if (known) return 0;
  const elsewhere = await countTry(db, keyOf('account', account), TRIES.accountFromElsewhere, now);
  return elsewhere > 0 ? elsewhere : countTry(db, keyOf('address', given.address), TRIES.address, now);
}

/** The password was right: what was counted for this account here is forgotten. */
export async function forgetAttempts(db: Db, given: { account: string; address: string }): Promise<void> {
  await forgetTries(db, keyOf('both', accountOf(given.account), given.address));
}
