import { sql } from 'drizzle-orm';
import { sealInspection } from '@/server/sealing';
import { auditOf } from './audit';
import type { Db } from './db';
import { eraseLot, erasePerson, erasePicture } from './erase';
import { takeChanges } from './gateway';
import { recordsOfInspection } from './inspections';
import { logOf, logVerdict } from './log';
import { startRevision } from './revisions';
import { photoFile } from './tables/pictures';
import { testDatabase } from './test-database';
import { put, reading, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
let stranger: TestHouse;
const SHAS = ['a', 'b'].map((l) => l.repeat(64));
const photo = (sha256: string) =>
  put('photo', { sha256, name: 'x.jpg', type: 'image/jpeg', bytes: 10, widthPx: 4, heightPx: 3 });

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
  stranger = await testHouse(db, owner, 'harbour');
  for (const sha256 of SHAS)
    await owner
      .insert(photoFile)
      .values({ orgId: house.orgId, sha256, type: 'image/jpeg', bytes: 10, widthPx: 4, heightPx: 3 });
});
afterAll(() => end());

const everything = async () => {
  const tables = await owner.execute<{ t: string }>(
    sql`select table_name as t from information_schema.tables where table_schema = 'public'`,
  );
  let all = '';
  for (const { t } of tables)
    all += JSON.stringify(await owner.execute(sql.raw(`select row_to_json(x)::text as r from "${t}" x`)));
  return all;
};

it('takes a lot out of every table, and its log still checks', async () => {
  const secret = 'the owner lives in Elder Street';
  const shared = await house.readyLot(photo(SHAS[1]!));
  const ids = await house.readyLot(
    photo(SHAS[0]!),
    photo(SHAS[1]!),
    put('finding', { zone: 'hood', flaw: 'dent', note: secret, at: TEST_NOW.toISOString() }),
  );
  const sealed = await sealInspection(db, house.manager, ids.inspectionId, TEST_NOW);
  expect(sealed.ok).toBe(true);
  const next = (await startRevision(db, house.manager, ids.inspectionId, secret))!;
  await takeChanges(db, house.inspector, next, [put('reading', reading(128))], TEST_NOW);
  expect((await everything()).includes('Elder Street')).toBe(true);
  expect(await eraseLot(owner, stranger.manager, ids.lotId, 'asked for')).toBeNull();
  const erased = await eraseLot(owner, house.manager, ids.lotId, 'asked for');
  // The picture that another lot shows stays.
  expect(erased).toMatchObject({ pictures: [SHAS[0]], lines: 7 });
  const left = await everything();
  expect(left.includes('Elder Street')).toBe(false);
  expect(left.includes(SHAS[0]!)).toBe(false);
  expect(await recordsOfInspection(db, house.manager, ids.inspectionId)).toEqual([]);
  for (const id of [ids.inspectionId, next])
    expect(await logVerdict(db, house.manager, id)).toMatchObject({ whole: true, differing: [] });
  expect(await logVerdict(db, house.manager, ids.inspectionId)).toMatchObject({ erased: 6, lines: 6 });
  expect(await recordsOfInspection(db, house.manager, shared.inspectionId)).toHaveLength(4);
  expect((await auditOf(db, house.manager))[0]).toMatchObject({ what: 'erased', detail: { why: 'asked for' } });
  // What was erased cannot be put back as something else.
  await owner.transaction(async (tx) => {
    await tx.execute(sql`select set_config('farvin.erasing', 'yes', true)`);
    await tx.execute(sql`update change_log set erased = '{"after":"f"}' where inspection_id = ${ids.inspectionId}`);
  });
  expect(await logVerdict(db, house.manager, ids.inspectionId)).toMatchObject({ whole: false, cause: 'chain' });
});

it('takes a person’s name, address and account out, and what that person entered stays', async () => {
  const gone = await testHouse(db, owner, 'quayside');
  const { inspectionId } = await gone.readyLot();
  expect(await erasePerson(owner, gone.manager, 'manager@quayside.example', 'left')).toBeNull();
  expect(await erasePerson(owner, house.manager, 'inspector@quayside.example', 'left')).toBeNull();
  expect(await erasePerson(owner, gone.manager, 'Inspector@quayside.example', 'left')).toMatchObject({ lines: 3 });
  const left = await everything();
  expect(left.includes('quayside inspector')).toBe(false);
  expect(left.includes('inspector@quayside.example')).toBe(false);
  expect((await logOf(db, gone.manager, inspectionId)).map((l) => l.who)).toEqual(['erased', 'erased', 'erased']);
  expect(await logVerdict(db, gone.manager, inspectionId)).toMatchObject({ whole: true, erased: 3 });
  expect(await recordsOfInspection(db, gone.manager, inspectionId)).toHaveLength(3);
});

it('takes a picture out of its house only', async () => {
  await owner
    .insert(photoFile)
    .values({ orgId: stranger.orgId, sha256: SHAS[1]!, type: 'image/jpeg', bytes: 10, widthPx: 4, heightPx: 3 });
  expect(await erasePicture(owner, house.manager, SHAS[1]!, 'a face')).toMatchObject({ pictures: [] });
  expect(await erasePicture(owner, house.manager, SHAS[1]!, 'a face')).toBeNull();
  expect(await erasePicture(owner, stranger.manager, SHAS[1]!, 'a face')).toMatchObject({ pictures: [SHAS[1]] });
});

it('lets nobody else erase', async () => {
  const { lotId, inspectionId } = await house.readyLot();
  expect(await eraseLot(db, house.manager, lotId, 'no')).toBeNull();
  expect(await recordsOfInspection(db, house.manager, inspectionId)).toHaveLength(3);
});
