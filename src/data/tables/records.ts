import { sql } from 'drizzle-orm';
import {
  bigint,
  bigserial,
  check,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { instant } from './instant';
import { inspection } from './lots';

export const record = pgTable(
  'record',
  {
    inspectionId: uuid('inspection_id')
      .notNull()
      .references(() => inspection.id, { onDelete: 'cascade' }),
    id: uuid('id').notNull(),
    orgId: uuid('org_id').notNull(),
    kind: text('kind').notNull(),
    version: integer('version').notNull(),
    /** Schema number of the kind by which the body was written. */
    schema: integer('schema').notNull().default(1),
    body: jsonb('body').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.inspectionId, t.id] }),
    // The gateway's schemas say which kinds there are; here only that it is a name.
    check('record_kind', sql`kind ~ '^[a-z][a-z-]*$'`),
    check('record_version', sql`version > 0`),
    uniqueIndex('record_one_car').on(t.inspectionId).where(sql`kind = 'car'`),
    // The few kinds of which there is one are asked for at every change.
    index('record_of_kind').on(t.inspectionId, t.kind),
    // Lost structure alarms the house's managers: few, and asked for at every change.
    index('record_structural').on(t.orgId).where(sql`kind = 'finding' and body->>'flaw' = 'structural-loss'`),
  ],
);

/** Every change ever taken, with what was before and after; a trigger refuses updates and deletes. */
export const changeLog = pgTable(
  'change_log',
  {
    seq: bigserial('seq', { mode: 'number' }).primaryKey(),
    inspectionId: uuid('inspection_id')
      .notNull()
      .references(() => inspection.id),
    orgId: uuid('org_id').notNull(),
    changeId: uuid('change_id').notNull(),
    contentHash: text('content_hash').notNull(),
    actorId: text('actor_id').notNull(),
    at: instant('at').notNull(),
    op: text('op').notNull(),
    kind: text('kind').notNull(),
    recordId: uuid('record_id').notNull(),
    version: integer('version').notNull(),
    schema: integer('schema').notNull().default(1),
    before: jsonb('before'),
    after: jsonb('after'),
    previousHash: text('previous_hash').notNull(),
    hash: text('hash').notNull(),
    /** Name of whoever entered it, as it was then; null in lines of before names were kept. */
    actorName: text('actor_name'),
    /** What is hashed: 1 the bodies, 2 the bodies' own hashes and the name, so that a body can be erased. */
    form: integer('form').notNull().default(1),
    /** Moment of the entry by the device's clock against the server's, in seconds; null where it was not told. */
    clockAheadS: integer('clock_ahead_s'),
    /** Hashes of what was erased from this line, by `before`, `after` and `name`; null where nothing was. */
    erased: jsonb('erased'),
  },
  (t) => [
    unique('change_once').on(t.inspectionId, t.changeId),
    index('change_log_inspection').on(t.inspectionId, t.seq),
  ],
);

/** A noted repair of a log line that does not fit its hash for a known, harmless cause; a trigger refuses updates and deletes. */
export const logRepair = pgTable(
  'log_repair',
  {
    inspectionId: uuid('inspection_id')
      .notNull()
      .references(() => inspection.id),
    orgId: uuid('org_id').notNull(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    cause: text('cause').notNull(),
    note: text('note').notNull(),
    notedBy: text('noted_by').notNull(),
    at: instant('at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.inspectionId, t.seq] })],
);
