import { integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { ListingDoc } from '@/core/listing/doc';
import { instant } from './instant';
import { lot } from './lots';
import { organisation } from './organisations';

/** What a lot is offered with: a short and a long text, and how it stood against the records when it was kept. */
export const listing = pgTable('listing', {
  lotId: uuid('lot_id')
    .primaryKey()
    .references(() => lot.id, { onDelete: 'cascade' }),
  orgId: uuid('org_id')
    .notNull()
    .references(() => organisation.id, { onDelete: 'cascade' }),
  short: text('short').notNull(),
  long: jsonb('long').$type<ListingDoc>().notNull(),
  /** Words that what was found speaks against, when it was kept. */
  contradicted: integer('contradicted').notNull(),
  /** What it was held against then, by name (`data/listings.ts`); empty of listings of before it was kept. */
  against: text('against').notNull().default(''),
  /** Why it goes out all the same, and who said so; empty: it does not. */
  allowedWhy: text('allowed_why').notNull().default(''),
  allowedBy: text('allowed_by').notNull().default(''),
  editedBy: text('edited_by').notNull(),
  editedAt: instant('edited_at').notNull(),
});
