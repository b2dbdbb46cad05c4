import { sql } from 'drizzle-orm';
import { LIVE_CHANNEL } from '@/data/live-channel';
import { testDatabase } from '@/data/test-database';
import { Live } from './live';

it('hears of changes although the first listening failed, without another page being opened', async () => {
  const { owner, url, end } = await testDatabase();
  let asked = 0;
  // The database is away at first.
  const live = new Live(() => (++asked === 1 ? 'postgres://nobody:x@127.0.0.1:1/none' : url));
  let woken = 0;
  const heard = new Promise<void>((resolve) => {
    live.on('inspection', () => {
      woken++;
      resolve();
    });
  });
  await heard; // woken once, for what was missed meanwhile
  const again = new Promise<void>((resolve) => live.on('inspection', resolve));
  await owner.execute(sql`select pg_notify(${LIVE_CHANNEL}, 'inspection')`);
  await again;
  expect(asked).toBe(2);
  expect(woken).toBe(2);
  await live.stop();
  await end();
});
