import { sealInspection } from '@/server/sealing';
import type { Db } from './db';
import { currentInspection, recordsOfInspection, withheldCount } from './inspections';
import { linksOf } from './links';
import { logOf, logVerdict } from './log';
import { lendingsOf, lendLot } from './people';
import { photoFileOf } from './photos';
import { sealedReport } from './seals';
import { photoFile } from './tables/pictures';
import { testDatabase } from './test-database';
import { put, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';
import { yardPage } from './yard';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
let ids: { lotId: string; inspectionId: string };
let other: { lotId: string; inspectionId: string };
const AT = TEST_NOW.toISOString();
const SHAS = ['a', 'b', 'c', 'd'].map((l) => l.repeat(64));

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
  for (const sha256 of SHAS)
    await owner
      .insert(photoFile)
      .values({ orgId: house.orgId, sha256, type: 'image/jpeg', bytes: 10, widthPx: 4, heightPx: 3 });
  const photos = SHAS.map((sha256) =>
    put('photo', { sha256, name: 'x.jpg', type: 'image/jpeg', bytes: 10, widthPx: 4, heightPx: 3 }),
  );
  const [both, hiddenOnly, , plain] = photos;
  const withheld = put('finding', {
    zone: 'hood',
    flaw: 'dent',
    at: AT,
    withheld: 'consignor wishes it',
    photos: [both!.record, hiddenOnly!.record],
  });
  const open = put('finding', { zone: 'roof', flaw: 'dent', at: AT, photos: [both!.record] });
  photos[2]!.body = { ...photos[2]!.body, finding: withheld.record } as never;
  expect(plain).toBeDefined();
  const film = put('film', { name: 'lap.mp4', link: 'https://films.tramshed.example/1', at: AT });
  const moment = (of: { record: string }, words: string) =>
    put('moment', { film: film.record, fromS: 3, words, of: of.record, zone: 'hood', at: AT });
  ids = await house.readyLot(
    ...photos,
    withheld,
    open,
    film,
    moment(withheld, 'a dent that nobody may know of'),
    moment(open, 'a dent in the roof'),
    put('worth', { expected: 42_000, at: AT }),
  );
  other = await house.readyLot();
});
afterAll(() => end());

const kinds = async () => (await recordsOfInspection(db, house.viewer, ids.inspectionId)).map((r) => r.kind).sort();

it('shows a viewer nothing that is not lent', async () => {
  expect(await kinds()).toEqual([]);
  expect(await currentInspection(db, house.viewer, ids.lotId)).toBeNull();
  expect((await yardPage(db, house.viewer, house.saleId)).rows).toEqual([]);
  expect(await photoFileOf(db, house.viewer, SHAS[3]!)).toBeNull();
  expect(await logOf(db, house.viewer, ids.inspectionId)).toEqual([]);
});

it('shows of a lent lot all but what is withheld: findings, their pictures, their lines', async () => {
  expect(await lendLot(db, house.manager, ids.lotId, house.viewer.userId, true)).toBe(true);
  expect((await yardPage(db, house.viewer, house.saleId)).rows.map((r) => r.id)).toEqual([ids.lotId]);
  expect(await kinds()).toEqual(['car', 'film', 'finding', 'look', 'moment', 'photo', 'photo', 'visit']);
  const seen = await Promise.all(SHAS.map((sha) => photoFileOf(db, house.viewer, sha)));
  expect(seen.map((p) => p !== null)).toEqual([true, false, false, true]);
  const lines = await logOf(db, house.viewer, ids.inspectionId);
  expect(JSON.stringify(lines)).not.toContain('consignor wishes it');
  expect(JSON.stringify(lines)).not.toContain('nobody may know');
  expect(JSON.stringify(lines)).not.toContain('42000');
  expect(lines).toHaveLength(8);
  expect(await withheldCount(db, house.viewer, ids.inspectionId)).toBe(1);
  // The verdict on the log is that of the whole of it.
  expect(await logVerdict(db, house.viewer, ids.inspectionId)).toMatchObject({ whole: true, lines: 13 });
  expect(await currentInspection(db, house.viewer, other.lotId)).toBeNull();
});

it('shows inspectors and managers all of it', async () => {
  const all = await recordsOfInspection(db, house.inspector, ids.inspectionId);
  expect(all.filter((r) => r.kind === 'finding')).toHaveLength(2);
  expect(all.filter((r) => r.kind === 'photo')).toHaveLength(4);
});

it('lets a viewer read the sealed report of a lent lot, and no links', async () => {
  await sealInspection(db, house.manager, ids.inspectionId, TEST_NOW);
  await sealInspection(db, house.manager, other.inspectionId, TEST_NOW);
  const report = (await sealedReport(db, house.viewer, ids.inspectionId))!.report;
  expect(report).not.toContain('dent","withheld":"consignor');
  expect(await sealedReport(db, house.viewer, other.inspectionId)).toBeNull();
  expect(await linksOf(db, house.viewer, ids.lotId)).toEqual([]);
});

it('ends at once, and is lent to viewers of the house only', async () => {
  expect(await lendLot(db, house.manager, ids.lotId, house.inspector.userId, true)).toBe(false);
  const stranger = await testHouse(db, owner, 'harbour');
  expect(await lendLot(db, stranger.manager, ids.lotId, stranger.viewer.userId, true)).toBe(false);
  expect(await lendLot(db, house.manager, ids.lotId, stranger.viewer.userId, true)).toBe(false);
  expect(await lendingsOf(db, house.manager, ids.lotId)).toEqual([
    { id: house.viewer.userId, name: 'tramshed viewer', lent: true },
  ]);
  await lendLot(db, house.manager, ids.lotId, house.viewer.userId, false);
  expect(await kinds()).toEqual([]);
});
