import { v7 as uuidv7 } from 'uuid';
import { createAccount } from './accounts';
import { sessionActor } from './actor';
import type { Db } from './db';
import { session } from './tables/auth';
import { testDatabase } from './test-database';
import { type TestHouse, testHouse } from './test-house';

const DAY_S = 86_400;
let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'asking');
});
afterAll(() => end());

/** A session that lasts so long from now. */
async function begin(userId: string, lastsS: number): Promise<{ id: string; token: string }> {
  const row = { id: uuidv7(), token: uuidv7(), userId, expiresAt: new Date(Date.now() + lastsS * 1000) };
  await db.insert(session).values(row);
  return row;
}

it('tells who has a session, and whether it is due to be renewed', async () => {
  const { id, token } = await begin(house.inspector.userId, 5 * DAY_S);
  expect(await sessionActor(db, token, 4 * DAY_S)).toEqual({ actor: house.inspector, session: id, due: false });
  expect(await sessionActor(db, token, 6 * DAY_S)).toEqual({ actor: house.inspector, session: id, due: true });
});

it('knows nobody by a session that has run out, by one that there is not, or who belongs to no house', async () => {
  const { token } = await begin(house.viewer.userId, -1);
  expect(await sessionActor(db, token, DAY_S)).toBeNull();
  expect(await sessionActor(db, uuidv7(), DAY_S)).toBeNull();
  const stranger = { name: 'Wim Achterkamp', email: 'wim@elsewhere.example', passwordHash: '-' };
  const elsewhere = await testHouse(db, owner, 'elsewhere');
  const userId = await createAccount(owner, { ...stranger, orgId: elsewhere.orgId, role: 'viewer' });
  const open = await begin(userId, DAY_S);
  expect(await sessionActor(db, open.token, 0)).not.toBeNull();
  await owner.execute(`delete from membership where user_id = '${userId}'`);
  expect(await sessionActor(db, open.token, 0)).toBeNull();
});
