import { bigserial, boolean, check, index, integer, jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { ROLES, type Role } from '@/core/people/roles';
import type { SaleFacts } from '@/core/yard/sale-facts';
import { user } from './auth';
import { instant } from './instant';
import { oneOf } from './one-of';

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
