import { DEFAULT_TOLERANCES } from '@/core/fit/tolerances';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { DEFAULT_GRADE_TABLES } from '@/core/grade/shipped';
import type { Role } from '@/core/people/roles';
import { COMPUTED_BY } from '@/report/computed-by';
import { verifyReport } from '@/report/sealed-report';
import { newToken, saleYear, sealInspection, tokenHash } from '@/server/sealing';
import { freshSummaries, summarise } from '@/server/summaries';
import { type Actor, mayEnter, mayManage } from './actor';
import type { Db } from './db';
import { takeChanges } from './gateway';
import { addLink, linkedReport, linksOf, openLink, withdrawLink } from './links';
import { outdateSummaries } from './lot-summaries';
import { addLot } from './lots';
import { keepTables, orgTables } from './org-tables';
import { setState, startRevision } from './revisions';
import { salesOf } from './sales';
import { sealedReport } from './seals';
import { orgTable } from './tables/organisations';
import { testDatabase } from './test-database';
import { put, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';
import { yardPage } from './yard';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let petra: Actor;
let ilse: Actor;
let stranger: Actor;
let saleId: string;
let readyLot: TestHouse['readyLot'];
const NOW = TEST_NOW;
const hours = (n: number) => new Date(NOW.getTime() + n * 3600_000);

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  const house = await testHouse(db, owner, 'tramshed');
  ({ manager: petra, inspector: ilse, saleId, readyLot } = house);
  stranger = (await testHouse(db, owner, 'harbour')).manager;
});
afterAll(() => end());

describe('links', () => {
  it('open the newest sealed report until they expire or are withdrawn', async () => {
    const { lotId, inspectionId } = await readyLot();
    const token = newToken();
    const link = await addLink(db, petra, {
      lotId,
      tokenHash: tokenHash(token),
      label: 'Copperbeech',
      expiresAt: hours(2),
    });
    expect((await openLink(db, tokenHash(token), NOW))!.revisions).toEqual([]);
    const sealed = await sealInspection(db, petra, inspectionId, NOW);
    if (!sealed.ok) throw new Error(sealed.reason);
    const open = (await openLink(db, tokenHash(token), hours(1)))!;
    expect(await verifyReport(JSON.parse((await linkedReport(db, open, inspectionId))!))).toMatchObject({
      ok: true,
      sha256: sealed.report.sha256,
    });
    expect(await openLink(db, tokenHash(token), hours(3))).toBeNull();
    expect(await withdrawLink(db, stranger, link, NOW)).toBe(false);
    expect(await withdrawLink(db, petra, link, NOW)).toBe(true);
    expect(await withdrawLink(db, petra, link, NOW)).toBe(false);
    expect(await openLink(db, tokenHash(token), hours(1))).toBeNull();
    expect((await linksOf(db, petra, lotId))[0]).toMatchObject({ label: 'Copperbeech', withdrawnAt: NOW });
  });

  it('show a correction once it is sealed, with the earlier revision named', async () => {
    const { lotId, inspectionId } = await readyLot();
    const token = newToken();
    await addLink(db, petra, { lotId, tokenHash: tokenHash(token), label: '', expiresAt: null });
    await sealInspection(db, petra, inspectionId, NOW);
    const next = (await startRevision(db, petra, inspectionId, 'a figure was wrong'))!;
    expect((await openLink(db, tokenHash(token), NOW))!.revisions.map((r) => r.revision)).toEqual([1]);
    await sealInspection(db, petra, next, hours(1));
    const both = (await openLink(db, tokenHash(token), NOW))!;
    expect(both.revisions.map((r) => r.revision)).toEqual([2, 1]);
    expect(JSON.parse((await linkedReport(db, both, next))!).snapshot.revision).toBe(2);
    expect((await sealedReport(db, petra, inspectionId))!.sha256).not.toBe(
      (await sealedReport(db, petra, next))!.sha256,
    );
  });

  it('are unguessable and kept only as hashes', () => {
    const tokens = Array.from({ length: 200 }, newToken);
    expect(new Set(tokens).size).toBe(200);
    expect(Buffer.from(tokens[0]!, 'base64url')).toHaveLength(24);
    expect(tokenHash(tokens[0]!)).toMatch(/^[0-9a-f]{64}$/);
    expect(tokenHash(tokens[0]!)).not.toContain(tokens[0]!);
  });
});

it('moves between draft and reviewed while open, and not once sealed', async () => {
  const { inspectionId } = await readyLot();
  expect(await setState(db, ilse, inspectionId, 'reviewed')).toBe(true);
  expect(await setState(db, ilse, inspectionId, 'draft')).toBe(true);
  await sealInspection(db, petra, inspectionId, NOW);
  expect(await setState(db, ilse, inspectionId, 'draft')).toBe(false);
});

it('knows what each role may', () => {
  const may = (role: Role) => [mayEnter({ ...petra, role }), mayManage({ ...petra, role })];
  expect([may('manager'), may('inspector'), may('viewer')]).toEqual([
    [true, true],
    [true, false],
    [false, false],
  ]);
});

describe('summaries of the Yard', () => {
  const row = async (inspectionId: string) =>
    (await yardPage(db, petra, saleId)).rows.find((r) => r.inspectionId === inspectionId)!;

  it('are computed once and again only after a change', async () => {
    const { inspectionId } = await readyLot();
    expect(await row(inspectionId)).toMatchObject({ stale: true, summary: null });
    const [fresh] = await freshSummaries(db, petra, [await row(inspectionId)], 2027);
    expect(fresh!.summary).toMatchObject({ car: 'Quillon Halyard 1967', readings: 0, findings: 0, gates: [] });
    expect(fresh!.summary.seen).toBeGreaterThan(0);
    expect(await row(inspectionId)).toMatchObject({ stale: false });
    await takeChanges(
      db,
      ilse,
      inspectionId,
      [put('finding', { zone: 'rail.left.front', flaw: 'structural-loss', at: NOW.toISOString() })],
      NOW,
    );
    expect(await row(inspectionId)).toMatchObject({ stale: true });
    const [again] = await freshSummaries(db, petra, [await row(inspectionId)], 2027);
    expect(again!.summary).toMatchObject({ findings: 1, gates: ['structural-loss'] });
    expect(again!.summary.grade!.high).toBeLessThanOrEqual(40);
  });

  it('are computed anew after a program that computes otherwise began, but not those of sealed lots', async () => {
    const { inspectionId } = await readyLot();
    await freshSummaries(db, petra, [await row(inspectionId)], 2027);
    await outdateSummaries(owner, COMPUTED_BY);
    expect(await row(inspectionId)).toMatchObject({ stale: false });
    await outdateSummaries(owner, COMPUTED_BY + 1);
    expect(await row(inspectionId)).toMatchObject({ stale: true });
    await freshSummaries(db, petra, [await row(inspectionId)], 2027);
    const sealed = await sealInspection(db, petra, inspectionId, NOW);
    if (!sealed.ok) throw new Error(sealed.reason);
    const { stale } = await row(inspectionId);
    await outdateSummaries(owner, COMPUTED_BY + 1);
    expect(await row(inspectionId)).toMatchObject({ state: 'sealed', stale });
  });

  it('have no grade before the car is stated', () => {
    expect(summarise([], 2027, DEFAULT_TABLES)).toMatchObject({
      grade: null,
      seen: 0,
      car: '',
    });
  });
});

describe('an organisation’s own tables', () => {
  it('replace the shipped ones where they fit, and are passed over where they do not', async () => {
    expect((await orgTables(db, petra)).tables).toEqual(DEFAULT_TABLES);
    await owner
      .insert(orgTable)
      .values({ orgId: petra.orgId, name: 'grade-2', value: { ...DEFAULT_GRADE_TABLES, exponent: -1 } });
    await owner.insert(orgTable).values({ orgId: petra.orgId, name: 'paint-profiles', value: [{ nonsense: true }] });
    const own = await orgTables(db, petra);
    expect(own.tables.grade.exponent).toBe(-1);
    expect(own.tables.profiles.map((p) => p.id)).toEqual(['survivor', 'rebuilt']);
    expect((await orgTables(db, stranger)).tables.grade.exponent).toBe(DEFAULT_GRADE_TABLES.exponent);
  });
});

it('shows each organisation its own sales, and counts a car’s age at the sale', async () => {
  expect((await salesOf(db, petra)).map((s) => s.name)).toEqual(['Sale of tramshed']);
  expect((await salesOf(db, stranger)).map((s) => s.name)).toEqual(['Sale of harbour']);
  expect([saleYear('2027-03-04', NOW), saleYear(null, NOW)]).toEqual([2027, 2027]);
});

describe('nominal gaps and tolerances', () => {
  it('are the organisation’s own from then on, and lots not sealed are judged anew', async () => {
    const { lotId, inspectionId } = (await addLot(db, petra, saleId, { number: 901, title: 'x', reportDueOn: null }))!;
    expect(lotId).not.toBe(inspectionId);
    const rowOf = async () => {
      const { rows } = await yardPage(db, petra, saleId, { limit: 200 });
      return rows.find((r) => r.inspectionId === inspectionId)!;
    };
    await freshSummaries(db, petra, [await rowOf()], 2027);
    expect((await rowOf()).stale).toBe(false);
    // Going back to what one has anyway changes nothing.
    await keepTables(db, petra, { tolerances: null });
    expect((await rowOf()).stale).toBe(false);
    const own = DEFAULT_TOLERANCES.map((t) => ({ ...t, goodMm: 0.7 }));
    await keepTables(db, petra, { tolerances: own });
    expect((await orgTables(db, petra)).tables.tolerances).toEqual(own);
    expect((await orgTables(db, stranger)).tables.tolerances).toEqual(DEFAULT_TOLERANCES);
    expect((await rowOf()).stale).toBe(true);
    await keepTables(db, petra, { tolerances: own.slice(0, 2) });
    expect((await orgTables(db, petra)).tables.tolerances).toHaveLength(2);
    await keepTables(db, petra, { tolerances: null });
    expect((await orgTables(db, petra)).tables.tolerances).toEqual(DEFAULT_TOLERANCES);
  });
});
