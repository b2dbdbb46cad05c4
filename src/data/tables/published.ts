import { doublePrecision, index, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { Trait } from '@/core/yard/traits';
import { lot, organisation, sale, shareLink } from './farvin';
import { instant } from './instant';

/** A lot on its sale's page for bidders: what its newest sealed report says of it, and nothing of a draft. */
export const publishedLot = pgTable(
  'published_lot',
  {
    lotId: uuid('lot_id')
      .primaryKey()
      .references(() => lot.id, { onDelete: 'cascade' }),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    saleId: uuid('sale_id')
      .notNull()
      .references(() => sale.id, { onDelete: 'cascade' }),
    linkId: uuid('link_id')
      .notNull()
      .references(() => shareLink.id, { onDelete: 'cascade' }),
    /** The link's token: what is public is no secret. */
    token: text('token').notNull(),
    number: integer('number').notNull(),
    title: text('title').notNull(),
    revision: integer('revision').notNull(),
    sealedAt: instant('sealed_at').notNull(),
    sha256: text('sha256').notNull(),
    year: integer('year'),
    gradeLow: doublePrecision('grade_low'),
    grade: doublePrecision('grade'),
    gradeHigh: doublePrecision('grade_high'),
    band: text('band').notNull(),
    seen: doublePrecision('seen').notNull(),
    findings: integer('findings').notNull(),
    picture: text('picture'),
    traits: text('traits').array().$type<Trait[]>().notNull(),
  },
  (t) => [
    index('published_lot_number').on(t.saleId, t.number),
    index('published_lot_grade').on(t.saleId, t.grade, t.number),
    index('published_lot_year').on(t.saleId, t.year, t.number),
  ],
);
