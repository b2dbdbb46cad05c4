import { sql } from 'drizzle-orm';
import {
  type AnyPgColumn,
  bigint,
  bigserial,
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
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import type { WorkPlan } from '@/core/cost/work-plan';
import type { DaysPlan } from '@/core/days/days-plan';
import { ROLES, type Role } from '@/core/people/roles';
import { PRACTICE, SALE_STATES, type SaleFacts, type SaleState } from '@/core/yard/sale-facts';
import { user } from './auth';
import { instant } from './instant';

const oneOf = (column: string, values: readonly string[]) =>
  sql.raw(`${column} in (${values.map((v) => `'${v}'`).join(', ')})`);

export const organisation = pgTable('organisation', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  /** Whether strangers may read where the car is kept and in which street it was looked at. */
  publishesPlaces: boolean('publishes_places').notNull().default(false),
  /** Days after which the personal part of sign-ins and audit lines is taken out; null keeps it. */
  keepAddressesDays: integer('keep_addresses_days').default(400),
  /** Whether a report is sealed only after somebody else reviewed it as it is. */
  fourEyes: boolean('four_eyes').notNull().default(false),
  /** What sales begin with, and how the house speaks to people who chose nothing of their own. */
  words: text('words').$type<SaleFacts['words']>().notNull().default('en-GB'),
  units: text('units').$type<SaleFacts['units']>().notNull().default('um'),
  timeZone: text('time_zone').notNull().default('UTC'),
  currency: text('currency').notNull().default('VK'),
});

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

/** What was done that is no record: who, when, what, to what. A trigger refuses updates and deletes. */
export const auditEvent = pgTable(
  'audit_event',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    orgId: uuid('org_id').notNull(),
    at: instant('at').notNull().defaultNow(),
    /** Null where nobody was signed in: a link was opened, a program ran. */
    actorId: text('actor_id'),
    actorName: text('actor_name').notNull().default(''),
    what: text('what').notNull(),
    lotId: uuid('lot_id'),
    inspectionId: uuid('inspection_id'),
    detail: jsonb('detail').notNull().default({}),
  },
  (t) => [index('audit_event_org').on(t.orgId, t.id)],
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
    /** The day on which the catalogue goes out. */
    catalogueOn: date('catalogue_on'),
    /** Days before the opening by which reports are due, for lots that have no day of their own. */
    reportDaysBefore: integer('report_days_before'),
    words: text('words').$type<SaleFacts['words']>().notNull().default('en-GB'),
    units: text('units').$type<SaleFacts['units']>().notNull().default('um'),
    /** The side of the road on which the kerb is: near side and off side follow it. */
    kerb: text('kerb').$type<SaleFacts['kerb']>().notNull().default('left'),
    /** Until then links open no report. */
    embargoUntil: instant('embargo_until'),
    state: text('state').$type<SaleState | typeof PRACTICE>().notNull().default('open'),
    /** What the house would spend on its lots together before it opens, and the shops that work for it. */
    workPlan: jsonb('work_plan').$type<WorkPlan>(),
    /** Who visits which lots on which days, as people were told. */
    daysPlan: jsonb('days_plan').$type<DaysPlan>(),
    /** Under which address bidders see what of it is published; null: it has no such page. */
    pageToken: text('page_token').unique(),
    /** Under which address people's calendars read its days; null: under none. */
    daysToken: text('days_token').unique(),
  },
  (t) => [index('sale_org').on(t.orgId), check('sale_state', oneOf('state', [...SALE_STATES, PRACTICE]))],
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
    /** Who sent it, and when it came; unknown of pictures of before this was kept. */
    addedBy: text('added_by'),
    addedAt: instant('added_at').defaultNow(),
    /** Which program took notes and positions out of the file (core/image/strip-metadata.ts). */
    stripped: integer('stripped').notNull().default(1),
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
    /** Which server is making it; null while it waits for its turn. */
    madeBy: text('made_by'),
  },
  (t) => [index('export_job_org').on(t.orgId, t.inspectionId)],
);
export type ExportWhat = 'pdf' | 'zip' | 'bundle' | 'jobs';
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
