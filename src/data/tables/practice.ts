import { index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { PracticeOutcome } from '@/core/practice/outcome';
import type { PracticeTruth } from '@/core/practice/practice-car';
import type { PracticeKind } from '@/core/practice/practice-row';
import { user } from './auth';
import { instant } from './instant';
import { lot } from './lots';
import { organisation } from './organisations';

/** A lot of the house's practice sale: a made car with its hidden truth, or somebody's second look at a real lot. */
export const practiceLot = pgTable(
  'practice_lot',
  {
    lotId: uuid('lot_id')
      .primaryKey()
      .references(() => lot.id, { onDelete: 'cascade' }),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    /** Whose it is: nobody else reads it before it is closed. */
    person: text('person')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    kind: text('kind').$type<PracticeKind>().notNull(),
    /** Which car of the course, and the minutes there are; null for a second look. */
    course: integer('course'),
    minutes: integer('minutes'),
    truth: jsonb('truth').$type<PracticeTruth>(),
    /** The real lot that is looked at a second time. */
    ofLot: uuid('of_lot').references(() => lot.id, { onDelete: 'cascade' }),
    startedAt: instant('started_at').notNull(),
    closedAt: instant('closed_at'),
    outcome: jsonb('outcome').$type<PracticeOutcome>(),
  },
  (t) => [index('practice_lot_org').on(t.orgId, t.startedAt), index('practice_lot_of').on(t.ofLot)],
);
