import { z } from 'zod';

/** A house's keys as it publishes them outside its reports (docs/formats/keys.md). */
export const publishedKeysSchema = z.object({
  format: z.literal('farvin.keys'),
  version: z.literal(1),
  organisation: z.object({ id: z.string(), name: z.string() }),
  keys: z.array(
    z.object({
      id: z.string(),
      publicKey: z.string().regex(/^[0-9a-f]{64}$/),
      validFrom: z.iso.datetime({ offset: true }),
      validTo: z.iso.datetime({ offset: true }).nullable(),
      /** Set where the house says that seals from `revokedFrom` on are not its own. */
      revokedAt: z.iso.datetime({ offset: true }).nullable(),
      revokedFrom: z.iso.datetime({ offset: true }).nullable(),
      revokedWhy: z.string(),
    }),
  ),
});
export type PublishedKeys = z.infer<typeof publishedKeysSchema>;

export type KeyStanding =
  | { readonly key: 'known'; readonly house: string; readonly keyId: string }
  /** Not among the keys asked, or not good for that moment. */
  | { readonly key: 'other'; readonly why: 'not-listed' | 'not-valid-then' | 'revoked' };

/** Whether a key with which something was sealed at a moment is one that the house stands by for that moment. */
export function standingOfKey(keys: PublishedKeys, publicKey: string, sealedAt: string): KeyStanding {
  const found = keys.keys.find((k) => k.publicKey === publicKey);
  if (!found) return { key: 'other', why: 'not-listed' };
  const at = Date.parse(sealedAt);
  if (found.revokedFrom !== null && at >= Date.parse(found.revokedFrom)) return { key: 'other', why: 'revoked' };
  const inPeriod = at >= Date.parse(found.validFrom) && (found.validTo === null || at <= Date.parse(found.validTo));
  return inPeriod
    ? { key: 'known', house: keys.organisation.name, keyId: found.id }
    : { key: 'other', why: 'not-valid-then' };
}
