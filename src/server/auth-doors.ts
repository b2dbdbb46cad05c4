import { z } from 'zod';
import { LONGEST_PASSWORD } from '@/core/people/password-bounds';
import { actorOf } from '@/data/actor';
import { audit } from '@/data/audit';
import { db, inOrg } from '@/data/db';
import { accountOfEmail, noteSignIn, orgOfUser, tellSessionsEnded } from '@/data/sign-in-events';
import type { SignInWhat } from '@/data/tables/auth';
import { bodyBytes, foreignOrigin, notFound, problem, tooMany } from './api';
import { countAttempt, forgetAttempts } from './attempts';
import { auth } from './auth';
import { noteFailure } from './note-failure';
import { sameOrigin } from './own-origins';
import { strongEnough, WEAK_PASSWORD } from './passwords';
import { addressOf, limiter } from './rate-limit';

/** Far more than any sign-in says; read once, before anything else looks at it. */
const MOST_BYTES = 16_000;
const text = z.string().max(LONGEST_PASSWORD);
const credentials = z.object({ email: z.string().max(320), password: text });
const codeSchema = z.object({ code: z.string().max(40) });
const passwordChange = z.object({ currentPassword: text, newPassword: text });

const trace = (request: Request) => ({
  at: new Date(),
  address: addressOf(request.headers),
  agent: request.headers.get('user-agent') ?? '',
});
const unreadable = () => problem(400, 'malformed', 'This request cannot be read.');

/** The library's own answer; what goes wrong inside it is told without its inside. */
async function answerOf(request: Request): Promise<Response> {
  try {
    const response = await auth().handler(request);
    if (response.status >= 500) return unreadable();
    response.headers.set('cache-control', 'no-store');
    return response;
  } catch (error) {
    noteFailure(error);
    return problem(503, 'away', 'Signing in does not work at the moment. Try again in a minute.');
  }
}

const sessionOf = (request: Request) =>
  auth()
    .api.getSession({ headers: request.headers })
    .catch(() => null);

type Door = (request: Request, body: unknown) => Promise<Response>;

/** The only paths of the sign-in library that are open to callers; every other one is closed. */
const OPEN: Readonly<Record<string, Door>> = {
  'POST /sign-in/email': signIn,
  'POST /sign-out': signOut,
  'POST /change-password': changePassword,
  'POST /two-factor/enable': (request, body) => stepChange(request, body, 'enable'),
  'POST /two-factor/disable': (request, body) => stepChange(request, body, 'disable'),
  'POST /two-factor/verify-totp': secondStep,
  'POST /two-factor/verify-backup-code': secondStep,
  'GET /get-session': answerOf,
};

/** Answers a call under /api/auth. The body is bounded before it is read, the origin is ours, the path is on the list. */
export async function authDoor(request: Request): Promise<Response> {
  const { pathname } = new URL(request.url);
  const address = addressOf(request.headers);
  const signingIn = pathname.endsWith('/sign-in/email');
  const wait = limiter().take(signingIn ? 'signIn' : 'address', address, Date.now());
  if (wait > 0) return tooMany(wait);
  const door = OPEN[`${request.method} ${pathname.replace(/^\/api\/auth/, '')}`];
  if (!door) return notFound();
  if (request.method === 'GET') return door(request, null);
  if (!sameOrigin(request)) return foreignOrigin();
  const bytes = await bodyBytes(request, MOST_BYTES);
  if (!bytes) return problem(413, 'too-large', 'The request is too large.');
  let body: unknown;
  try {
    body = JSON.parse(bytes.toString('utf8') || '{}');
  } catch {
    return unreadable();
  }
  return door(request, body);
}

/** The request as the library is to see it: the body that was checked, and nothing else of it. */
const again = (request: Request, body: object) => {
  const headers = new Headers(request.headers);
  headers.delete('content-length');
  headers.set('content-type', 'application/json');
  return new Request(request.url, { method: request.method, headers, body: JSON.stringify(body) });
};

const waitAnswer = (seconds: number) => {
  const answer = problem(
    429,
    'too-many-attempts',
    `Too many wrong passwords from here. Wait ${seconds < 90 ? `${seconds} s` : `${Math.ceil(seconds / 60)} minutes`}, then try again.`,
  );
  answer.headers.set('retry-after', String(seconds));
  return answer;
};

async function signIn(request: Request, given: unknown): Promise<Response> {
  const parsed = credentials.safeParse(given);
  if (!parsed.success) return problem(400, 'malformed', 'Give an email address and a password.');
  const { email, password } = parsed.data;
  const who = await accountOfEmail(db(), email);
  const note = (what: SignInWhat) => noteSignIn(db(), { ...trace(request), ...who, what });
  const { address } = trace(request);
  const wait = await countAttempt(db(), { account: email, userId: who.userId, address }, new Date());
  if (wait > 0) {
    await note('locked-out');
    return waitAnswer(wait);
  }
  const response = await answerOf(again(request, { email, password }));
  if (response.status === 200) await forgetAttempts(db(), { account: email, address });
  // Whoever still owes the second step is not signed in.
  if (response.status === 200 && (await saysOf(response)).twoFactorRedirect) return response;
  if (response.status === 401 || response.status === 200) await note(response.status === 200 ? 'signed-in' : 'refused');
  return response;
}

/** What an answer of the library says, which the caller still gets. */
const saysOf = async (response: Response): Promise<Record<string, unknown>> =>
  (await response
    .clone()
    .json()
    .catch(() => null)) ?? {};

/**
 * The second step of signing in, or the first code after it was turned on. The library counts wrong codes by account and
 * locks them out; the address is counted at the door.
 */
async function secondStep(request: Request, given: unknown): Promise<Response> {
  const parsed = codeSchema.safeParse(given);
  if (!parsed.success) return problem(400, 'malformed', 'Give the code.');
  const before = await sessionOf(request);
  const response = await answerOf(again(request, { code: parsed.data.code, trustDevice: false }));
  const { user } = await saysOf(response);
  const userId = (user as { id?: string } | undefined)?.id ?? before?.user.id ?? null;
  if (!userId) return response;
  const orgId = await orgOfUser(db(), userId);
  const note = (what: SignInWhat) => noteSignIn(db(), { ...trace(request), userId, orgId, what });
  if (!response.ok) await note('refused');
  else if (!before) await note('signed-in');
  else await noteSecondStep(userId, 'second-step-on');
  return response;
}

/** Turns the second step on (its secret and spare codes are in the answer) or off, by the password. */
async function stepChange(request: Request, given: unknown, what: 'enable' | 'disable'): Promise<Response> {
  const session = await sessionOf(request);
  if (!session) return problem(401, 'signed-out', 'Sign in first.');
  const parsed = z.object({ password: text }).safeParse(given);
  if (!parsed.success) return problem(400, 'malformed', 'Give your password.');
  const { email, id } = session.user;
  const { address } = trace(request);
  const wait = await countAttempt(db(), { account: email, userId: id, address }, new Date());
  if (wait > 0) return waitAnswer(wait);
  const response = await answerOf(again(request, { password: parsed.data.password }));
  if (!response.ok) return problem(400, 'wrong-password', 'The password is not right. Nothing was changed.');
  await forgetAttempts(db(), { account: email, address });
  if (what === 'disable') await noteSecondStep(id, 'second-step-off');
  return response;
}

async function noteSecondStep(userId: string, what: 'second-step-on' | 'second-step-off'): Promise<void> {
  const actor = await actorOf(db(), userId);
  if (actor) await inOrg(db(), actor, (tx) => audit(tx, actor, what));
}

async function signOut(request: Request): Promise<Response> {
  const session = await sessionOf(request);
  const response = await answerOf(again(request, {}));
  if (session && response.ok) {
    const { id } = session.user;
    await noteSignIn(db(), { ...trace(request), userId: id, orgId: await orgOfUser(db(), id), what: 'signed-out' });
    await tellSessionsEnded(db(), id);
  }
  // Pictures and pages that this person could see do not stay for the next one at this browser.
  response.headers.set('clear-site-data', '"cache"');
  return response;
}

async function changePassword(request: Request, given: unknown): Promise<Response> {
  const session = await sessionOf(request);
  if (!session) return problem(401, 'signed-out', 'Sign in first.');
  const parsed = passwordChange.safeParse(given);
  if (!parsed.success) return problem(400, 'malformed', 'Give the present password and the new one.');
  const { currentPassword, newPassword } = parsed.data;
  const { email, id, name } = session.user;
  const { address } = trace(request);
  const wait = await countAttempt(db(), { account: email, userId: id, address }, new Date());
  if (wait > 0) return waitAnswer(wait);
  if (!strongEnough(newPassword, [name, email, ...email.split(/[@.]/)]))
    return problem(422, 'weak-password', WEAK_PASSWORD);
  const orgId = await orgOfUser(db(), id);
  const note = (what: SignInWhat) => noteSignIn(db(), { ...trace(request), userId: id, orgId, what });
  const response = await answerOf(again(request, { currentPassword, newPassword, revokeOtherSessions: true }));
  if (!response.ok) {
    await note('refused');
    return problem(400, 'wrong-password', 'The present password is not right. Nothing was changed.');
  }
  await forgetAttempts(db(), { account: email, address });
  await note('password-changed');
  await tellSessionsEnded(db(), id);
  return response;
}
