import { bigint, bigserial, index, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { Role } from '@/core/people/roles';
import type { Scope } from '@/core/people/scopes';
import { user } from './auth';
import { instant } from './instant';
import { lot } from './lots';
import { organisation } from './organisations';
import { sale } from './sales';

/**
 * A link that lets somebody in once: to join the house in a role (`join`), or to set a new password (`recover`). The
 * token is shown when it is made and kept as its SHA-256 only.
 */
export const invitation = pgTable(
  'invitation',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    purpose: text('purpose').$type<'join' | 'recover'>().notNull(),
    role: text('role').$type<Role>().notNull(),
    name: text('name').notNull().default(''),
    email: text('email').notNull().default(''),
    /** Whose password is to be set anew. */
    userId: text('user_id').references(() => user.id, { onDelete: 'cascade' }),
    tokenHash: text('token_hash').notNull().unique(),
    createdBy: text('created_by').notNull(),
    createdAt: instant('created_at').notNull().defaultNow(),
    expiresAt: instant('expires_at').notNull(),
    usedAt: instant('used_at'),
    withdrawnAt: instant('withdrawn_at'),
  },
  (t) => [index('invitation_org').on(t.orgId, t.createdAt)],
);

/** Sales of which a person who sees own lots only may see every lot. */
export const saleLending = pgTable(
  'sale_lending',
  {
    saleId: uuid('sale_id')
      .notNull()
      .references(() => sale.id, { onDelete: 'cascade' }),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    orgId: uuid('org_id').notNull(),
    lentBy: text('lent_by').notNull(),
    at: instant('at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.saleId, t.userId] }), index('sale_lending_user').on(t.userId)],
);

/** Inspectors to whom a lot is given. */
export const lotAssignment = pgTable(
  'lot_assignment',
  {
    lotId: uuid('lot_id')
      .notNull()
      .references(() => lot.id, { onDelete: 'cascade' }),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    orgId: uuid('org_id').notNull(),
    at: instant('at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.lotId, t.userId] }), index('lot_assignment_user').on(t.userId)],
);

/** What a house's table of numbers was before and after each change; null is the shipped one. A trigger refuses updates and deletes. */
export const orgTableChange = pgTable(
  'org_table_change',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    orgId: uuid('org_id').notNull(),
    name: text('name').notNull(),
    at: instant('at').notNull().defaultNow(),
    actorId: text('actor_id').notNull(),
    actorName: text('actor_name').notNull(),
    before: jsonb('before'),
    after: jsonb('after'),
  },
  (t) => [index('org_table_change_org').on(t.orgId, t.name, t.id)],
);

/**
 * Backups and proofs of them, asked for from the screen or made by schedule. They are of the whole server, of every
 * house on it; the program that made the tables makes them (bin/keep-backups.ts), the application only asks.
 */
export const backupRun = pgTable('backup_run', {
  id: bigserial('id', { mode: 'number' }).primaryKey(),
  what: text('what').$type<'backup' | 'proof'>().notNull(),
  state: text('state').$type<'asked' | 'making' | 'ready' | 'failed'>().notNull().default('asked'),
  at: instant('at').notNull().defaultNow(),
  /** Who asked; empty for the schedule. */
  askedBy: text('asked_by').notNull().default(''),
  finishedAt: instant('finished_at'),
  file: text('file').notNull().default(''),
  bytes: bigint('bytes', { mode: 'number' }).notNull().default(0),
  message: text('message').notNull().default(''),
});

/** What a program may read in a house's name until its day: its token is shown once and kept as its SHA-256 only. */
export const apiToken = pgTable(
  'api_token',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    scopes: jsonb('scopes').$type<readonly Scope[]>().notNull(),
    tokenHash: text('token_hash').notNull().unique(),
    createdBy: text('created_by').notNull(),
    createdAt: instant('created_at').notNull().defaultNow(),
    expiresAt: instant('expires_at').notNull(),
    lastUsedAt: instant('last_used_at'),
    revokedAt: instant('revoked_at'),
  },
  (t) => [index('api_token_org').on(t.orgId)],
);

/** What is to be erased for good after a grace of days, who asked and why; called off until then. Carried out by the tables' owner. */
export const deletion = pgTable(
  'deletion',
  {
    id: uuid('id').primaryKey(),
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    what: text('what').$type<Erasable>().notNull(),
    target: text('target').notNull(),
    /** What it is called, until it is erased. */
    name: text('name').notNull(),
    why: text('why').notNull(),
    askedById: text('asked_by_id').notNull(),
    askedBy: text('asked_by').notNull(),
    askedAt: instant('asked_at').notNull().defaultNow(),
    dueAt: instant('due_at').notNull(),
    calledOffAt: instant('called_off_at'),
    doneAt: instant('done_at'),
    message: text('message').notNull().default(''),
  },
  (t) => [index('deletion_org').on(t.orgId, t.dueAt)],
);
export const ERASABLE = ['lot', 'sale', 'person'] as const;
export type Erasable = (typeof ERASABLE)[number];

/** Who of the house's managers has taken note of lost structure that an inspector found. */
export const alarmHeard = pgTable(
  'alarm_heard',
  {
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    /** The finding that raised it; a revision carries it on under the same id. */
    recordId: uuid('record_id').notNull(),
    at: instant('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.orgId, t.recordId, t.userId] })],
);
