import { z } from 'zod';
import { db } from '@/data/db';
import { accountOfEmail, noteSignIn, orgOfUser } from '@/data/sign-in-events';
import type { SignInWhat } from '@/data/tables/auth';
import { problem, sameOrigin, tooMany } from '@/server/api';
import { ATTEMPTS, mayTry, noteTry } from '@/server/attempts';
import { auth } from '@/server/auth';
import { addressOf, limiter } from '@/server/rate-limit';

const credentials = z.object({ email: z.string().max(320), password: z.string().max(1000) });
const trace = (request: Request) => ({
  at: new Date(),
  address: addressOf(request.headers),
  agent: request.headers.get('user-agent') ?? '',
});

/** The library's own answer; what goes wrong inside it is told without its inside. */
async function answerOf(request: Request): Promise<Response> {
  try {
    const response = await auth().handler(request);
    return response.status < 500 ? response : problem(400, 'malformed', 'This request cannot be read.');
  } catch {
    return problem(400, 'malformed', 'This request cannot be read.');
  }
}

export async function GET(request: Request): Promise<Response> {
  const wait = limiter().take('address', addressOf(request.headers), Date.now());
  return wait > 0 ? tooMany(wait) : answerOf(request);
}

export async function POST(request: Request): Promise<Response> {
  if (!sameOrigin(request)) return problem(403, 'foreign-origin', 'This request comes from another site.');
  const { pathname } = new URL(request.url);
  if (pathname.endsWith('/sign-out')) return signOut(request);
  const signingIn = pathname.endsWith('/sign-in/email');
  const wait = limiter().take(signingIn ? 'signIn' : 'address', addressOf(request.headers), Date.now());
  if (wait > 0) return tooMany(wait);
  return signingIn ? signIn(request) : answerOf(request);
}

async function signIn(request: Request): Promise<Response> {
  const parsed = credentials.safeParse(
    await request
      .clone()
      .json()
      .catch(() => null),
  );
  if (!parsed.success) return problem(400, 'malformed', 'Give an email address and a password.');
  const { email } = parsed.data;
  const note = async (what: SignInWhat) =>
    noteSignIn(db(), { ...trace(request), ...(await accountOfEmail(db(), email)), what });
  if (!(await mayTry(db(), email, new Date()))) {
    await note('locked-out');
    return problem(
      429,
      'too-many-attempts',
      `Too many failed attempts for this account. Wait ${ATTEMPTS.windowMinutes} minutes, then try again.`,
    );
  }
  const response = await answerOf(request);
  if (response.status === 401 || response.status === 200) {
    await noteTry(db(), email, response.status === 200, new Date());
    await note(response.status === 200 ? 'signed-in' : 'refused');
  }
  return response;
}

async function signOut(request: Request): Promise<Response> {
  const session = await auth()
    .api.getSession({ headers: request.headers })
    .catch(() => null);
  const response = await answerOf(request);
  if (session && response.ok) {
    const { id } = session.user;
    await noteSignIn(db(), { ...trace(request), userId: id, orgId: await orgOfUser(db(), id), what: 'signed-out' });
  }
  return response;
}
