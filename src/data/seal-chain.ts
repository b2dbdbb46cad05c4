import { asc, eq } from 'drizzle-orm';
import { type Db, inOrg } from './db';
import { seal } from './tables/seals';

/** A seal as a house publishes it: which, when, with which key, and the one before it. Nothing of what was sealed. */
export interface ChainedSeal {
  readonly sha256: string;
  readonly previous: string | null;
  readonly sealedAt: string;
  readonly keyId: string | null;
}

/** Every seal of a house in the order in which it sealed. Each report names the one before it, under its own signature. */
export async function sealChain(db: Db, orgId: string): Promise<ChainedSeal[]> {
  const rows = await inOrg(db, { orgId }, (tx) =>
    tx
      .select({ sha256: seal.sha256, sealedAt: seal.sealedAt, keyId: seal.keyId })
      .from(seal)
      .where(eq(seal.orgId, orgId))
      .orderBy(asc(seal.sealedAt), asc(seal.inspectionId)),
  );
  return rows.map((r, i) => ({
    sha256: r.sha256,
    previous: rows[i - 1]?.sha256 ?? null,
    sealedAt: r.sealedAt.toISOString(),
    keyId: r.keyId,
  }));
}
