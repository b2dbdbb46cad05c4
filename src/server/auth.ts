import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { db } from '@/data/db';
import * as tables from '@/data/tables/auth';

function create() {
  const secret = process.env.FARVIN_SECRET;
  if (!secret || secret.length < 32)
    throw new Error(
      'FARVIN_SECRET is not set: start Farvin with npm run demo, or set it to 32 or more random characters.',
    );
  const port = process.env.PORT ?? '3000';
  const own = process.env.FARVIN_URL ?? `http://127.0.0.1:${port}`;
  return betterAuth({
    appName: 'Farvin',
    secret,
    baseURL: own,
    trustedOrigins: [own, `http://localhost:${port}`, `http://127.0.0.1:${port}`],
    database: drizzleAdapter(db(), { provider: 'pg', schema: tables }),
    emailAndPassword: { enabled: true, disableSignUp: true, minPasswordLength: 10 },
    session: { expiresIn: 60 * 60 * 24 * 7, updateAge: 60 * 60 * 24 },
    rateLimit: { enabled: false }, // attempts are counted per account in the database: server/attempts.ts
    advanced: {
      cookiePrefix: 'farvin',
      defaultCookieAttributes: { httpOnly: true, sameSite: 'strict' },
      useSecureCookies: own.startsWith('https:'),
    },
    // Its errors hold queries with session tokens: the routes tell what a log may hold.
    logger: { disabled: true },
    telemetry: { enabled: false },
  });
}

let made: ReturnType<typeof create> | undefined;

/** The sign-in library, set up at first use. */
export function auth(): ReturnType<typeof create> {
  made ??= create();
  return made;
}
