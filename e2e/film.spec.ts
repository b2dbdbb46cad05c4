import { readFileSync } from 'node:fs';
import path from 'node:path';
import { analysed } from './axe';
import { BASE, browserOf, caller, freshLot, openChapter, recordsOf, stateVisit } from './people';
import { expect, test } from './test';

// biome-ignore lint/suspicious/noExplicitAny: a test reads whatever bodies it has written
type Written = { readonly id: string; readonly body: any };
const LAP = path.join(process.cwd(), 'demo', 'film');

test('a film is kept with the lot, gives its stills, and opens at the flaw for a bidder', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot({ make: 'Brannock', year: 1955, style: 'estate' });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  await openChapter(page, 'Talk');
  await page.getByLabel('Captions and film').setInputFiles([path.join(LAP, 'lap.mp4'), path.join(LAP, 'lap.vtt')]);
  const list = page.getByRole('region', { name: 'Statements' });
  await expect(list).toContainText(/0 of \d+ sorted/);
  const film = page.getByRole('region', { name: 'Film' });
  // The browser plays it where it lies.
  await expect
    .poll(() => film.locator('video').evaluate((v: HTMLVideoElement) => Math.round(v.duration)))
    .toBeGreaterThan(100);
  await page.getByRole('button', { name: /^Take all \d+/ }).click();
  await expect(list).toContainText(/[1-9]\d* of \d+ sorted/);
  await film.getByRole('button', { name: 'Keep the film with the lot' }).click();
  await expect(film.getByText('Kept with the lot')).toBeVisible({ timeout: 60_000 });
  await film.getByRole('button', { name: /^Stills of all \d+/ }).click();
  await expect(film.getByRole('button', { name: /^Stills of all( [1-3])?$/ })).toBeVisible({ timeout: 120_000 });
  expect(await analysed(page)).toEqual([]);

  const records = await recordsOf(page.request, inspectionId);
  const [kept] = records.film as Written[];
  expect(kept!.body).toMatchObject({ type: 'video/mp4', name: 'lap.mp4', link: null });
  const findings = new Set((records.finding as Written[]).map((f) => f.id));
  const breaths = new Set((records.moment as Written[]).map((m) => `${m.body.fromS} ${m.body.words}`)).size;
  const moments = (records.moment as Written[]).filter((m) => findings.has(m.body.of));
  expect(moments.length).toBe(findings.size);
  const pictured = (records.photo as Written[]).filter((p) => findings.has(p.body.finding));
  expect(pictured.length).toBeGreaterThan(findings.size / 2);

  // What is sealed is read by whoever has the link, with and without script.
  const manager = await caller('manager');
  expect((await manager.post(`/api/v1/inspections/${inspectionId}/seal`, { data: {} })).status()).toBe(200);
  const { path: link } = await (await manager.post(`/api/v1/lots/${lotId}/links`, { data: { label: 'film' } })).json();
  const stranger = await browser.newContext({ baseURL: BASE, viewport: { width: 390, height: 844 } });
  const phone = await stranger.newPage();
  await phone.goto(link);
  const shown = phone.getByRole('region', { name: 'The film' });
  const video = shown.locator('video');
  const first = moments.map((m) => m.body.fromS as number).sort((a, b) => a - b)[0]!;
  await phone
    .getByRole('link', { name: /^In the film at/ })
    .first()
    .click();
  await expect.poll(() => video.evaluate((v: HTMLVideoElement) => v.currentTime)).toBeGreaterThanOrEqual(first);
  await expect.poll(() => video.evaluate((v: HTMLVideoElement) => v.textTracks[0]?.cues?.length ?? 0)).toBe(breaths);
  const plain = await (await browser.newContext({ baseURL: BASE, javaScriptEnabled: false })).newPage();
  await plain.goto(link);
  const times = plain.getByRole('list', { name: 'Chapters of the film' }).getByRole('link', { name: /^\d+:\d\d$/ });
  expect(await times.count()).toBe(breaths);
  await expect(times.first()).toHaveAttribute('href', new RegExp(`/films/${kept!.body.sha256}#t=\\d+\\.\\d$`));

  // A range of it is given out through the link, and nothing through another.
  const address = `${link}/films/${kept!.body.sha256}`;
  const part = await phone.request.get(address, { headers: { range: 'bytes=4-7' } });
  expect([part.status(), await part.text()]).toEqual([206, 'ftyp']);
  expect((await phone.request.get(`/r/abcdefghijklmnopqrstuvwx/films/${kept!.body.sha256}`)).status()).toBe(404);
  const sent = readFileSync(path.join(LAP, 'lap.mp4'));
  expect((await (await phone.request.get(address)).body()).length).toBe(sent.length);
});
