import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import { SCOPES, type Scope } from '@/core/people/scopes';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { apiToken } from './tables/house';

const DAY_MS = 86_400_000;

export interface TokenRow {
  readonly id: string;
  readonly name: string;
  readonly scopes: readonly Scope[];
  readonly createdAt: Date;
  readonly expiresAt: Date;
  readonly lastUsedAt: Date | null;
  readonly revokedAt: Date | null;
}

/** The tokens of the actor's house, newest first; never what they are. */
export async function tokensOf(db: Db, actor: Actor): Promise<TokenRow[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        id: apiToken.id,
        name: apiToken.name,
        scopes: apiToken.scopes,
        createdAt: apiToken.createdAt,
        expiresAt: apiToken.expiresAt,
        lastUsedAt: apiToken.lastUsedAt,
        revokedAt: apiToken.revokedAt,
      })
      .from(apiToken)
      .where(eq(apiToken.orgId, actor.orgId))
      .orderBy(desc(apiToken.createdAt)),
  );
}

/** Makes a token for a program; the caller shows it once. */
export async function addToken(
  db: Db,
  actor: Actor,
  given: { name: string; scopes: readonly Scope[]; days: number; tokenHash: string },
  now: Date,
): Promise<string> {
  const { days, ...rest } = given;
  return inOrg(db, actor, async (tx) => {
    const id = uuidv7();
    const expiresAt = new Date(now.getTime() + days * DAY_MS);
    await tx
      .insert(apiToken)
      .values({ id, orgId: actor.orgId, createdBy: actor.userId, createdAt: now, expiresAt, ...rest });
    await audit(tx, actor, 'token-made', { detail: { title: given.name, what: given.scopes.join(' '), days } });
    return id;
  });
}

/** Ends a token at once. False when there is none that is open. */
export async function revokeToken(db: Db, actor: Actor, id: string, now: Date): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(apiToken)
      .set({ revokedAt: now })
      .where(and(eq(apiToken.id, id), eq(apiToken.orgId, actor.orgId), isNull(apiToken.revokedAt)))
      .returning({ name: apiToken.name });
    if (!row) return false;
    await audit(tx, actor, 'token-revoked', { detail: { title: row.name } });
    return true;
  });
}

/** Who asks with a token, and what it may read; null when it is none, or good no more. It reads the house as an editor does. */
export async function tokenActor(
  db: Db,
  tokenHash: string,
): Promise<{ actor: Actor; scopes: readonly Scope[] } | null> {
  const [row] = await db.execute<{ id: string; org: string; name: string; scopes: unknown }>(
    sql`select * from farvin_token(${tokenHash})`,
  );
  if (!row) return null;
  const scopes = SCOPES.filter((s) => (row.scopes as string[]).includes(s));
  return { actor: { userId: `token:${row.id}`, name: row.name, orgId: row.org, role: 'editor' }, scopes };
}
