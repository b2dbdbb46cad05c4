import { index, pgTable, text, unique, uuid } from 'drizzle-orm/pg-core';
import { instant } from './instant';
import { inspection, lot } from './lots';
import { organisation } from './organisations';

/**
 * A house's Ed25519 keys, published outside the reports that they seal. A key seals from `validFrom` on until another
 * takes its place; `revokedAt` tells that seals after `revokedFrom` are not to be believed.
 */
export const sealKey = pgTable(
  'seal_key',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id').notNull(),
    /** Name of the house as it was when the key was made. */
    house: text('house').notNull(),
    publicKey: text('public_key').notNull(),
    validFrom: instant('valid_from').notNull(),
    validTo: instant('valid_to'),
    revokedAt: instant('revoked_at'),
    revokedFrom: instant('revoked_from'),
    revokedWhy: text('revoked_why').notNull().default(''),
  },
  (t) => [index('seal_key_org').on(t.orgId, t.validFrom), unique('seal_key_public').on(t.publicKey)],
);

/** The secret halves, encrypted under a key that the database does not hold (data/key-box.ts). */
export const sealSecret = pgTable('seal_secret', {
  keyId: uuid('key_id')
    .primaryKey()
    .references(() => sealKey.id, { onDelete: 'cascade' }),
  orgId: uuid('org_id').notNull(),
  box: text('box').notNull(),
});

export const seal = pgTable(
  'seal',
  {
    inspectionId: uuid('inspection_id')
      .primaryKey()
      .references(() => inspection.id),
    orgId: uuid('org_id').notNull(),
    sealedAt: instant('sealed_at').notNull(),
    sealedBy: text('sealed_by').notNull(),
    /** The account that sealed, and the key it was sealed with; null of seals of before these were kept. */
    sealedById: text('sealed_by_id'),
    keyId: uuid('key_id'),
    sha256: text('sha256').notNull(),
    /** The whole report file as text, exactly as sealed. */
    report: text('report').notNull(),
  },
  (t) => [index('seal_org').on(t.orgId)],
);

export const shareLink = pgTable(
  'share_link',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    lotId: uuid('lot_id')
      .notNull()
      .references(() => lot.id, { onDelete: 'cascade' }),
    /** SHA-256 of the link's token; the token itself is shown once and not kept. */
    tokenHash: text('token_hash').notNull().unique(),
    label: text('label').notNull().default(''),
    createdBy: text('created_by').notNull(),
    createdAt: instant('created_at').notNull().defaultNow(),
    /** Until then it opens nothing; null: at once. */
    opensAt: instant('opens_at'),
    expiresAt: instant('expires_at'),
    withdrawnAt: instant('withdrawn_at'),
  },
  (t) => [index('share_link_lot').on(t.orgId, t.lotId)],
);
