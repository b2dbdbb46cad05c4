import { z } from 'zod';
import { db } from '@/data/db';
import { problem } from '@/server/api';
import { ATTEMPTS, mayTry, noteTry } from '@/server/attempts';
import { auth } from '@/server/auth';

const credentials = z.object({ email: z.string().max(320) });

export async function GET(request: Request): Promise<Response> {
  return auth().handler(request);
}

export async function POST(request: Request): Promise<Response> {
  if (!new URL(request.url).pathname.endsWith('/sign-in/email')) return auth().handler(request);
  const parsed = credentials.safeParse(
    await request
      .clone()
      .json()
      .catch(() => null),
  );
  if (!parsed.success) return problem(400, 'malformed', 'Give an email address and a password.');
  const { email } = parsed.data;
  if (!(await mayTry(db(), email, new Date()))) {
    return problem(
      429,
      'too-many-attempts',
      `Too many failed attempts for this account. Wait ${ATTEMPTS.windowMinutes} minutes, then try again.`,
    );
  }
  const response = await auth().handler(request);
  if (response.status === 401 || response.status === 200)
    await noteTry(db(), email, response.status === 200, new Date());
  return response;
}
