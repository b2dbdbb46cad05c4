import { and, asc, eq, type SQL, sql } from 'drizzle-orm';
import { dayAfter, type Sort, type Standing, YARD_LIMITS } from '@/core/yard/standing';
import type { LotSummary, YardRow } from '@/core/yard/yard-lot';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { inspection, lot } from './tables/lots';
import { holdsWord, wordsAsked } from './words-asked';

export interface YardQuery {
  readonly sort?: Sort;
  readonly show?: Standing | 'all';
  readonly search?: string;
  /** The `next` of the page before. */
  readonly after?: string | null;
  readonly limit?: number;
  /** The calendar day by which standing is judged. */
  readonly today?: string;
}

export interface YardPage {
  readonly rows: YardRow[];
  /** Where the next page begins, or null. */
  readonly next: string | null;
}

const FAR_DAY = '9999-12-31';

const ROW = {
  id: lot.id,
  number: lot.number,
  title: lot.title,
  reportDueOn: lot.reportDueOn,
  keeper: lot.keeper,
  withdrawn: sql<boolean>`${lot.withdrawnAt} is not null`,
  inspectionId: inspection.id,
  revision: inspection.revision,
  state: inspection.state,
  changeCount: inspection.changeCount,
  summary: inspection.summary,
  summaryCount: inspection.summaryCount,
  /** Questions of bidders that wait. */
  questions: sql<number>`(select count(*)::int from question q where q.lot_id = "lot"."id" and q.answered_at is null)`,
};
const NEWEST = and(eq(inspection.lotId, lot.id), eq(inspection.revision, lot.revision));

/** A row as read, with its summary marked stale where changes came after it. */
function yardRow<R extends { summary: unknown; summaryCount: number; changeCount: number }>(row: R) {
  const { summaryCount, ...rest } = row;
  return { ...rest, summary: row.summary as LotSummary | null, stale: summaryCount !== row.changeCount };
}

/** What the Yard shows of one lot, or null. */
export async function yardRowOf(db: Db, actor: Actor, lotId: string): Promise<YardRow | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select(ROW)
      .from(lot)
      .innerJoin(inspection, NEWEST)
      .where(and(eq(lot.id, lotId), eq(lot.orgId, actor.orgId))),
  );
  return row ? yardRow(row) : null;
}

/** Each order's key; rows with equal keys stand by number. Indexed as written here (migration 0004), but for the visits planned. */
const KEYS: Readonly<Record<Sort, { key: SQL; cast: SQL }>> = {
  number: { key: sql`${lot.number}`, cast: sql`int` },
  due: { key: sql`coalesce(${lot.reportDueOn}, ${sql.raw(`'${FAR_DAY}'`)}::date)`, cast: sql`date` },
  seen: { key: sql`${lot.seen}`, cast: sql`double precision` },
  grade: { key: sql`(- coalesce(${lot.grade}, -1))`, cast: sql`double precision` },
  // Day by day and in turn, as people were told; lots without a visit last.
  visit: {
    key: sql`coalesce((select min((v.x->>'day')::int * 10000 + v.ord) from sale s,
      jsonb_array_elements(coalesce(s.days_plan->'visits', '[]'::jsonb)) with ordinality v(x, ord)
      where s.id = ${lot.saleId} and v.x->>'lot' = ${lot.id}::text), 999999999)`,
    cast: sql`bigint`,
  },
};

/** The rule of `standing` (core/yard) as conditions; a test holds the two together. */
function isStanding(where: Standing, today: string): SQL {
  const here = sql`${lot.withdrawnAt} is null`;
  const open = sql`(${here} and ${lot.state} <> 'sealed')`;
  const soon = sql`${lot.reportDueOn} <= ${dayAfter(today, YARD_LIMITS.thinWithinDays)}`;
  const late = sql`coalesce(${lot.reportDueOn} < ${today}, false)`;
  const little = sql`(${lot.seen} < ${YARD_LIMITS.thinBelowShare} or ${lot.doubt} > ${YARD_LIMITS.thinAbovePoints})`;
  const thin = sql`coalesce(${soon} and ${little}, false)`;
  const rest = sql`${open} and not ${late} and not ${thin}`;
  const rules: Record<Standing, SQL> = {
    withdrawn: sql`not ${here}`,
    sealed: sql`${here} and ${lot.state} = 'sealed'`,
    late: sql`${open} and ${late}`,
    thin: sql`${open} and not ${late} and ${thin}`,
    going: sql`${rest} and ${lot.records} > 0`,
    'not begun': sql`${rest} and ${lot.records} = 0`,
  };
  return sql`(${rules[where]})`;
}

const SEARCHED = sql`(${lot.number} || ' ' || ${lot.title} || ' ' || ${lot.keeper})`;

/** One page of a sale's lots in the wished order, each with its newest inspection. Reads as many rows as it returns. */
export async function yardPage(db: Db, actor: Actor, saleId: string, query: YardQuery = {}): Promise<YardPage> {
  const { sort = 'number', show = 'all', search = '', after = null, limit = 200, today = FAR_DAY } = query;
  const { key, cast } = KEYS[sort];
  const [fromKey, fromNumber] = after?.split('~') ?? [];
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({ ...ROW, key: sql<string>`${key}::text` })
      .from(lot)
      .innerJoin(inspection, NEWEST)
      .where(
        and(
          eq(lot.orgId, actor.orgId),
          eq(lot.saleId, saleId),
          show === 'all' ? undefined : isStanding(show, today),
          ...wordsAsked(search).map((w) => holdsWord(SEARCHED, w)),
          fromNumber === undefined
            ? undefined
            : sql`(${key}, ${lot.number}) > (${fromKey}::${cast}, ${Number(fromNumber)}::int)`,
        ),
      )
      .orderBy(asc(key), asc(lot.number))
      .limit(limit + 1),
  );
  const page = rows.slice(0, limit);
  const last = rows.length > limit ? page.at(-1) : undefined;
  return {
    rows: page.map(({ key: _key, ...r }) => yardRow(r)),
    next: last ? `${last.key}~${last.number}` : null,
  };
}

/** Whether a text is a place where a page of this order may begin. */
export function isYardPlace(sort: Sort, place: string): boolean {
  const [key = '', number = ''] = place.split('~');
  const fits = sort === 'due' ? /^\d{4}-\d\d-\d\d$/ : sort === 'number' ? /^\d{1,9}$/ : /^-?\d+(\.\d+)?(e[+-]?\d+)?$/;
  const day = sort !== 'due' || !Number.isNaN(Date.parse(key));
  return place.split('~').length === 2 && fits.test(key) && day && /^\d{1,9}$/.test(number);
}

export type YardCounts = Readonly<Record<Standing, number>>;

/** How many lots of a sale stand where, and the one to go on with: late before thin before going, then by day due. */
export async function yardToday(
  db: Db,
  actor: Actor,
  saleId: string,
  today: string,
): Promise<{ counts: YardCounts; next: YardRow | null }> {
  const own = and(eq(lot.orgId, actor.orgId), eq(lot.saleId, saleId));
  const count = (where: Standing) => sql<number>`count(*) filter (where ${isStanding(where, today)})`.mapWith(Number);
  const [counts] = await inOrg(db, actor, (tx) =>
    tx
      .select({
        late: count('late'),
        thin: count('thin'),
        going: count('going'),
        'not begun': count('not begun'),
        sealed: count('sealed'),
        withdrawn: count('withdrawn'),
      })
      .from(lot)
      .where(own),
  );
  const first = (['late', 'thin', 'going', 'not begun'] as const).find((s) => (counts?.[s] ?? 0) > 0);
  const page = first ? await yardPage(db, actor, saleId, { sort: 'due', show: first, limit: 1, today }) : null;
  return { counts: counts!, next: page?.rows[0] ?? null };
}
