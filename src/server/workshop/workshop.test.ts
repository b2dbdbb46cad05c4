import sharp from 'sharp';
import { Workshop } from './workshop';

const MB = 1024 * 1024;
const ROOMY = { processes: 1, waiting: 50, memoryBytes: 1200 * MB, workMs: 60_000, idleMs: 60_000 };
const shops: Workshop[] = [];
const shopOf = (bounds: Partial<typeof ROOMY>) => {
  const shop = new Workshop({ ...ROOMY, ...bounds });
  shops.push(shop);
  return shop;
};
afterAll(() => {
  for (const shop of shops) shop.close();
});

const picture = (width: number, height: number, progressive = false) =>
  sharp({ create: { width, height, channels: 3, background: '#a52' }, limitInputPixels: false })
    .jpeg({ progressive, chromaSubsampling: '4:4:4' })
    .toBuffer();

it('reads pictures in a process of its own', async () => {
  const read = await shopOf({}).run('readPicture', await picture(400, 300));
  expect(read).toMatchObject({ ok: true, type: 'image/jpeg', widthPx: 400, heightPx: 300, takenAt: null });
});

it('ends a process that takes more memory than it may, refuses its work, and goes on with the next', async () => {
  // The process alone takes more than this: whatever is asked of it is stopped.
  const shop = shopOf({ memoryBytes: 30 * MB });
  await expect(shop.run('readPicture', await picture(400, 300))).rejects.toMatchObject({ why: 'memory' });
  await expect(shop.run('readPicture', await picture(400, 300))).rejects.toMatchObject({ why: 'memory' });
});

it('ends work that takes longer than it may', async () => {
  await expect(shopOf({ workMs: 20 }).run('readPicture', await picture(400, 300))).rejects.toMatchObject({
    why: 'time',
  });
});

it('lets only so many wait', async () => {
  const shop = shopOf({ waiting: 2 });
  const small = await picture(40, 30);
  const asked = await Promise.allSettled(Array.from({ length: 6 }, () => shop.run('readPicture', small)));
  const refused = asked.filter((a) => a.status === 'rejected' && a.reason.why === 'busy');
  expect(asked.filter((a) => a.status === 'fulfilled').length + refused.length).toBe(6);
  expect(refused.length).toBeGreaterThan(0);
});

it('refuses, before it unpacks it, a picture that must be held whole and is too large for that', async () => {
  const shop = shopOf({});
  const large = await picture(9000, 6000, true);
  expect(large.length).toBeLessThan(3 * MB);
  expect(await shop.run('readPicture', large)).toEqual({ ok: false, reason: 'too-many-pixels' });
  expect(await shop.run('readPicture', await picture(9000, 6000))).toMatchObject({ ok: true, widthPx: 9000 });
});
