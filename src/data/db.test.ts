import { sql } from 'drizzle-orm';
import type { Db } from './db';
import { testDatabase } from './test-database';

let db: Db;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ db, end } = await testDatabase());
});
afterAll(() => end());

test('queries are not compiled: what is sent for that reaches the server', async () => {
  expect(await db.execute(sql`show jit`)).toMatchObject([{ jit: 'off' }]);
});
