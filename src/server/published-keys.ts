import { uuidSchema } from '@/core/kinds/common';
import type { PublishedKeys } from '@/core/seal/known-keys';
import { db } from '@/data/db';
import { publishedKeys } from '@/data/seal-keys';

/** A house's keys as it publishes them, or null where there is no such house. */
export async function keysOf(orgId: string): Promise<PublishedKeys | null> {
  const id = uuidSchema.safeParse(orgId);
  const rows = id.success ? await publishedKeys(db(), id.data) : [];
  if (!rows[0]) return null;
  return {
    format: 'farvin.keys',
    version: 1,
    organisation: { id: orgId, name: rows[0].house },
    keys: rows.map((k) => ({
      id: k.id,
      publicKey: k.publicKey,
      validFrom: k.validFrom.toISOString(),
      validTo: k.validTo?.toISOString() ?? null,
      revokedAt: k.revokedAt?.toISOString() ?? null,
      revokedFrom: k.revokedFrom?.toISOString() ?? null,
      revokedWhy: k.revokedWhy,
    })),
  };
}
