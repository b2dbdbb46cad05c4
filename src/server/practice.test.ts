import { planOfPractice } from '@/core/practice/car-record';
import { practiceTruth } from '@/core/practice/practice-car';
import type { Actor } from '@/data/actor';
import { type Db, inOrg } from '@/data/db';
import { eraseLot } from '@/data/erase';
import { takeChanges } from '@/data/gateway';
import { foilReads } from '@/data/gauge-checks';
import { currentInspection, inspectionHead, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import { practiceOf, practiceRows } from '@/data/practice';
import { changeSale, salesOf, setSaleState } from '@/data/sales';
import { search } from '@/data/search';
import { testDatabase } from '@/data/test-database';
import { put, TEST_NOW, visitBody } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { beginCar, beginSecond, carInHand, closeIt, measureAt, placeOf, takeOwnSpread } from './practice';
import { sealInspection } from './sealing';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
let stranger: TestHouse;
const AT = TEST_NOW.toISOString();
const LATER = new Date(TEST_NOW.getTime() + 12 * 60_000);

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
  stranger = await testHouse(db, owner, 'harbour');
});
afterAll(() => end());

const enter = async (actor: Actor, lotId: string, ...changes: object[]) => {
  const head = (await currentInspection(db, actor, lotId))!;
  const results = await takeChanges(db, actor, head.id, changes, TEST_NOW);
  expect(results!.every((r) => r.status === 'applied')).toBe(true);
};

describe('a practice car', () => {
  let lotId: string;
  beforeAll(async () => {
    lotId = (await beginCar(db, house.inspector, 11, 7, TEST_NOW))!;
  });

  it('begins with what papers and seller say, and tells nothing of its truth', async () => {
    const head = (await currentInspection(db, house.inspector, lotId))!;
    const records = await recordsOfInspection(db, house.inspector, head.id);
    expect(new Set(records.map((r) => r.kind))).toEqual(new Set(['car', 'visit', 'claim']));
    expect(JSON.stringify(records)).not.toMatch(/holds|findings|panels/);
    expect(JSON.stringify(await practiceRows(db, house.inspector))).not.toContain('chassisNumber');
  });

  it('stands in no list, no search and no seal, and its sale can be neither changed nor opened', async () => {
    const head = (await currentInspection(db, house.inspector, lotId))!;
    expect((await salesOf(db, house.manager)).map((s) => s.name)).toEqual(['Sale of tramshed']);
    const found = await search(db, house.inspector, `${head.lot.title.split(' ')[0]}`);
    expect([found.lots.filter((l) => l.id === lotId), found.texts.filter((t) => t.lotId === lotId)]).toEqual([[], []]);
    expect(await setSaleState(db, house.manager, head.sale.id, 'open')).toBe(false);
    expect(await changeSale(db, house.manager, head.sale.id, { name: 'Real' }, () => null)).toBeNull();
    expect(await sealInspection(db, { ...house.inspector, role: 'manager' }, head.id, TEST_NOW)).toEqual({
      ok: false,
      reason: 'practice',
    });
  });

  it('is met by its own person alone, while it is open', async () => {
    const car = (await carInHand(db, house.inspector, lotId))!;
    expect(car.truth).toEqual(JSON.parse(JSON.stringify(practiceTruth(car.truth))));
    for (const other of [house.manager, stranger.inspector])
      expect([await carInHand(db, other, lotId), await currentInspection(db, other, lotId)]).toEqual([null, null]);
    const head = (await currentInspection(db, house.inspector, lotId))!;
    expect(await inspectionHead(db, house.manager, head.id)).toBeNull();
  });

  it('shows places, and the gauge reads the truth with its own noise and ceiling', async () => {
    const { truth, plan } = (await carInHand(db, house.inspector, lotId))!;
    const rusty = truth.findings.find((f) => f.flaw === 'rust-film')!;
    expect(placeOf(truth, plan, rusty.zone)!.felt.join(' ')).toContain('Brown wipes off');
    expect(placeOf(truth, plan, 'no.such.place')).toBeNull();
    const fresh = Object.entries(truth.panels).find(([z, s]) => s !== 'filled' && plan.zones.get(z)!.areaM2 > 0.3)!;
    const reads = Array.from({ length: 9 }, (_, i) =>
      measureAt(truth, plan, { zone: fresh[0], uMm: 300, vMm: 200 }, i),
    );
    const values = reads.flatMap((e) => (e?.kind === 'read' ? [e.value] : []));
    expect(new Set(values).size).toBeGreaterThan(1);
    const middle = values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
    expect(middle).toBeGreaterThan(fresh[1] === 'factory' ? 90 : 150);
    expect(middle).toBeLessThan(fresh[1] === 'factory' ? 180 : 600);
    expect(measureAt(truth, plan, { zone: 'nowhere', uMm: 1, vMm: 1 }, 1)).toBeNull();
    const glassFibre = practiceTruth({ seed: 3, style: 'sports', ageYears: 40, climate: 2, seller: 'honest' })!;
    const panel = Object.keys(glassFibre.panels)[0]!;
    expect(measureAt(glassFibre, planOfPractice(glassFibre)!, { zone: panel, uMm: 100, vMm: 100 }, 1)).toEqual({
      kind: 'none',
    });
  });

  it('is closed once, by its person, and what came of it is kept', async () => {
    const { truth } = (await carInHand(db, house.inspector, lotId))!;
    const [first] = truth.findings;
    await enter(house.inspector, lotId, put('finding', { ...first, at: AT }));
    expect(await closeIt(db, house.manager, lotId, LATER)).toBe('not-found');
    const outcome = await closeIt(db, house.inspector, lotId, LATER);
    expect(outcome).toMatchObject({ kind: 'car', minutesUsed: 12 });
    expect(await closeIt(db, house.inspector, lotId, LATER)).toBe('closed');
    expect(await carInHand(db, house.inspector, lotId)).toBeNull();
    const row = (await practiceOf(db, house.manager, lotId))!;
    expect(row.outcome?.kind === 'car' && row.outcome.debrief.faults.filter((f) => f.outcome === 'found')).toHaveLength(
      1,
    );
    // Closed, the manager may look at it; another house never.
    expect(await currentInspection(db, house.manager, lotId)).not.toBeNull();
    expect(await practiceOf(db, stranger.manager, lotId)).toBeNull();
  });

  it('is none beyond the course', async () => {
    expect(await beginCar(db, house.inspector, 13, 1, TEST_NOW)).toBeNull();
  });
});

describe('a second look', () => {
  it('is blind: neither sees the other’s before it is closed, and both are set side by side then', async () => {
    const dent = { zone: 'hood', flaw: 'dent', sizeMm: 40, at: AT };
    const { lotId, inspectionId } = await house.readyLot(put('finding', dent));
    const second = (await beginSecond(db, house.manager, lotId, house.inspector.userId, TEST_NOW))!;
    const own = (await currentInspection(db, house.inspector, second))!;
    const records = await recordsOfInspection(db, house.inspector, own.id);
    expect(records.map((r) => r.kind)).toEqual(['car']);
    expect(await currentInspection(db, house.inspector, lotId)).toBeNull();
    expect(await inspectionHead(db, house.inspector, inspectionId)).toBeNull();
    expect(await currentInspection(db, house.manager, second)).toBeNull();
    // Not twice at once, of no lot that is practice itself, by nobody of another house.
    for (const [lot, person] of [
      [lotId, house.inspector.userId],
      [second, house.inspector.userId],
      [lotId, stranger.inspector.userId],
      [lotId, house.viewer.userId],
    ] as const)
      expect(await beginSecond(db, house.manager, lot, person, TEST_NOW)).toBeNull();
    await enter(
      house.inspector,
      second,
      put('look', { zone: 'hood', aspect: 'paint', outcome: 'clean', at: AT }),
      put('look', { zone: 'hood', aspect: 'shape', outcome: 'clean', at: AT }),
    );
    const outcome = await closeIt(db, house.inspector, second, LATER);
    expect(outcome).toMatchObject({
      kind: 'second',
      second: 'tramshed inspector',
      agreement: { findings: { both: 0, only: [{ by: 'first', zone: 'hood', flaw: 'dent' }] } },
    });
    expect(await currentInspection(db, house.inspector, lotId)).not.toBeNull();
    expect((await practiceRows(db, house.manager)).find((r) => r.lotId === second)?.closedAt).toBe(LATER.toISOString());
  });

  it('tells which gauges were used, and what the house’s own read of their foils, practice cars aside', async () => {
    const check = { when: 'start', zeroUm: 1, foilUm: 250, foilReadUm: 254 };
    const visit = (name: string) => put('visit', { startedAt: AT, gauge: { name, ceilingUm: 2000, checks: [check] } });
    const { lotId } = await house.readyLot(put('visit', visitBody));
    const second = (await beginSecond(db, house.manager, lotId, house.inspector.userId, TEST_NOW))!;
    await enter(
      house.inspector,
      second,
      visit('Other gauge'),
      put('look', { zone: 'roof', aspect: 'paint', outcome: 'clean', at: AT }),
    );
    expect(await closeIt(db, house.inspector, second, LATER)).toMatchObject({
      gauges: { first: 'Survey gauge', second: 'Other gauge' },
    });
    const car = (await beginCar(db, house.inspector, 1, 3, TEST_NOW))!;
    await enter(house.inspector, car, visit('Stand-in'));
    const reads = (of: TestHouse) => inOrg(db, of.manager, (tx) => foilReads(tx, of.manager));
    expect(await reads(house)).toEqual([{ gauge: 'Other gauge', at: AT, offUm: 3 }]);
    expect(await reads(stranger)).toEqual([]);
  });

  it('goes with the lot when that is erased', async () => {
    const { lotId } = await house.readyLot();
    const second = (await beginSecond(db, house.manager, lotId, house.manager.userId, TEST_NOW))!;
    await eraseLot(owner, house.manager, lotId, 'the consignor asks for it');
    expect(await practiceOf(db, house.manager, second)).toBeNull();
  });

  it('makes the spread of its judgements the house’s own once pairs are enough', async () => {
    expect(await takeOwnSpread(db, house.manager)).toBeNull();
    for (let i = 0; i < 8; i++) {
      const { lotId } = await house.readyLot();
      const second = (await beginSecond(db, house.manager, lotId, house.inspector.userId, TEST_NOW))!;
      const dents = Array.from({ length: i }, () => put('finding', { zone: 'hood', flaw: 'dent', sizeMm: 90, at: AT }));
      const roof = put('look', { zone: 'roof', aspect: 'paint', outcome: 'clean', at: AT });
      await enter(house.inspector, second, roof, ...dents);
      expect(await closeIt(db, house.inspector, second, LATER)).toMatchObject({ kind: 'second' });
    }
    const sd = (await takeOwnSpread(db, house.manager))!;
    expect(sd).toBeGreaterThan(0);
    expect((await orgTables(db, house.manager)).tables.grade.judgementSd).toBe(sd);
    expect((await orgTables(db, stranger.manager)).tables.grade.judgementSd).toBe(1.8);
  });
});
