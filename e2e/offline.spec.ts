import { browserOf, caller, enter, freshLot, goneTo, lotByNumber, recordsOf } from './people';
import { type BrowserContext, expect, type Page, test } from './test';

test.describe.configure({ retries: 0 });

test.use({ serviceWorkers: 'allow' });

const PICTURE = (await import('sharp')).default;
/** A small picture whose pixels differ by its number. */
const picture = (n: number) =>
  PICTURE({ create: { width: 640, height: 480, channels: 3, background: { r: n % 256, g: 90, b: 140 } } })
    .jpeg()
    .toBuffer();

async function withWorker(context: BrowserContext, path: string): Promise<Page> {
  const page = await context.newPage();
  await page.goto(path);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  return page;
}
const waits = (page: Page, name: string | RegExp) => page.getByRole('status').getByRole('link', { name });

test('at the car without a network: opens, takes entries and pictures, and sends them when it is back', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await withWorker(context, `/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await enter(page, 'hood 131');
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      return records.reading?.length;
    })
    .toBe(1);
  // Kept on the device a moment after it opens.
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const open = indexedDB.open('farvin-outbox');
        await new Promise((r) => {
          open.onsuccess = r;
        });
        const all = open.result.transaction('lots').objectStore('lots').count();
        await new Promise((r) => {
          all.onsuccess = r;
        });
        open.result.close();
        return all.result;
      }),
    )
    .toBe(1);
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await enter(page, 'hood 128 125');
  await page.locator('#walk-photos:enabled').setInputFiles([
    { name: 'near.jpg', mimeType: 'image/jpeg', buffer: await picture(7) },
    { name: 'far.jpg', mimeType: 'image/jpeg', buffer: await picture(8) },
  ]);
  await expect(waits(page, '2 entries, 2 photos wait')).toBeVisible();
  await page.reload();
  await expect(waits(page, '2 entries, 2 photos wait')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Readings' }).getByText(/All 3 readings/)).toBeVisible();
  // Other screens of the lot open too, and the Yard's address shows what is on the device.
  await goneTo(page, `/lots/${lotId}/grade`);
  await expect(page.getByRole('link', { name: 'Grade', exact: true })).toHaveAttribute('aria-current', 'page');
  await goneTo(page, '/yard');
  await expect(page.getByRole('heading', { name: 'Waits to be sent' })).toBeVisible();
  await expect(page.getByText('near.jpg')).toBeVisible();
  // The page that stands in for the Yard makes way for it by itself.
  const yard = page.waitForEvent('load');
  await context.setOffline(false);
  await yard;
  await page.goto('/device');
  await expect(page.getByRole('heading', { name: 'Nothing waits: the server has everything' })).toBeVisible();
  const records = await recordsOf(page.request, inspectionId);
  const um = records.reading.map((r: { body: { thicknessUm: number } }) => r.body.thicknessUm);
  expect(um).toEqual([131, 128, 125]);
  expect(records.photo.map((p: { body: { name: string } }) => p.body.name)).toEqual(['near.jpg', 'far.jpg']);
  const log = await (await page.request.get(`/api/v1/inspections/${inspectionId}/log?check`)).json();
  expect(log.whole).toBe(true);
});

test('an expired session keeps what is typed and sends it after signing in again', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await context.newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await context.clearCookies();
  await enter(page, 'roof 140');
  await waits(page, '1 entry waits: sign in again').click();
  const api = await caller('inspector');
  await context.addCookies((await api.storageState()).cookies);
  await page.goto('/yard');
  await expect
    .poll(async () => {
      const records = await recordsOf(api, inspectionId);
      return records.reading?.length ?? 0;
    })
    .toBe(1);
});

test('two people on one car see each other, and a conflict shows both values', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const open = async (who: 'inspector' | 'manager') => {
    const page = await (await browserOf(browser, who)).newPage();
    await page.goto(`/lots/${lotId}/walk`);
    await expect(page.getByLabel('Entry line')).toBeEnabled();
    return page;
  };
  const ilse = await open('inspector');
  const petra = await open('manager');
  await enter(ilse, 'hood chip 3');
  await expect(petra.getByRole('region', { name: 'Findings' }).getByText('3 × stone chip')).toBeVisible();
  await expect(petra.getByText('Ilse Brandvik entered finding')).toBeVisible();
  // Ilse loses the network and changes the finding; Petra changes the same one meanwhile.
  await ilse.route('**/api/v1/**', (route) => route.abort());
  const change = async (page: Page, count: string) => {
    await page
      .getByRole('region', { name: 'Findings' })
      .getByRole('button', { name: /stone chip/ })
      .first()
      .click();
    await page.getByRole('spinbutton', { name: 'Count' }).fill(count);
    await page.getByRole('button', { name: /Keep correction/ }).click();
  };
  await change(ilse, '5');
  await change(petra, '9');
  await expect(waits(petra, /wait/)).toHaveCount(0);
  await ilse.unroute('**/api/v1/**');
  const aside = ilse.getByRole('region', { name: 'Entries not taken' });
  await expect(aside.getByText(/Petra Quayle-Lunt/)).toBeVisible();
  await expect(aside.getByText('9 × stone chip')).toBeVisible();
  await expect(aside.getByText('5 × stone chip')).toBeVisible();
  await aside.getByRole('button', { name: 'Use mine' }).click();
  await expect(petra.getByRole('region', { name: 'Findings' }).getByText('5 × stone chip')).toBeVisible();
  await petra.getByRole('button', { name: 'History of stone chip' }).click();
  const history = petra.getByRole('dialog', { name: 'History of stone chip' });
  await expect(history.getByRole('listitem')).toHaveText([/entered: 3 ×/, /changed to: 9 ×/, /changed to: 5 ×/]);
  const log = await (await petra.request.get(`/api/v1/inspections/${inspectionId}/log?check`)).json();
  expect(log.whole).toBe(true);
});

test('takes a whole sale along: a lot never opened before opens without a network', async ({ browser }) => {
  const api = await caller('inspector');
  const { lotId } = await lotByNumber(api, 4);
  const context = await browserOf(browser, 'inspector');
  const page = await withWorker(context, '/yard');
  await page.getByRole('button', { name: 'Take with me' }).click();
  await expect(page.getByRole('link', { name: /lots on this device/ })).toBeVisible();
  await context.setOffline(true);
  await goneTo(page, `/lots/${lotId}/walk`);
  await expect(page.getByRole('heading', { name: 'Brannock Eleven, 1938' })).toBeVisible();
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  // A picture of it too.
  await goneTo(page, `/lots/${lotId}/photos`);
  const picture = page.getByRole('listitem').getByRole('img').first();
  await expect
    .poll(() => picture.evaluate((img: HTMLImageElement) => img.complete && img.naturalWidth))
    .toBeGreaterThan(0);
  await goneTo(page, '/device');
  await expect(page.getByRole('button', { name: 'Remove lot 4 from this device' })).toBeVisible();
});

test('lots and refused entries that an earlier program kept on the device are still there', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await context.newPage();
  const { facts } = await (await page.request.get(`/api/v1/lots/${lotId}/along`)).json();
  await page.route('**/blank', (route) => route.fulfill({ contentType: 'text/html', body: '<p>blank</p>' }));
  await page.goto('/blank');
  // Version 3 of the device's memory, as programs of before 26 November 2026 made it (the library counts in tens).
  await page.evaluate(
    async ({ facts, lotId, inspection }) => {
      const open = indexedDB.open('farvin-outbox', 30);
      open.onupgradeneeded = () => {
        const stores: [string, string | string[], (string | string[])[]][] = [
          ['waiting', 'id', [['inspection', 'order'], 'inspection']],
          ['aside', 'id', ['inspection']],
          ['photos', 'id', ['order', 'inspection']],
          ['lots', 'lotId', ['inspection']],
          ['records', ['inspection', 'id'], ['inspection']],
          ['person', 'key', []],
        ];
        for (const [name, keyPath, indexes] of stores) {
          const store = open.result.createObjectStore(name, { keyPath });
          for (const i of indexes) store.createIndex(typeof i === 'string' ? i : `[${i.join('+')}]`, i);
        }
      };
      await new Promise((r) => {
        open.onsuccess = r;
      });
      const id = crypto.randomUUID();
      const body = { zone: 'hood', flaw: 'chip', at: new Date().toISOString() };
      const change = { id, record: id, kind: 'finding', op: 'put', base: 0, body };
      const writing = open.result.transaction(['lots', 'aside', 'person'], 'readwrite');
      const at = new Date().toISOString();
      writing.objectStore('lots').put({ lotId, inspection, savedAt: at, along: true, facts, by: facts.myId });
      writing.objectStore('aside').put({
        ...{ id, inspection, by: facts.myId, change },
        result: { id, status: 'rejected', reason: 'invalid', message: 'A reason of before.' },
      });
      writing.objectStore('person').put({ key: 'here', account: facts.myId });
      await new Promise((r) => {
        writing.oncomplete = r;
      });
      open.result.close();
    },
    { facts, lotId, inspection: inspectionId },
  );
  await page.goto('/device');
  await expect(page.getByRole('listitem').filter({ hasText: facts.lot.title })).toContainText('taken along');
  await expect(page.getByText('A reason of before.')).toBeVisible();
});

test('pictures that the camera’s own app hands over reach the lot in hand', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await withWorker(context, `/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  const bytes = [...(await picture(77))];
  // As a phone does it: a form with files, sent to the address that the manifest names.
  const target = await page.evaluate(async () => {
    const { share_target, icons } = await (await fetch('/manifest.webmanifest')).json();
    const found = await Promise.all(icons.map(async (i: { src: string }) => (await fetch(i.src)).status));
    return { action: share_target.action as string, field: share_target.params.files[0].name as string, found };
  });
  expect(target.found).toEqual([200, 200, 200]);
  await context.setOffline(true);
  await page.evaluate(
    ({ action, field, bytes }) => {
      const form = document.createElement('form');
      form.method = 'post';
      form.action = action;
      form.enctype = 'multipart/form-data';
      const input = document.createElement('input');
      input.type = 'file';
      input.name = field;
      const files = new DataTransfer();
      files.items.add(new File([new Uint8Array(bytes)], 'sill.jpg', { type: 'image/jpeg' }));
      input.files = files.files;
      form.append(input);
      document.body.append(form);
      form.submit();
    },
    { ...target, bytes },
  );
  await expect(page.getByAltText('sill.jpg')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByRole('button', { name: /^Add 1 picture to lot/ })).toBeVisible();
  await page.getByRole('button', { name: /^Add 1 picture to lot/ }).click();
  await expect(page).toHaveURL(/evidence\/pictures/);
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      return records.photo?.map((p: { body?: { name: string }; name?: string }) => p.body?.name ?? p.name);
    })
    .toEqual(['sill.jpg']);
  await page.goto('/share');
  await expect(page.getByText('No picture waits here.')).toBeVisible();
  await context.close();
});
