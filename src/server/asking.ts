import { LRUCache } from 'lru-cache';
import type { SessionActor } from '@/data/actor';

const MOST_COOKIES = 5000;

export interface Sessions {
  /** The signed cookie of a session among these headers. */
  readonly cookieOf: (headers: Headers) => string | null;
  /** The token of the open session that the headers' cookie is signed for; it renews what is due. By the sign-in library. */
  readonly read: (headers: Headers) => Promise<string | null>;
  /** Who has the open session of a token. By the database. */
  readonly find: (token: string) => Promise<SessionActor | null>;
}

/**
 * Who asks, by an open session; null for strangers. That a cookie's signature is right does not change, so the library that reads
 * cookies is asked once, and again when a session is due to be renewed; whether a session is open the database says each time.
 */
export function askingBy({ cookieOf, read, find }: Sessions): (headers: Headers) => Promise<SessionActor | null> {
  const tokens = new LRUCache<string, string>({ max: MOST_COOKIES });
  return async (headers) => {
    const cookie = cookieOf(headers);
    if (!cookie) return null;
    const known = tokens.get(cookie);
    const found = known ? await find(known) : null;
    if (found && !found.due) return found;
    tokens.delete(cookie);
    if (known && !found) return null;
    const token = await read(headers);
    const asking = token ? await find(token) : null;
    if (token && asking) tokens.set(cookie, token);
    return asking;
  };
}
