import type { z } from 'zod';
import { uuidSchema } from '@/core/kinds/common';
import type { Scope } from '@/core/people/scopes';
import type { Actor, SessionActor } from '@/data/actor';
import { db } from '@/data/db';
import { tokenActor } from '@/data/tokens';
import { houseMemory } from './house-memory';
import { callerOf, inLane } from './lanes';
import { noteFailure, passes } from './note-failure';
import { sameOrigin } from './own-origins';
import { addressOf, limiter } from './rate-limit';
import { isToken, tokenHash } from './sealing';
import { whoAsks } from './who-asks';

/** An answer for a program: what happened and what to do, never a stack or a query. */
export function problem(status: number, reason: string, message: string): Response {
  return Response.json({ ok: false, reason, message }, { status });
}

/** The answer to somebody who asks too often. */
export function tooMany(seconds: number): Response {
  const answer = problem(
    429,
    'too-many-requests',
    `Too many requests. Wait ${seconds} s; what you entered is kept on this device.`,
  );
  answer.headers.set('retry-after', String(seconds));
  return answer;
}

export const notFound = () => problem(404, 'not-found', 'There is nothing here for you under this address.');

export const foreignOrigin = () =>
  problem(
    403,
    'foreign-origin',
    'This request comes from another address than the one that this server is reached at (FARVIN_URL).',
  );

const PLAIN_NAME = /^[^\p{Cc}\p{Cs}]{1,200}$/u;

type Handler<P> = (given: { actor: Actor; session: string; request: Request; params: P }) => Promise<Response>;

/** Kinds of request that cost more than others: a whole inspection is read, checked or packed. */
export type Weight = 'light' | 'heavy';

/** Answers hold what one person may see: nobody keeps them, unless the answer itself says how. */
function unkept(response: Response): Response {
  if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
  response.headers.set('x-robots-tag', 'noindex');
  return response;
}

/** The program that asks with a token, where the route lets it; else the person of the session; else why nobody. */
async function letIn(
  request: Request,
  scope: Scope | undefined,
): Promise<Pick<SessionActor, 'actor' | 'session'> | Response> {
  const bearer = /^Bearer\s+(\S+)$/i.exec(request.headers.get('authorization') ?? '')?.[1];
  if (bearer !== undefined) {
    const found = isToken(bearer) ? await tokenActor(db(), tokenHash(bearer)) : null;
    if (!found) return problem(401, 'no-token', 'This token is not known, has run out or was taken back.');
    return scope && found.scopes.includes(scope)
      ? { actor: found.actor, session: '' }
      : problem(403, 'scope', 'This token does not reach so far. A manager of the house can make one that does.');
  }
  return (
    (await whoAsks(request.headers)) ??
    problem(401, 'signed-out', 'Sign in first. What you entered is kept on this device.')
  );
}

/**
 * Wraps a route: 403 for another origin, 401 for a stranger, 403 where the role may not, 404 for ids that are none;
 * unforeseen failures answer 500 without telling their inside. With a `scope`, programs with such a token are let in too.
 */
export function route<P extends Record<string, string> = Record<string, never>>(
  may: (actor: Actor) => boolean,
  handler: Handler<P>,
  weight: Weight = 'light',
  scope?: Scope,
) {
  const answer = async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      const writes = !['GET', 'HEAD'].includes(request.method);
      if (writes && !sameOrigin(request)) return foreignOrigin();
      const early = limiter().take('address', addressOf(request.headers), Date.now());
      if (early > 0) return tooMany(early);
      const asks = await letIn(request, scope);
      if (asks instanceof Response) return asks;
      const { actor, session } = asks;
      const wait = Math.max(
        limiter().take('account', actor.userId, Date.now()),
        weight === 'heavy' ? limiter().take('heavy', actor.userId, Date.now()) : 0,
      );
      if (wait > 0) return tooMany(wait);
      if (!may(actor))
        return problem(403, 'role', 'Your role does not allow this. A manager of your organisation can.');
      const params = { ...((await context.params) ?? {}) } as Record<string, string>;
      for (const [key, value] of Object.entries(params)) {
        // No name that we give holds such letters, and no database takes them.
        if (!PLAIN_NAME.test(value)) return notFound();
        if (!key.endsWith('id')) continue;
        const id = uuidSchema.safeParse(value);
        if (!id.success) return notFound();
        params[key] = id.data;
      }
      try {
        return await handler({ actor, session, request, params: params as P });
      } finally {
        // Whoever wrote reads what was written; other servers are told by the database.
        if (writes) houseMemory().drop(actor.orgId);
      }
    } catch (error) {
      noteFailure(error);
      if (passes(error))
        return problem(503, 'busy', 'The server is busy or its database away. Nothing was changed; it is tried again.');
      return problem(500, 'failed', 'Something went wrong here. Nothing was changed; try again.');
    }
  };
  return async (request: Request, context: { params: Promise<P> }) =>
    unkept(await inLane(callerOf(request.headers), () => answer(request, context)));
}

/**
 * Wraps a route that strangers call: from our own pages only, as often as an address may. What the caller holds (a link's
 * token) is for the handler to check; unforeseen failures answer without telling their inside.
 */
export function strangerRoute<P extends Record<string, string> = Record<string, never>>(
  handler: (given: { request: Request; params: P }) => Promise<Response>,
) {
  const answer = async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      if (!['GET', 'HEAD'].includes(request.method) && !sameOrigin(request)) return foreignOrigin();
      const wait = limiter().take('signIn', addressOf(request.headers), Date.now());
      if (wait > 0) return tooMany(wait);
      return await handler({ request, params: ((await context.params) ?? {}) as P });
    } catch (error) {
      noteFailure(error);
      return problem(
        503,
        'away',
        'The server cannot do this at the moment. Nothing was changed; try again in a minute.',
      );
    }
  };
  return async (request: Request, context: { params: Promise<P> }) =>
    unkept(await inLane(callerOf(request.headers), () => answer(request, context)));
}

export const anyone = () => true;

/** Reads a body of limited size; null when it is larger, without taking more of it in. */
export async function bodyBytes(request: Request, maxBytes: number): Promise<Buffer | null> {
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return null;
  const parts: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let next = await reader?.read(); next && !next.done; next = await reader?.read()) {
    size += next.value.length;
    if (size > maxBytes) {
      await reader?.cancel();
      return null;
    }
    parts.push(next.value);
  }
  return Buffer.concat(parts);
}

/** Reads a JSON body of limited size, or the answer that refuses it. */
export async function jsonBody(
  request: Request,
  maxBytes = 4_000_000,
): Promise<{ ok: true; value: unknown } | { ok: false; response: Response }> {
  const bytes = await bodyBytes(request, maxBytes);
  if (!bytes) return { ok: false, response: problem(413, 'too-large', 'The request is too large.') };
  try {
    return { ok: true, value: JSON.parse(bytes.toString('utf8')) };
  } catch {
    return { ok: false, response: problem(400, 'malformed', 'The request is not JSON. Nothing was changed.') };
  }
}

/** Reads a JSON body by its schema; else the answer that refuses it, with what was expected. */
export async function bodyOf<T>(
  request: Request,
  schema: z.ZodType<T>,
  expected: string,
  maxBytes?: number,
): Promise<{ ok: true; data: T } | { ok: false; response: Response }> {
  const body = await jsonBody(request, maxBytes);
  if (!body.ok) return body;
  const parsed = schema.safeParse(body.value);
  return parsed.success
    ? { ok: true, data: parsed.data }
    : { ok: false, response: problem(400, 'malformed', expected) };
}
