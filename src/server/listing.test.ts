import { docOf } from '@/core/listing/doc';
import type { Db } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { allowListing, keepListing, listingOf } from '@/data/listings';
import { testDatabase } from '@/data/test-database';
import { put, TEST_NOW } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { goesOut, heldUp, standingNow } from './listing';
import { sealInspection } from './sealing';
import { figureShop } from './workshop/workshop';

let db: Db;
let end: () => Promise<void>;
let house: TestHouse;
let other: TestHouse;

beforeAll(async () => {
  const made = await testDatabase();
  ({ db, end } = made);
  house = await testHouse(made.db, made.owner, 'listinghouse');
  other = await testHouse(made.db, made.owner, 'otherlisting');
});
afterAll(async () => {
  figureShop().close();
  await end();
});

const TEXT = { short: 'A mint Quillon.', long: docOf(['Nothing was found in what was looked at.']) };
const HOLE = { zone: 'rocker.left', flaw: 'perforated', at: TEST_NOW.toISOString() };

const keep = async (lotId: string) =>
  keepListing(db, house.manager, lotId, { ...TEXT, ...(await heldUp(db, house.manager, lotId, TEXT)) }, new Date());
const now = async (lotId: string) => standingNow(db, house.manager, (await listingOf(db, house.manager, lotId))!);
const enter = async (inspectionId: string, body: object) => {
  const [result] = (await takeChanges(db, house.inspector, inspectionId, [put('finding', body)], TEST_NOW))!;
  expect(result!.status).toBe('applied');
};

it('stands as it was kept while nothing else is known', async () => {
  const { lotId } = await house.readyLot();
  await keep(lotId);
  expect(await now(lotId)).toMatchObject({ contradicted: 0, since: null });
  expect(goesOut(await now(lotId))).toBe(true);
});

it('is held against what came in after it was kept, and does not go out once that speaks against it', async () => {
  const { lotId, inspectionId } = await house.readyLot();
  await keep(lotId);
  await enter(inspectionId, HOLE);
  const standing = await now(lotId);
  expect(standing).toMatchObject({ contradicted: 2, since: 'records' });
  expect(goesOut(standing)).toBe(false);
  await keep(lotId);
  expect(await now(lotId)).toMatchObject({ contradicted: 2, since: null });
});

it('goes out for the reason that was given, and for no more words than that', async () => {
  const { lotId, inspectionId } = await house.readyLot(put('finding', { ...HOLE, flaw: 'chip' }));
  const text = { ...TEXT, long: docOf(['Rust free.']) };
  const kept = { ...text, ...(await heldUp(db, house.manager, lotId, text)) };
  expect(kept.contradicted).toBe(1);
  await keepListing(db, house.manager, lotId, kept, new Date());
  const allow = async () =>
    allowListing(db, house.manager, lotId, 'the seller insists', await heldUp(db, house.manager, lotId, text));
  expect(await allow()).toBe(true);
  expect(goesOut(await now(lotId))).toBe(true);
  await enter(inspectionId, HOLE);
  expect(await now(lotId)).toMatchObject({ contradicted: 2, allowedWhy: '', since: 'records' });
  expect(goesOut(await now(lotId))).toBe(false);
  expect(await allow()).toBe(true);
  expect(goesOut(await now(lotId))).toBe(true);
});

it('is told of a report that was sealed after it was kept', async () => {
  const { lotId, inspectionId } = await house.readyLot();
  await keep(lotId);
  expect((await sealInspection(db, house.manager, inspectionId, TEST_NOW)).ok).toBe(true);
  expect(await now(lotId)).toMatchObject({ contradicted: 0, since: 'report' });
  await keep(lotId);
  expect(await now(lotId)).toMatchObject({ since: null });
});

it('says nothing of what came after a listing that was kept before this was noted, but counts anew', async () => {
  const { lotId, inspectionId } = await house.readyLot();
  await keepListing(db, house.manager, lotId, { ...TEXT, contradicted: 0, against: '' }, new Date());
  await enter(inspectionId, HOLE);
  expect(await now(lotId)).toMatchObject({ contradicted: 2, since: null });
});

it('is another house’s neither to read nor to hold', async () => {
  const { lotId } = await house.readyLot();
  await keep(lotId);
  expect(await listingOf(db, other.manager, lotId)).toBeNull();
  expect(await heldUp(db, other.manager, lotId, TEXT)).toEqual({ contradicted: 0, against: '' });
});
