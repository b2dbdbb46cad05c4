import { auditOf } from './audit';
import type { Db } from './db';
import { takeChanges } from './gateway';
import { logOf, logVerdict } from './log';
import { renamePerson } from './people';
import { testDatabase } from './test-database';
import { put, reading, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';

let db: Db;
let end: () => Promise<void>;
let house: TestHouse;
beforeAll(async () => {
  let owner: Db;
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
});
afterAll(() => end());

it('keeps the name under which a line was entered, and a change of name is a manager’s act', async () => {
  const { inspectionId } = await house.lot();
  const { inspector, manager } = house;
  await takeChanges(db, inspector, inspectionId, [put('reading', reading())], TEST_NOW);
  expect(await renamePerson(db, manager, inspector.userId, 'Petra Quayle-Lunt')).toBe(true);
  expect(await renamePerson(db, manager, 'somebody of another house', 'Petra')).toBe(false);
  const who = async () => (await logOf(db, manager, inspectionId)).map((l) => l.who);
  expect(await who()).toEqual(['tramshed inspector']);
  const renamed = { ...inspector, name: 'Petra Quayle-Lunt' };
  await takeChanges(db, renamed, inspectionId, [put('reading', reading())], TEST_NOW, { clockAheadS: 7200 });
  expect(await who()).toEqual(['tramshed inspector', 'Petra Quayle-Lunt']);
  expect((await logOf(db, manager, inspectionId)).map((l) => l.clockAheadS)).toEqual([null, 7200]);
  expect(await logVerdict(db, manager, inspectionId)).toMatchObject({ whole: true, lines: 2 });
  expect((await auditOf(db, manager)).find((e) => e.what === 'name-changed')).toMatchObject({
    actorName: 'tramshed manager',
    detail: { before: 'tramshed inspector', after: 'Petra Quayle-Lunt' },
  });
});
