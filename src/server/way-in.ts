import { createHash, timingSafeEqual } from 'node:crypto';
import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { LONGEST_PASSWORD } from '@/core/people/password-bounds';
import { currencySchema, timeZoneSchema, unitsSchema, wordsSchema } from '@/core/yard/sale-facts';
import { strongEnough } from './passwords';

export const emailSchema = z.email().max(320);
const passwordSchema = z.string().max(LONGEST_PASSWORD);

/** What a new house is opened with, and by whom. */
export const firstHouseSchema = z.strictObject({
  house: text(120).min(2),
  words: wordsSchema,
  units: unitsSchema,
  timeZone: timeZoneSchema,
  currency: currencySchema,
  name: text(120).min(2),
  email: emailSchema,
  password: passwordSchema,
  code: z.string().max(100).default(''),
});

/** What somebody gives who comes in by a link. */
export const lettingInSchema = z.strictObject({
  name: text(120).min(2),
  email: emailSchema,
  password: passwordSchema,
});

/** Whether a password may be taken for somebody of this name and address, in a house of this name. */
export function passwordTaken(password: string, who: { name: string; email: string; house?: string }): boolean {
  const about = [who.name, who.email, who.house ?? ''].flatMap((t) => [t, ...t.split(/[\s@.,-]+/)]);
  return strongEnough(
    password,
    about.filter((w) => w.length > 2),
  );
}

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|::1|::ffff:127\.\d+\.\d+\.\d+)$/;
const LOCAL_HOST = /^(127\.\d+\.\d+\.\d+|localhost|\[::1\])$/;

/**
 * Whether whoever asks may open the first house: somebody at this very machine, or whoever has the code that the program
 * printed when it started. A server that is reached under a name of its own always asks for the code, since behind a
 * proxy everybody may seem to be at this machine.
 */
export function mayStart(given: {
  address: string;
  code: string;
  url: string | undefined;
  printed: string | undefined;
}): boolean {
  const named = given.url !== undefined && given.url !== '' && !LOCAL_HOST.test(new URL(given.url).hostname);
  if (!named && LOOPBACK.test(given.address)) return true;
  if (!given.printed || given.code === '') return false;
  const digest = (t: string) => createHash('sha256').update(t.trim()).digest();
  return timingSafeEqual(digest(given.code), digest(given.printed));
}
