import { check, date, index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import type { WorkPlan } from '@/core/cost/work-plan';
import type { DaysPlan } from '@/core/days/days-plan';
import { PRACTICE, SALE_STATES, type SaleFacts, type SaleState } from '@/core/yard/sale-facts';
import { instant } from './instant';
import { oneOf } from './one-of';
import { organisation } from './organisations';

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
