import { db } from '@/data/db';
import { hasHouse, openFirstHouse } from '@/data/first-house';
import { bodyOf, problem, strangerRoute } from '@/server/api';
import { passwordHash } from '@/server/password';
import { WEAK_PASSWORD } from '@/server/passwords';
import { addressOf } from '@/server/rate-limit';
import { firstHouseSchema, mayStart, passwordTaken } from '@/server/way-in';

const there = () =>
  problem(409, 'house-there', 'A yard was started here before. Sign in, or ask its manager for an invitation.');

/** Opens the first house with its manager. It happens once. */
export const POST = strangerRoute(async ({ request }) => {
  if (await hasHouse(db())) return there();
  const parsed = await bodyOf(
    request,
    firstHouseSchema,
    'Give the house’s name, its words, units, time zone and currency, and your name, email and password. Nothing was opened.',
    8000,
  );
  if (!parsed.ok) return parsed.response;
  const { password, code, ...given } = parsed.data;
  const asked = {
    address: addressOf(request.headers),
    code,
    url: process.env.FARVIN_URL,
    printed: process.env.FARVIN_START_CODE,
  };
  if (!mayStart(asked))
    return problem(403, 'start-code', 'Type the code that the program printed when it started. Nothing was opened.');
  if (!passwordTaken(password, given)) return problem(422, 'weak-password', WEAK_PASSWORD);
  const opened = await openFirstHouse(db(), { ...given, passwordHash: await passwordHash(password) }, new Date());
  return opened ? Response.json({ ok: true, ...opened }, { status: 201 }) : there();
});
