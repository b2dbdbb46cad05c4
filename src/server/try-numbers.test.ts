import { DEFAULT_TABLES, type Tables } from '@/core/grade/all-tables';
import { digestOf } from '@/core/population/digest';
import type { Db } from '@/data/db';
import { keepTables, orgTables } from '@/data/org-tables';
import { testDatabase } from '@/data/test-database';
import { put, TEST_NOW } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { numbersAsked } from './numbers-asked';
import { tryNumbers } from './try-numbers';

let db: Db;
let end: () => Promise<void>;
let house: TestHouse;
const at = TEST_NOW.toISOString();

beforeAll(async () => {
  let owner: Db;
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'numbers');
  await house.lot();
  await house.readyLot(put('finding', { zone: 'hood', flaw: 'chip', at }));
  await house.readyLot(put('finding', { zone: 'rocker.left', flaw: 'perforated', sizeMm: 300, at }));
});
afterAll(() => end());

/** Tables by which a hole costs next to nothing, with a yardstick that says it was measured by them. */
function mild(): Tables {
  const curves = {
    ...DEFAULT_TABLES.grade.curves,
    metal: [
      [0, 0],
      [1, 5],
    ] as [number, number][],
  };
  const tables = { ...DEFAULT_TABLES, grade: { ...DEFAULT_TABLES.grade, curves } };
  return { ...tables, yardstick: { ...tables.yardstick, madeFrom: digestOf(tables) } };
}
const sent = ({ grade, work, yardstick }: Tables) => ({ grade, work, yardstick });

it('says how open lots would move, those that move most first, and changes nothing', async () => {
  const lots = await tryNumbers(db, house.manager, DEFAULT_TABLES, mild());
  expect(lots.map((l) => l.number)).toEqual([3, 2]);
  expect(lots[0]!.after.project).toBeGreaterThan(lots[0]!.now.project + 5);
  expect((await orgTables(db, house.manager)).tables).toEqual(DEFAULT_TABLES);
  const same = await tryNumbers(db, house.manager, DEFAULT_TABLES, DEFAULT_TABLES);
  for (const l of same) expect(l.after).toEqual(l.now);
});

it('grades by a house’s own numbers once they are kept', async () => {
  await keepTables(db, house.manager, sent(mild()));
  const { tables, unfit } = await orgTables(db, house.manager);
  expect(unfit).toEqual([]);
  expect(tables.grade.curves.metal).toHaveLength(2);
  await keepTables(db, house.manager, { grade: null, work: null, yardstick: null });
});

it('takes numbers with the yardstick that was measured by them', () => {
  const asked = numbersAsked(JSON.parse(JSON.stringify(sent(mild()))), DEFAULT_TABLES);
  expect(asked.ok && asked.tables.grade.curves.metal).toEqual(mild().grade.curves.metal);
});

it.each([
  [
    'a yardstick of other numbers',
    () => ({ ...sent(mild()), yardstick: DEFAULT_TABLES.yardstick }),
    'measured with other numbers',
  ],
  [
    'a curve that falls',
    () => ({
      ...sent(mild()),
      grade: {
        ...mild().grade,
        curves: {
          ...mild().grade.curves,
          metal: [
            [0, 0],
            [0.5, 9],
            [1, 3],
          ],
        },
      },
    }),
    'never falls',
  ],
  ['a number that is none', () => ({ ...sent(mild()), grade: { ...mild().grade, missed: 'few' } }), 'grade, missed'],
  ['nothing', () => ({}), 'grade'],
])('refuses %s, and says so', async (_what, body, says) => {
  expect(numbersAsked(body(), DEFAULT_TABLES)).toMatchObject({ ok: false, message: expect.stringContaining(says) });
});
