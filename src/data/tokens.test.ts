import type { Db } from './db';
import { salesOf } from './sales';
import { testDatabase } from './test-database';
import { type TestHouse, testHouse } from './test-house';
import { addToken, revokeToken, tokenActor, tokensOf } from './tokens';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'programs');
});
afterAll(() => end());
const make = (tokenHash: string, days = 30, from = new Date()) =>
  addToken(db, house.manager, { name: 'Catalogue', scopes: ['catalogue'], days, tokenHash }, from);

it('lets a program read one house with the scopes it was given, until its day or until it is taken back', async () => {
  const id = await make('a'.repeat(64));
  const found = (await tokenActor(db, 'a'.repeat(64)))!;
  expect(found.scopes).toEqual(['catalogue']);
  expect(found.actor).toEqual({ userId: `token:${id}`, name: 'Catalogue', orgId: house.orgId, role: 'editor' });
  expect((await salesOf(db, found.actor)).map((s) => s.name)).toEqual(['Sale of programs']);
  expect((await tokensOf(db, house.manager))[0]!.lastUsedAt).not.toBeNull();
  expect(await revokeToken(db, house.manager, id, new Date())).toBe(true);
  expect(await revokeToken(db, house.manager, id, new Date())).toBe(false);
  expect(await tokenActor(db, 'a'.repeat(64))).toBeNull();
  await make('b'.repeat(64), 1, new Date(Date.now() - 2 * 86_400_000));
  expect(await tokenActor(db, 'b'.repeat(64))).toBeNull();
  expect(await tokenActor(db, 'c'.repeat(64))).toBeNull();
});

it('is for managers of the own house to make, see and end', async () => {
  const other = await testHouse(db, owner, 'elsewhere');
  const id = await make('d'.repeat(64));
  expect(await revokeToken(db, other.manager, id, new Date())).toBe(false);
  expect(await tokensOf(db, other.manager)).toEqual([]);
  expect(await tokensOf(db, house.inspector)).toEqual([]);
  await expect(
    addToken(db, house.inspector, { name: 'X', scopes: ['records'], days: 1, tokenHash: 'e'.repeat(64) }, new Date()),
  ).rejects.toThrow();
});
