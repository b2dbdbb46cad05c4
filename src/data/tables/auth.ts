import { bigserial, boolean, doublePrecision, index, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { instant } from './instant';

/** Tables of the sign-in library, in the shape it expects. */
export const user = pgTable('user', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  email: text('email').notNull().unique(),
  emailVerified: boolean('email_verified').notNull().default(false),
  image: text('image'),
  twoFactorEnabled: boolean('two_factor_enabled').default(false),
  createdAt: instant('created_at').notNull().defaultNow(),
  updatedAt: instant('updated_at').notNull().defaultNow(),
});

export const session = pgTable(
  'session',
  {
    id: text('id').primaryKey(),
    expiresAt: instant('expires_at').notNull(),
    token: text('token').notNull().unique(),
    createdAt: instant('created_at').notNull().defaultNow(),
    updatedAt: instant('updated_at').notNull().defaultNow(),
    ipAddress: text('ip_address'),
    userAgent: text('user_agent'),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
  },
  (t) => [index('session_user').on(t.userId)],
);

export const account = pgTable(
  'account',
  {
    id: text('id').primaryKey(),
    accountId: text('account_id').notNull(),
    providerId: text('provider_id').notNull(),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    accessToken: text('access_token'),
    refreshToken: text('refresh_token'),
    idToken: text('id_token'),
    accessTokenExpiresAt: instant('access_token_expires_at'),
    refreshTokenExpiresAt: instant('refresh_token_expires_at'),
    scope: text('scope'),
    password: text('password'),
    createdAt: instant('created_at').notNull().defaultNow(),
    updatedAt: instant('updated_at').notNull().defaultNow(),
  },
  (t) => [index('account_user').on(t.userId)],
);

export const verification = pgTable('verification', {
  id: text('id').primaryKey(),
  identifier: text('identifier').notNull(),
  value: text('value').notNull(),
  expiresAt: instant('expires_at').notNull(),
  createdAt: instant('created_at').notNull().defaultNow(),
  updatedAt: instant('updated_at').notNull().defaultNow(),
});

/** The second step of signing in: a secret shared with an authenticator app, and codes for the day it is lost, both encrypted. */
export const twoFactor = pgTable(
  'two_factor',
  {
    id: text('id').primaryKey(),
    secret: text('secret').notNull(),
    backupCodes: text('backup_codes').notNull(),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    verified: boolean('verified').default(true),
    failedVerificationCount: integer('failed_verification_count').default(0),
    lockedUntil: instant('locked_until'),
  },
  (t) => [index('two_factor_user').on(t.userId)],
);

/** Every sign-in, sign-out and revoked session, kept for the organisation's managers. */
export const signInEvent = pgTable(
  'sign_in_event',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    at: instant('at').notNull(),
    /** Null when the account tried does not exist. */
    orgId: uuid('org_id'),
    userId: text('user_id'),
    what: text('what').$type<SignInWhat>().notNull(),
    address: text('address').notNull().default(''),
    agent: text('agent').notNull().default(''),
  },
  (t) => [index('sign_in_event_org').on(t.orgId, t.id)],
);
export type SignInWhat =
  | 'signed-in'
  | 'refused'
  | 'locked-out'
  | 'signed-out'
  | 'revoked'
  | 'password-changed'
  | 'recovered';

/**
 * Passwords tried, by a hash of the account and address they were tried for: how many since the last right one or the last
 * long pause, and when the last was let through.
 */
export const signInTry = pgTable('sign_in_try', {
  who: text('who').primaryKey(),
  tries: integer('tries').notNull(),
  last: instant('last').notNull(),
});

/** Requests counted over all servers, in buckets that refill with time. */
export const rateBucket = pgTable('rate_bucket', {
  who: text('who').primaryKey(),
  left: doublePrecision('left').notNull(),
  at: instant('at').notNull(),
});
