import { sql } from 'drizzle-orm';
import {
  bigint,
  bigserial,
  check,
  date,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { user } from './auth';

const instant = (name: string) => timestamp(name, { withTimezone: true });
const oneOf = (column: string, values: readonly string[]) =>
  sql.raw(`${column} in (${values.map((v) => `'${v}'`).join(', ')})`);

export const ROLES = ['inspector', 'manager', 'viewer'] as const;
export type Role = (typeof ROLES)[number];

export const organisation = pgTable('organisation', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  /** Ed25519 key pair with which the organisation's reports are sealed, hexadecimal. */
  sealSecret: text('seal_secret').notNull(),
  sealPublic: text('seal_public').notNull(),
});

export const membership = pgTable(
  'membership',
  {
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    role: text('role').$type<Role>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.userId, t.orgId] }), check('membership_role', oneOf('role', ROLES))],
);

/** An organisation's own tables of domain numbers, replacing the shipped ones by name. */
export const orgTable = pgTable(
  'org_table',
  {
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    value: jsonb('value').notNull(),
  },
  (t) => [primaryKey({ columns: [t.orgId, t.name] })],
);

export const sale = pgTable(
  'sale',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    place: text('place').notNull().default(''),
    currency: text('currency').notNull().default('VK'),
    /** IANA name of the zone in which its days are days. */
    timeZone: text('time_zone').notNull().default('UTC'),
    opensOn: date('opens_on'),
    closesOn: date('closes_on'),
  },
  (t) => [index('sale_org').on(t.orgId)],
);

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
    keeper: text('keeper').notNull().default(''),
    /** The newest revision and what the Yard sorts and counts by; a trigger on the inspection keeps them (0004). */
    revision: integer('revision').notNull().default(1),
    state: text('state').$type<InspectionState>().notNull().default('draft'),
    seen: doublePrecision('seen').notNull().default(0),
    records: integer('records').notNull().default(0),
    grade: doublePrecision('grade'),
  },
  (t) => [unique('lot_number').on(t.saleId, t.number), index('lot_org_sale').on(t.orgId, t.saleId, t.number)],
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
  },
  (t) => [
    unique('inspection_revision').on(t.lotId, t.revision),
    index('inspection_org').on(t.orgId),
    check('inspection_state', oneOf('state', INSPECTION_STATES)),
  ],
);

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

export const photoFile = pgTable(
  'photo_file',
  {
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    sha256: text('sha256').notNull(),
    type: text('type').notNull(),
    bytes: integer('bytes').notNull(),
    widthPx: integer('width_px').notNull(),
    heightPx: integer('height_px').notNull(),
    takenAt: instant('taken_at'),
  },
  (t) => [primaryKey({ columns: [t.orgId, t.sha256] })],
);

/** Which stored picture a file became, by the SHA-256 of the file as the device had it: a file is sent once only. */
export const photoOrigin = pgTable(
  'photo_origin',
  {
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    originSha256: text('origin_sha256').notNull(),
    sha256: text('sha256').notNull(),
  },
  (t) => [primaryKey({ columns: [t.orgId, t.originSha256] })],
);

/** A PDF or ZIP being made in the background, and where it stands. */
export const exportJob = pgTable(
  'export_job',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    inspectionId: uuid('inspection_id')
      .notNull()
      .references(() => inspection.id, { onDelete: 'cascade' }),
    what: text('what').$type<ExportWhat>().notNull(),
    state: text('state').$type<ExportState>().notNull().default('making'),
    done: integer('done').notNull().default(0),
    total: integer('total').notNull().default(0),
    bytes: integer('bytes').notNull().default(0),
    message: text('message').notNull().default(''),
    createdBy: text('created_by').notNull(),
    createdAt: instant('created_at').notNull().defaultNow(),
    /** Moves while the work goes on; a job that stands still was left by a server that ended. */
    movedAt: instant('moved_at').notNull().defaultNow(),
  },
  (t) => [index('export_job_org').on(t.orgId, t.inspectionId)],
);
export type ExportWhat = 'pdf' | 'zip' | 'bundle';
export type ExportState = 'making' | 'ready' | 'failed' | 'cancelled';

export const seal = pgTable(
  'seal',
  {
    inspectionId: uuid('inspection_id')
      .primaryKey()
      .references(() => inspection.id),
    orgId: uuid('org_id').notNull(),
    sealedAt: instant('sealed_at').notNull(),
    sealedBy: text('sealed_by').notNull(),
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
    expiresAt: instant('expires_at'),
    withdrawnAt: instant('withdrawn_at'),
  },
  (t) => [index('share_link_lot').on(t.orgId, t.lotId)],
);
