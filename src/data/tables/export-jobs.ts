import { index, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { instant } from './instant';
import { inspection } from './lots';
import { organisation } from './organisations';

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
