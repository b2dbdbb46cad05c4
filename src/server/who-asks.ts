import { getSessionCookie } from 'better-auth/cookies';
import { sessionActor } from '@/data/actor';
import { db } from '@/data/db';
import { askingBy } from './asking';
import { auth, cookiePrefix, SESSION_S } from './auth';

/** Who sends a request, by the session of its cookie; null for strangers. */
export const whoAsks = askingBy({
  cookieOf: (headers) => getSessionCookie(headers, { cookiePrefix: cookiePrefix() }),
  read: async (headers) => (await auth().api.getSession({ headers }))?.session.token ?? null,
  find: (token) => sessionActor(db(), token, SESSION_S.renewedWithin),
});
