import { sql } from 'drizzle-orm';
import { doublePrecision, index, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { Trait } from '@/core/yard/traits';
import { instant } from './instant';
import { lot } from './lots';
import { organisation } from './organisations';
import { sale } from './sales';
import { shareLink } from './seals';

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
    // Each order of a sale's page has its own; the expressions are those of data/published.ts.
    index('published_lot_number').on(t.saleId, t.number),
    index('published_lot_by_grade').on(t.saleId, sql`(- coalesce(${t.grade}, -1))`, t.number),
    index('published_lot_by_year').on(t.saleId, sql`(coalesce(${t.year}, 9999))`, t.number),
  ],
);
