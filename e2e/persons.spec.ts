import { anotherHouse, readingOf } from './own-server';
import { browserOf, caller, enter, freshLot, goneTo, recordsOf } from './people';
import { expect, type Page, test } from './test';

test.describe.configure({ retries: 0 });

test.use({ serviceWorkers: 'allow' });

interface Logged {
  readonly who: string;
  readonly kind: string;
}
async function logOf(inspectionId: string): Promise<{ lines: Logged[]; whole: boolean }> {
  const api = await caller('manager');
  const log = await (await api.get(`/api/v1/inspections/${inspectionId}/log?check`)).json();
  await api.dispose();
  return log;
}
const kept = (page: Page, name: string | RegExp) => page.getByRole('status').getByRole('link', { name });

/** Lots saved in this browser; -1 before its memory is made. */
function savedLots(page: Page): Promise<number> {
  return page.evaluate(async () => {
    // Not before the page has made its database: opening it here would make an empty one.
    const made = (await indexedDB.databases()).find((d) => d.name === 'farvin-outbox');
    if ((made?.version ?? 0) < 30) return -1;
    return new Promise<number>((resolve) => {
      const open = indexedDB.open('farvin-outbox');
      open.onsuccess = () => {
        const all = open.result.transaction('lots').objectStore('lots').count();
        all.onsuccess = () => {
          open.result.close();
          resolve(all.result);
        };
      };
    });
  });
}

test('entries of one person never go out under another’s name, with two tabs', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const first = await context.newPage();
  await first.goto(`/lots/${lotId}/walk`);
  await enter(first, 'hood 131');
  await expect(kept(first, /wait/)).toHaveCount(0);
  // In another tab somebody else signs in.
  const petra = await caller('manager');
  await context.clearCookies();
  await context.addCookies((await petra.storageState()).cookies);
  await enter(first, 'roof 140');
  await expect(kept(first, 'somebody else is signed in here')).toBeVisible();
  const there = (log: { lines: Logged[] }) => log.lines.filter((l) => l.kind === 'reading').map((l) => l.who);
  expect(there(await logOf(inspectionId))).toEqual(['Ilse Brandvik']);
  // The other person's pages do not send it either.
  const second = await context.newPage();
  await second.goto(`/lots/${lotId}/walk`);
  await enter(second, 'deck 120');
  await expect(kept(second, /wait/)).toHaveCount(0);
  expect(there(await logOf(inspectionId))).toEqual(['Ilse Brandvik', 'Petra Quayle-Lunt']);
  await second.close();
  // Back as herself, it goes out by itself.
  const ilse = await caller('inspector');
  await context.clearCookies();
  await context.addCookies((await ilse.storageState()).cookies);
  await first.reload();
  await expect
    .poll(async () => there(await logOf(inspectionId)))
    .toEqual(['Ilse Brandvik', 'Petra Quayle-Lunt', 'Ilse Brandvik']);
  expect((await logOf(inspectionId)).whole).toBe(true);
});

test('a lot saved by one person does not open for another without a network', async ({ browser }) => {
  const { lotId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await context.newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  const saved = () => savedLots(page);
  await expect.poll(saved).toBe(1);
  const petra = await caller('manager');
  await context.clearCookies();
  await context.addCookies((await petra.storageState()).cookies);
  await page.goto('/yard');
  await expect.poll(saved).toBe(0);
});

test('a picture’s name that ends in half a letter, and whatever else is odd, holds nobody up', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  const failed: number[] = [];
  page.on('response', (r) => r.url().includes('/changes') && r.status() >= 500 && failed.push(r.status()));
  await page.goto(`/lots/${lotId}/walk`);
  const sharp = (await import('sharp')).default;
  const buffer = await sharp({ create: { width: 320, height: 240, channels: 3, background: '#364' } })
    .jpeg()
    .toBuffer();
  await page
    .locator('#walk-photos:enabled')
    .setInputFiles([{ name: `${'a'.repeat(199)}😀.jpg`, mimeType: 'image/jpeg', buffer }]);
  await enter(page, 'hood 131');
  await enter(page, 'roof 140');
  await expect(kept(page, /wait/)).toHaveCount(0);
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      return [records.reading?.length, records.photo?.[0]?.body.name.length];
    })
    .toEqual([2, 199]);
  expect(failed).toEqual([]);
});

test('what a stranger’s batch says is refused for anybody else, and ids are the same in any spelling', async () => {
  const { inspectionId } = await freshLot();
  const api = await caller('inspector');
  const change = readingOf(131);
  const at = `/api/v1/inspections/${inspectionId}/changes`;
  const foreign = await api.post(at, { data: { by: 'somebody-else', changes: [change] } });
  expect([foreign.status(), (await foreign.json()).reason]).toEqual([409, 'other-person']);
  const capital = await api.post(at.replace(inspectionId, inspectionId.toUpperCase()), {
    data: { changes: [{ ...change, id: change.id.toUpperCase(), record: change.record.toUpperCase() }] },
  });
  expect((await capital.json()).results).toEqual([{ id: change.id, status: 'applied', version: 1 }]);
  expect((await (await api.post(at, { data: { changes: [change] } })).json()).results).toEqual([
    { id: change.id, status: 'duplicate', version: 1 },
  ]);
  expect((await logOf(inspectionId)).whole).toBe(true);
});

test('an ended session’s device forgets what could be read, keeps what was entered, and a lease ends by itself', async ({
  browser,
}) => {
  // In a house of its own: others of the demo's sessions are in use at the same time.
  const { lotId, inspector, manager } = await anotherHouse('lostphone');
  const context = await browserOf(browser, { email: inspector });
  const page = await context.newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await expect.poll(() => savedLots(page)).toBe(1);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  // Eight days without the server: the lot does not open any more.
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const open = indexedDB.open('farvin-outbox');
        open.onsuccess = () => {
          const store = open.result.transaction('lots', 'readwrite').objectStore('lots');
          const all = store.getAll();
          all.onsuccess = () => {
            const row = all.result[0];
            store.put({ ...row, savedAt: new Date(Date.now() - 8 * 86_400_000).toISOString() });
          };
          store.transaction.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
  );
  await context.setOffline(true);
  await goneTo(page, '/device');
  await expect.poll(() => savedLots(page)).toBe(0);
  // The page that stood in without a network makes way by itself.
  const back = page.waitForEvent('load');
  await context.setOffline(false);
  await back;
  await page.goto(`/lots/${lotId}/walk`);
  await expect.poll(() => savedLots(page)).toBe(1);
  // The phone is lost: a manager ends its session while it is in use.
  const petra = await caller({ email: manager });
  const { sessions } = await (await petra.get('/api/v1/sessions')).json();
  const mine = (await (await page.request.get('/api/v1/sessions')).json()).sessions as { id: string; since: string }[];
  const newest = [...mine].sort((a, b) => b.since.localeCompare(a.since))[0]!;
  expect(sessions.some((s: { id: string }) => s.id === newest.id)).toBe(true);
  for (const { id } of mine) await petra.delete(`/api/v1/sessions/${id}`);
  await page.getByLabel('Entry line').fill('hood 131');
  await page.getByLabel('Entry line').press('Enter');
  await expect.poll(() => savedLots(page)).toBe(0);
  const waiting = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const open = indexedDB.open('farvin-outbox');
        open.onsuccess = () => {
          const all = open.result.transaction('waiting').objectStore('waiting').count();
          all.onsuccess = () => resolve(all.result);
        };
      }),
  );
  expect(waiting).toBe(1);
});
