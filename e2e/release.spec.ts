import { analysed } from './axe';
import { browserOf, caller, enter, freshLot, stateVisit } from './people';
import { expect, test } from './test';

test('a listing is written, says too much, is put right and goes out', async ({ browser }) => {
  const { lotId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  // What has not reached the server yet is written of as well, as soon as the device remembers it.
  await page.route('**/changes', (route) => route.abort());
  await enter(page, 'left rocker perforated');
  await page.goto(`/lots/${lotId}/report`);
  await page.getByRole('navigation', { name: 'Report' }).getByRole('link', { name: 'Listing' }).click();
  const short = page.getByLabel('Short text');
  await expect(short).toHaveValue(/Sill, left: rusted through/);
  const long = page.getByRole('textbox', { name: 'Long text' });
  await expect(long).toContainText('What was not seen does not count as good.');
  // It is not kept before the server knows what it must not contradict.
  await short.fill('A mint Quillon.');
  const keeps = page.getByRole('button', { name: 'Keep listing' });
  await expect(page.getByText('Entries wait to be sent.')).toBeVisible();
  await expect(keeps).toBeDisabled();
  await page.unroute('**/changes');
  await expect(keeps).toBeEnabled();
  expect(await analysed(page)).toEqual([]);

  // Words that say more than was found are told, held back, and replaced by what the evidence carries.
  await short.fill('A mint Quillon, rust free.');
  const words = page.getByRole('region', { name: 'Words that claim something' });
  await expect(words).toContainText('“mint”: contradicted by what was found');
  await keeps.click();
  const out = page.getByRole('region', { name: 'Take it out' });
  await expect(out).toContainText('It says what was found otherwise: it does not go out so.');
  await expect(out.getByRole('button', { name: 'Text' })).toBeDisabled();
  await out.getByLabel('Why it goes out all the same').fill('The seller insists; the report says otherwise.');
  await out.getByRole('button', { name: 'Let it out, on record' }).click();
  await expect(out).toContainText('It goes out all the same, by Petra Quayle-Lunt: The seller insists');
  await expect(out.getByRole('button', { name: 'Text' })).toBeEnabled();

  await page.getByRole('button', { name: 'Write it anew from the records' }).click();
  await expect(words).toContainText('None: what stands there says no more than it is.');
  await long.click();
  await page.keyboard.press('ControlOrMeta+End');
  await page.keyboard.type(' Seen by daylight.');
  await page.getByRole('button', { name: 'Keep listing' }).click();
  await expect(page.getByRole('button', { name: 'Kept' })).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), out.getByRole('button', { name: 'HTML' }).click()]);
  expect(file.suggestedFilename()).toMatch(/^lot-\d+\.html$/);
  await page.reload();
  await expect(long).toContainText('Seen by daylight.');

  // What came in after it was kept is told, and nothing goes out before somebody read it again.
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'hood chip 2');
  await page.goto(`/lots/${lotId}/report/listing`);
  await expect(page.getByText('Records came in after that: the listing does not know of it.')).toBeVisible();
  await expect(out.getByRole('button', { name: 'HTML' })).toBeDisabled();
  expect(await analysed(page)).toEqual([]);
  await page.getByRole('button', { name: 'I read it again: keep it' }).click();
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await expect(out.getByRole('button', { name: 'HTML' })).toBeEnabled();
});

test('a sealed lot goes onto the sale’s page, is found by what matters, and is gone when it is taken off', async ({
  browser,
}) => {
  const { lotId, inspectionId, saleId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'left rocker perforated');
  await page.goto(`/lots/${lotId}/report`);
  const box = page.getByLabel('On the sale’s page for bidders');
  await expect(box).toBeDisabled();
  // Sealing on screen is tried elsewhere; an alarm of another lot may stand before it here.
  expect((await page.request.post(`/api/v1/inspections/${inspectionId}/seal`)).status()).toBe(200);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Revision 1 is sealed' })).toBeVisible();
  await box.check();
  await expect(page.getByText('It stands on the sale’s page.')).toBeVisible();
  const address = await page.getByRole('link', { name: 'Open the sale’s page' }).getAttribute('href');

  const stranger = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
  await stranger.goto(address!);
  const title = /Quillon Halyard trial/;
  await stranger.getByLabel('Number, make or model').fill('Quillon Halyard trial');
  await stranger.getByRole('button', { name: 'Show' }).click();
  await expect(stranger.getByRole('heading', { name: title }).first()).toBeVisible();
  await stranger.getByText('What matters to you').click();
  await stranger.getByLabel('rusted through somewhere').check();
  await stranger.getByRole('button', { name: 'Show' }).click();
  await expect(stranger.getByText('Left out is what a report tells of; what nobody saw, it does not.')).toBeVisible();
  await expect(stranger.getByRole('heading', { name: title })).toHaveCount(0);

  const feed = await (await stranger.request.get(`${address}/feed.json`)).json();
  expect(feed.version).toBe('https://jsonfeed.org/version/1.1');
  const item = feed.items.find((i: { title: string }) => /Quillon Halyard trial/.test(i.title));
  expect(item.content_text).toContain('rusted through somewhere');
  const zip = await stranger.request.get(`${address}/catalogue.zip`);
  expect(zip.headers()['content-type']).toBe('application/zip');
  expect((await zip.body()).subarray(0, 2).toString()).toBe('PK');

  await box.uncheck();
  await expect(page.getByText('It is off the sale’s page')).toBeVisible();
  expect((await stranger.request.get(new URL(item.url).pathname)).status()).toBe(200);
  await stranger.goto(new URL(item.url).pathname);
  await expect(stranger.getByRole('heading', { name: 'Withdrawn' })).toBeVisible();
  // Whose house it is not does not move it.
  const api = await caller('viewer');
  expect((await api.put(`/api/v1/sales/${saleId}/page`, { data: { open: true } })).status()).toBe(403);
  expect((await api.put(`/api/v1/lots/${lotId}/published`, { data: {} })).status()).toBe(403);
  await api.dispose();
});

test('a bidder opens a picture in place, zooms and leaves it, and reads what matters first', async ({ browser }) => {
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto('/yard');
  const sale = await page.request.get('/api/v1/sales');
  const { sales } = await sale.json();
  expect(sales.length).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'Sale', exact: true }).click();
  await page.getByRole('button', { name: /Page for bidders/ }).click();
  const address = await page.getByRole('dialog').getByRole('link').first().getAttribute('href');
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.goto(address!);
  await phone.getByRole('link', { name: /Sarvane Lido/ }).click();
  await expect(phone.getByRole('heading', { name: /What changed since revision 1/ })).toBeVisible();
  const first = phone.getByRole('list', { name: 'The car in pictures' }).getByRole('link').first();
  // Until the page is alive it is a link to the picture.
  await expect(first).toHaveAttribute('aria-haspopup', 'dialog');
  await first.click();
  const viewer = phone.locator('.pswp');
  await expect(viewer).toBeVisible();
  await expect(viewer.getByText(/From the left/)).toBeVisible();
  await phone.keyboard.press('Escape');
  await expect(viewer).toHaveCount(0);
  await expect(phone.getByText('The carpet was lifted: dry')).toBeVisible();
  expect(await analysed(phone)).toEqual([]);
});
