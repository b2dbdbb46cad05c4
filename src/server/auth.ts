import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { twoFactor } from 'better-auth/plugins';
import { SHORTEST_PASSWORD } from '@/core/people/password-bounds';
import { db } from '@/data/db';
import * as tables from '@/data/tables/auth';
import { ownOrigins } from './own-origins';

const DAY_S = 60 * 60 * 24;
/** How long a session lasts without a request, and how much of that is left when a request renews it, s. */
export const SESSION_S = { lasts: 7 * DAY_S, renewedWithin: 6 * DAY_S } as const;

const overTls = () => ownOrigins()[0]!.startsWith('https:');

/** What names of the sign-in library's cookies begin with: `__Host-` binds one to this very host, over TLS only (RFC 6265bis 4.1.3.2). */
export const cookiePrefix = () => (overTls() ? '__Host-farvin' : 'farvin');

function create() {
  const secret = process.env.FARVIN_SECRET;
  if (!secret || secret.length < 32)
    throw new Error(
      'FARVIN_SECRET is not set: start Farvin with npm run demo, or set it to 32 or more random characters.',
    );
  const origins = ownOrigins();
  const secure = overTls();
  return betterAuth({
    appName: 'Farvin',
    secret,
    baseURL: origins[0]!,
    trustedOrigins: [...origins],
    database: drizzleAdapter(db(), { provider: 'pg', schema: tables }),
    emailAndPassword: { enabled: true, disableSignUp: true, minPasswordLength: SHORTEST_PASSWORD },
    session: { expiresIn: SESSION_S.lasts, updateAge: SESSION_S.lasts - SESSION_S.renewedWithin },
    rateLimit: { enabled: false }, // attempts are counted per account in the database: server/attempts.ts
    advanced: {
      cookiePrefix: cookiePrefix(),
      defaultCookieAttributes: { httpOnly: true, sameSite: 'strict', path: '/', secure },
      useSecureCookies: false,
    },
    // Its errors hold queries with session tokens: the routes tell what a log may hold.
    logger: { disabled: true },
    // A code by an authenticator app (RFC 6238) as a second step, for those who turn it on; no device is trusted without.
    plugins: [
      twoFactor({
        issuer: 'Farvin',
        trustDeviceMaxAge: 1,
        totpOptions: { digits: 6, period: 30 },
        backupCodeOptions: { amount: 10, length: 10 },
      }),
    ],
    telemetry: { enabled: false },
  });
}

let made: ReturnType<typeof create> | undefined;

/** The sign-in library, set up at first use. */
export function auth(): ReturnType<typeof create> {
  made ??= create();
  return made;
}
