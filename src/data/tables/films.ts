import { bigint, integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { instant } from './instant';
import { organisation } from './organisations';

/** A film that a house keeps, in parts, and the file it came from; which lots show it is said by their records. */
export const filmFile = pgTable(
  'film_file',
  {
    orgId: uuid('org_id')
      .notNull()
      .references(() => organisation.id, { onDelete: 'cascade' }),
    sha256: text('sha256').notNull(),
    /** Of the file as it came, before positions were taken out. */
    originSha256: text('origin_sha256').notNull(),
    type: text('type').notNull(),
    bytes: bigint('bytes', { mode: 'number' }).notNull(),
    partBytes: integer('part_bytes').notNull(),
    addedBy: text('added_by'),
    addedAt: instant('added_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.orgId, t.sha256] })],
);
