import { DEFAULT_TOLERANCES } from '@/core/fit/tolerances';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { DEFAULT_GRADE_TABLES } from '@/core/grade/shipped';
import { createAccount, createOrganisation } from './accounts';
import { type Actor, actorOf } from './actor';
import { auditOf } from './audit';
import type { Db } from './db';
import { keepTables, orgTables, tablesAsSealed } from './org-tables';
import { orgTable } from './tables/organisations';
import { testDatabase } from './test-database';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let serial = 0;

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
});
afterAll(() => end());

async function house(): Promise<Actor> {
  const orgId = await createOrganisation(owner, 'Tramshed Dispersal Office');
  const email = `manager${++serial}@tramshed.example`;
  const id = await createAccount(owner, { name: 'Petra', email, passwordHash: 'none', orgId, role: 'manager' });
  return (await actorOf(db, id))!;
}
const keep = (actor: Actor, name: string, value: unknown) =>
  owner.insert(orgTable).values({ orgId: actor.orgId, name, value });

it('gives the shipped tables to a house that has none of its own', async () => {
  expect(await orgTables(db, await house())).toMatchObject({
    tables: DEFAULT_TABLES,
    unfit: [],
  });
});

it('tells of a table that it cannot read, and judges by the shipped one meanwhile', async () => {
  const actor = await house();
  await keep(actor, 'tolerances', [{ nominalMm: 'wide' }]);
  await keep(actor, 'grade-2', 'all good');
  expect(await orgTables(db, actor)).toMatchObject({
    tables: DEFAULT_TABLES,
    unfit: ['grade-2', 'tolerances'],
  });
});

it('fills in numbers that came in after the house kept its table, and leaves the house’s own', async () => {
  const actor = await house();
  const { partlySeen: _p, notice, ...older } = DEFAULT_GRADE_TABLES;
  const { farthestM: _f, ...olderNotice } = notice;
  await keep(actor, 'grade-2', { ...older, notice: olderNotice, missed: 6.5 });
  const { tables, unfit } = await orgTables(db, actor);
  expect(unfit).toEqual([]);
  expect(tables.grade).toEqual({ ...DEFAULT_GRADE_TABLES, missed: 6.5 });
});

it('takes bands and caps from where an earlier program kept them, and its other numbers as shipped', async () => {
  const actor = await house();
  const gates = { structuralLoss: 35, unsafeBrakes: 20, noIdentity: 45 };
  const bands = [
    { name: 'Fine', from: 60 },
    { name: 'Rough', from: 0 },
  ];
  await keep(actor, 'grade', { bands, lossScale: 3, gates });
  const { tables, unfit } = await orgTables(db, actor);
  expect(unfit).toEqual([]);
  expect(tables.grade).toEqual({ ...DEFAULT_GRADE_TABLES, bands });
  expect(tables.findingCaps).toMatchObject({ structuralLoss: 35, unsafeBrakes: 20 });
  expect(tables.identityCaps.noIdentity).toBe(45);
  expect(tables.paintLosses).toEqual(DEFAULT_TABLES.paintLosses);
});

it('keeps several tables at once, tells each in the audit, and marks open lots for a new grade', async () => {
  const actor = await house();
  const grade = { ...DEFAULT_GRADE_TABLES, missed: 5 };
  await keepTables(db, actor, { grade, tolerances: null });
  expect((await orgTables(db, actor)).tables.grade.missed).toBe(5);
  await keepTables(db, actor, { grade: null });
  expect((await orgTables(db, actor)).tables.grade).toEqual(DEFAULT_GRADE_TABLES);
  const told = (await auditOf(db, actor)).map((a) => [a.what, (a.detail as { table: string }).table]);
  expect(told).toEqual(
    expect.arrayContaining([
      ['numbers-changed', 'grade-2'],
      ['numbers-reset', 'grade-2'],
    ]),
  );
  expect(told).not.toContainEqual(['numbers-reset', 'tolerances']);
});

it('keeps a house’s tolerances apart from another’s', async () => {
  const [a, b] = [await house(), await house()];
  const own = [{ ...DEFAULT_TOLERANCES[0]!, from: null, to: null, nominalMm: 7 }];
  await keepTables(db, a, { tolerances: own });
  expect((await orgTables(db, a)).tables.tolerances).toEqual(own);
  expect((await orgTables(db, b)).tables.tolerances).toEqual(DEFAULT_TOLERANCES);
});

it('shows a sealed lot by the numbers it was sealed with', async () => {
  const actor = await house();
  const today = await orgTables(db, actor);
  const own = [{ ...DEFAULT_TOLERANCES[0]!, from: null, to: null, nominalMm: 7 }];
  const { bandFromSeen: _new, ...older } = DEFAULT_GRADE_TABLES;
  expect(tablesAsSealed({ grade: { ...older, missed: 9 }, tolerances: own }, today)).toMatchObject({
    tables: { grade: { missed: 9 }, tolerances: own },
    unfit: [],
  });
  expect(tablesAsSealed(null, today)).toBe(today);
});
