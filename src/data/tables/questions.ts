import { boolean, doublePrecision, index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { instant } from './instant';
import { lot } from './lots';
import { organisation } from './organisations';

/** What somebody who read a report asks about a car, and what the house answers. */
export const question = pgTable(
  'question',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    lotId: uuid('lot_id')
      .notNull()
      .references(() => lot.id, { onDelete: 'cascade' }),
    /** The revision that was read. */
    revision: integer('revision').notNull(),
    askedAt: instant('asked_at').notNull(),
    asker: text('asker').notNull(),
    /** Where an answer is sent; empty: nowhere. For the house alone. */
    mail: text('mail').notNull(),
    /** About which finding's or picture's record, which place, which second of which film; all empty: the car. */
    finding: uuid('finding'),
    photo: uuid('photo'),
    zone: text('zone'),
    film: uuid('film'),
    filmS: doublePrecision('film_s'),
    text: text('text').notNull(),
    answer: text('answer'),
    /** Ids of the records that are shown with the answer. */
    shows: jsonb('shows').$type<readonly string[]>().notNull().default([]),
    answeredBy: text('answered_by'),
    answeredAt: instant('answered_at'),
    /** Question and answer are read by all who have the report. */
    toAll: boolean('to_all').notNull().default(false),
  },
  (t) => [index('question_lot').on(t.lotId, t.askedAt)],
);
