import { eq } from 'drizzle-orm';
import { toldTo } from '@/server/days-told';
import { sealInspection } from '@/server/sealing';
import type { Db } from './db';
import { inOrg } from './db';
import { daysBehind, daysFeedOf, daysPlanOf, daysTold, keepDaysPlan, setDaysFeed } from './sale-days';
import { sale } from './tables/sales';
import { testDatabase } from './test-database';
import { put, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';
import { makesKnown, visitsTook } from './visit-times';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
let lots: { lotId: string; inspectionId: string }[];
const TOKEN = 'f'.repeat(32);

const planFor = (visits: object[]) => ({
  from: '2027-02-11',
  days: 3,
  opens: 510,
  closes: 990,
  school: 'survey' as const,
  inspectors: ['Ilse', 'Tomas'],
  place: null,
  daylightOnly: false,
  wet: [1],
  keys: null,
  since: null,
  visits: visits as never,
});

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
  lots = [await house.readyLot(), await house.readyLot(), await house.readyLot()];
  await keepDaysPlan(
    db,
    house.manager,
    house.saleId,
    planFor(lots.map((l, i) => ({ lot: l.lotId, inspector: i % 2, day: i }))),
  );
});
afterAll(() => end());

it('opens a plan to calendars by its address alone, and to none once it is shut', async () => {
  expect(await daysBehind(db, TOKEN)).toBeNull();
  expect(await setDaysFeed(db, house.manager, house.saleId, null)).toBe(false);
  expect(await setDaysFeed(db, house.manager, house.saleId, TOKEN)).toBe(true);
  expect(await daysFeedOf(db, house.manager, house.saleId)).toBe(TOKEN);
  const told = (await daysBehind(db, TOKEN))!;
  expect(toldTo('Ilse', told).map((v) => [v.on, v.lot.number, v.wet])).toEqual([
    ['2027-02-11', 1, false],
    ['2027-02-13', 3, false],
  ]);
  expect(toldTo('Tomas', told).map((v) => [v.on, v.wet])).toEqual([['2027-02-12', true]]);
  expect(toldTo('Nobody', told)).toEqual([]);
  expect(await setDaysFeed(db, house.manager, house.saleId, null)).toBe(true);
  expect(await daysBehind(db, TOKEN)).toBeNull();
});

it('reads a plan that was kept before weather and daylight were asked', async () => {
  const { place: _p, daylightOnly: _d, wet: _w, keys: _k, since: _s, ...old } = planFor([]);
  await owner
    .update(sale)
    .set({ daysPlan: old as never })
    .where(eq(sale.id, house.saleId));
  expect(await daysPlanOf(db, house.manager, house.saleId)).toEqual({
    ...old,
    place: null,
    daylightOnly: false,
    wet: [],
    keys: null,
    since: null,
  });
  expect((await daysTold(db, house.manager, house.saleId))?.plan.wet).toEqual([]);
});

it('learns how long visits took from sealed reports, and from those of its own house alone', async () => {
  const took = (of: TestHouse) => inOrg(db, of.manager, (tx) => visitsTook(tx, of.manager));
  const at = TEST_NOW.toISOString();
  const { inspectionId } = await house.readyLot(put('visit', { startedAt: at, hours: 2.5, school: 'lap' }));
  expect(await took(house)).toEqual([]);
  expect((await sealInspection(db, house.manager, inspectionId, TEST_NOW)).ok).toBe(true);
  expect(await took(house)).toEqual([{ school: 'lap', minutes: 150 }]);
  expect(await took(await testHouse(db, owner, 'harbour'))).toEqual([]);
});

it('knows who inspected which make from sealed reports, of its own house alone', async () => {
  const other = await testHouse(db, owner, 'quay');
  const knows = (of: TestHouse) => inOrg(db, of.manager, (tx) => makesKnown(tx, of.manager));
  const visit = put('visit', { startedAt: TEST_NOW.toISOString(), inspector: 'Ilse Brandvik' });
  const { inspectionId } = await other.readyLot(visit);
  expect(await knows(other)).toEqual([]);
  expect((await sealInspection(db, other.manager, inspectionId, TEST_NOW)).ok).toBe(true);
  expect(await knows(other)).toEqual([{ make: 'Quillon', inspector: 'Ilse Brandvik' }]);
  expect(await knows(house)).toEqual([]);
});
