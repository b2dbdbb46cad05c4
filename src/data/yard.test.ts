import { eq } from 'drizzle-orm';
import { SORTS, type Sort, STANDINGS, standing } from '@/core/yard/standing';
import type { LotSummary } from '@/core/yard/yard-lot';
import { createAccount, createOrganisation, createSale } from './accounts';
import { type Actor, actorOf } from './actor';
import { type Db, inOrg } from './db';
import { changeLot } from './lot-change';
import { keepSummary } from './lot-summaries';
import { addLot } from './lots';
import { setState, startRevision } from './revisions';
import { keepDaysPlan } from './sale-days';
import { inspection, lot } from './tables/lots';
import { testDatabase } from './test-database';
import { isYardPlace, yardPage, yardToday } from './yard';

const TODAY = '2027-02-10';
const NUMBERS = 60;
/** Lots that are to be visited, and on which day: within a day in this turn. */
const VISITS: readonly (readonly [number: number, day: number])[] = [
  [5, 1],
  [3, 0],
  [40, 0],
  [9, 2],
];
const TURN = [3, 40, 5, 9];
let db: Db;
let end: () => Promise<void>;
let petra: Actor;
let saleId: string;

const summary = (seen: number, records: number, value: number | null): LotSummary => ({
  records,
  seen,
  blocked: 0,
  grade: value === null ? null : { low: value - 5, value, high: value + (value % 2 ? 5 : 25), band: 'Honest' },
  readings: 0,
  findings: 0,
  photos: 0,
  gates: [],
  car: '',
});

beforeAll(async () => {
  let owner: Db;
  ({ db, owner, end } = await testDatabase());
  const orgId = await createOrganisation(owner, 'Tramshed');
  const email = 'petra@yard.example';
  const id = await createAccount(owner, { name: 'Petra', email, passwordHash: '-', orgId, role: 'manager' });
  petra = (await actorOf(db, id))!;
  saleId = await createSale(owner, orgId, { name: 'S', place: 'Vennor', opensOn: null, closesOn: null });
  // A fixed spread over days, shares seen, grades and states, with ties.
  for (let n = 1; n <= NUMBERS; n++) {
    const due = n % 7 === 0 ? null : `2027-02-${String(5 + ((n * 5) % 20)).padStart(2, '0')}`;
    const title = n % 10 === 0 ? 'Haskett Dray' : 'Quillon 50% Halyard';
    const { lotId, inspectionId } = (await addLot(db, petra, saleId, { number: n, title, reportDueOn: due }))!;
    if (n % 5 !== 0)
      await keepSummary(
        db,
        petra,
        inspectionId,
        0,
        summary(((n * 13) % 11) / 10, n % 4 === 0 ? 0 : n, n % 3 ? (n * 17) % 90 : null),
      );
    if (n % 9 === 0) await setState(db, petra, inspectionId, 'reviewed');
    if (n % 13 === 0) await changeLot(db, petra, lotId, { withdrawn: 'sold before' }, new Date());
    if (n % 8 === 0)
      await inOrg(db, petra, (tx) =>
        tx.update(inspection).set({ state: 'sealed' }).where(eq(inspection.id, inspectionId)),
      );
  }
  const ids = new Map((await lots()).map((l) => [l.number, l.id]));
  await keepDaysPlan(db, petra, saleId, {
    ...{ from: TODAY, days: 3, opens: 510, closes: 990, school: 'survey', inspectors: ['Ilse'] },
    ...{ place: null, daylightOnly: false, wet: [], keys: null, since: null },
    visits: VISITS.map(([n, day]) => ({ lot: ids.get(n)!, inspector: 0, day })),
  });
});
afterAll(() => end());

const facts = (l: typeof lot.$inferSelect) => ({ ...l, withdrawn: l.withdrawnAt !== null });
const lots = () => inOrg(db, petra, (tx) => tx.select().from(lot).where(eq(lot.saleId, saleId)));
const numbers = async (query: Parameters<typeof yardPage>[3]) =>
  (await yardPage(db, petra, saleId, { today: TODAY, ...query })).rows.map((r) => r.number);

it.each(STANDINGS)('finds the lots that are %s by the same rule as the core', async (where) => {
  const expected = (await lots()).filter((l) => standing(facts(l), TODAY) === where).map((l) => l.number);
  expect(expected.length).toBeGreaterThan(0);
  expect(await numbers({ show: where })).toEqual(expected.sort((a, b) => a - b));
  expect((await yardToday(db, petra, saleId, TODAY)).counts[where]).toBe(expected.length);
});

it.each(Object.keys(SORTS) as Sort[])('pages by %s without a lot twice or left out', async (sort) => {
  const whole = await numbers({ sort, limit: 1000 });
  expect(new Set(whole).size).toBe(NUMBERS);
  const paged: number[] = [];
  let after: string | null = null;
  do {
    const page: Awaited<ReturnType<typeof yardPage>> = await yardPage(db, petra, saleId, { sort, after, limit: 7 });
    paged.push(...page.rows.map((r) => r.number));
    after = page.next;
    if (after) expect(isYardPlace(sort, after)).toBe(true);
  } while (after);
  expect(paged).toEqual(whole);
  const by = new Map((await lots()).map((l) => [l.number, l]));
  const key = (n: number) => {
    const l = by.get(n)!;
    return {
      number: n,
      due: Date.parse(l.reportDueOn ?? '9999-12-31'),
      seen: l.seen,
      grade: -(l.grade ?? -1),
      visit: TURN.includes(n) ? TURN.indexOf(n) : NUMBERS,
    }[sort];
  };
  expect(whole).toEqual([...whole].sort((a, b) => key(a) - key(b) || a - b));
});

it('goes on with the latest lot, by day due', async () => {
  const late = (await lots())
    .filter((l) => standing(facts(l), TODAY) === 'late')
    .sort((a, b) => a.reportDueOn!.localeCompare(b.reportDueOn!) || a.number - b.number);
  expect((await yardToday(db, petra, saleId, TODAY)).next!.number).toBe(late[0]!.number);
});

it('searches number, title and keeper by every word, signs of the search language included', async () => {
  expect(await numbers({ search: 'dray hask' })).toEqual([10, 20, 30, 40, 50, 60]);
  expect(await numbers({ search: '50%' })).toHaveLength(54);
  expect(await numbers({ search: '%%' })).toEqual([]);
  expect(await numbers({ search: "' or 1=1" })).toEqual([]);
});

it('follows the newest revision', async () => {
  const [sealed] = (await yardPage(db, petra, saleId, { show: 'sealed', limit: 1 })).rows;
  const next = (await startRevision(db, petra, sealed!.inspectionId, 'a figure was wrong'))!;
  const row = (await yardPage(db, petra, saleId, { limit: 1000 })).rows.find((r) => r.id === sealed!.id)!;
  expect(row).toMatchObject({ inspectionId: next, revision: 2, state: 'draft', summary: null });
  // The old revision's late summary does not come back over the new one.
  await keepSummary(db, petra, sealed!.inspectionId, 0, summary(1, 99, 99));
  expect((await lots()).find((l) => l.id === sealed!.id)).toMatchObject({ revision: 2, state: 'draft', records: 0 });
});

it('refuses places that no page ended at', () => {
  for (const place of ['', '1', 'x~1', '1~x', "1'~1", '1~1~1', '2027-13-40~1'])
    expect([place, isYardPlace('due', place) || isYardPlace('number', place)]).toEqual([place, false]);
});
