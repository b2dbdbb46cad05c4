import {
  type AnyPgColumn,
  bigint,
  boolean,
  check,
  date,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';
import { user } from './auth';
import { instant } from './instant';
import { oneOf } from './one-of';
import { organisation } from './organisations';
import { sale } from './sales';

/** `given-up`: a revision that was begun and will not be sealed; the one before it stands. */
export const INSPECTION_STATES = ['draft', 'reviewed', 'sealed', 'given-up'] as const;
export type InspectionState = (typeof INSPECTION_STATES)[number];

export const lot = pgTable(
  'lot',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    saleId: uuid('sale_id')
      .notNull()
      .references(() => sale.id, { onDelete: 'cascade' }),
    number: integer('number').notNull(),
    title: text('title').notNull(),
    reportDueOn: date('report_due_on'),
    /** Names of the inspectors it is given to (lot_assignment), as the Yard shows and searches them. */
    keeper: text('keeper').notNull().default(''),
    /** Who brings it, in words, and that person's account where there is one. */
    consignor: text('consignor').notNull().default(''),
    consignorId: text('consignor_id').references(() => user.id, { onDelete: 'set null' }),
    /** Days before the sale opens by which this lot's report is due, where it differs from the sale's. */
    reserveDays: integer('reserve_days'),
    /** Whether its report day follows the sale's opening; false where a day was set for this lot. */
    dueBySale: boolean('due_by_sale').notNull().default(false),
    keysWith: text('keys_with').notNull().default(''),
    stands: text('stands').notNull().default(''),
    comesWith: text('comes_with').notNull().default(''),
    withdrawnAt: instant('withdrawn_at'),
    withdrawnWhy: text('withdrawn_why').notNull().default(''),
    /** The newest revision and what the Yard sorts and counts by; a trigger on the inspection keeps them (0004). */
    revision: integer('revision').notNull().default(1),
    state: text('state').$type<InspectionState>().notNull().default('draft'),
    seen: doublePrecision('seen').notNull().default(0),
    records: integer('records').notNull().default(0),
    grade: doublePrecision('grade'),
    /** Points between the ends of that grade's interval; 0 without a grade. */
    doubt: doublePrecision('doubt').notNull().default(0),
  },
  (t) => [
    unique('lot_number').on(t.saleId, t.number),
    index('lot_org_sale').on(t.orgId, t.saleId, t.number),
    index('lot_consignor').on(t.consignorId),
  ],
);

export const inspection = pgTable(
  'inspection',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    lotId: uuid('lot_id')
      .notNull()
      .references(() => lot.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    state: text('state').$type<InspectionState>().notNull().default('draft'),
    createdAt: instant('created_at').notNull().defaultNow(),
    /** The account that marked it reviewed, and how many changes it had then. */
    reviewedBy: text('reviewed_by'),
    reviewedCount: integer('reviewed_count'),
    /** Number of changes taken, and the hash of the last log line. */
    changeCount: integer('change_count').notNull().default(0),
    logHead: text('log_head').notNull().default(''),
    /** Head of the log of the revision before, where this one's log goes on; empty for a first revision. */
    logBase: text('log_base').notNull().default(''),
    /** Why this revision was begun; empty for a first one. */
    revisionReason: text('revision_reason').notNull().default(''),
    /** What the Yard shows, computed from the records; stale when `summaryCount` lags behind. */
    summary: jsonb('summary'),
    summaryCount: integer('summary_count').notNull().default(-1),
    /** How far the log's own lines were found whole: number, count and hash of the last line checked. */
    checkedSeq: bigint('checked_seq', { mode: 'number' }).notNull().default(0),
    checkedLines: integer('checked_lines').notNull().default(0),
    checkedHead: text('checked_head').notNull().default(''),
  },
  (t) => [
    unique('inspection_revision').on(t.lotId, t.revision),
    index('inspection_org').on(t.orgId),
    check('inspection_state', oneOf('state', INSPECTION_STATES)),
  ],
);

/** Lots that a viewer may see; nobody else needs one. */
export const lotLending = pgTable(
  'lot_lending',
  {
    lotId: uuid('lot_id')
      .notNull()
      .references((): AnyPgColumn => lot.id, { onDelete: 'cascade' }),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    orgId: uuid('org_id').notNull(),
    lentBy: text('lent_by').notNull(),
    at: instant('at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.lotId, t.userId] }), index('lot_lending_user').on(t.userId)],
);
