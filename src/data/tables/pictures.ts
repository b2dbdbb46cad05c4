import { integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { instant } from './instant';
import { organisation } from './organisations';

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
