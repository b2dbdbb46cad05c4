import { browserOf, caller, freshLot, head, lotByNumber, openChapter, recordsOf } from './people';
import { expect, test } from './test';

test('Evidence opens on what each chapter holds; every chapter leads to its findings and back to the walk', async ({
  browser,
}) => {
  const api = await caller('inspector');
  const { lotId } = await lotByNumber(api, 1);
  await api.dispose();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  const bar = page.getByRole('navigation', { name: 'Places' });
  await expect(bar.getByRole('link', { name: /^(Intake|Walk|Evidence|Grade|Report)$/ })).toHaveCount(5);
  await page.getByRole('link', { name: 'Evidence', exact: true }).click();
  // What speaks loudest in a chapter is said before it is opened.
  await expect(page.getByRole('link', { name: /^Paint \d+ % seen/ })).toContainText(/Rear wing, left: filled \d+ %/);
  await expect(page.getByRole('link', { name: /^Metal \d+ % seen/ })).toContainText('Sill, left');
  await page.getByRole('link', { name: /^Cabin and functions \d/ }).click();
  const found = page.getByRole('region', { name: 'Cabin and functions: findings' });
  await expect(found.getByRole('listitem').first()).toContainText('Dashboard');
  await expect(
    page.getByRole('group', { name: 'Part of the car' }).getByRole('button', { name: /cabin/ }),
  ).toHaveAttribute('aria-pressed', 'true');
  await openChapter(page, 'Metal');
  await page.getByRole('region', { name: 'Metal: findings' }).getByRole('link', { name: 'Sill, left' }).first().click();
  await expect(page.getByRole('complementary', { name: 'Zone in hand' }).getByRole('heading', { level: 2 })).toHaveText(
    'Sill, left',
  );
});

test('addresses of before the five places lead to where things are now', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  for (const [before, now] of [
    ['paint', 'evidence/paint'],
    ['fit', 'evidence/fit'],
    ['photos', 'evidence/pictures'],
  ]) {
    await page.goto(`/lots/${lotId}/${before}`);
    await expect(page).toHaveURL(new RegExp(`/lots/${lotId}/${now}$`));
  }
  expect((await page.goto(`/lots/${lotId}/evidence/rumours`))!.status()).toBe(404);
});

test('the paint chapter of a body that no gauge reads shows what else speaks of its paint', async ({ browser }) => {
  const { lotId } = await freshLot({ style: 'sports', baseMetal: 'glass-fibre' });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await page.getByLabel('Entry line').fill('hood cracking 3');
  await page.getByLabel('Entry line').press('Enter');
  await openChapter(page, 'Paint');
  await expect(page.getByText('No thickness gauge reads on this body.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Paint: findings' })).toContainText('3 × cracking');
});

test('at 390 px the acts of the walk stand in sight at every panel, whatever was measured there', async ({
  browser,
}) => {
  const api = await caller('inspector');
  const { lotId } = await lotByNumber(api, 1);
  await api.dispose();
  const page = await (
    await browserOf(browser, 'inspector', { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  ).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  const heading = page.getByRole('complementary').getByRole('heading', { level: 2 });
  await expect(heading).toHaveText('Bonnet');
  const acts = page.getByRole('region', { name: 'Acts' });
  for (let i = 0; i < 12; i++) {
    const name = await heading.textContent();
    for (const act of ['Seen, clean', 'Add finding', 'Picture', 'Blocked']) {
      const box = (await acts.getByRole('button', { name: act, exact: true }).boundingBox())!;
      expect([name, act, box.y + box.height <= 844, box.height >= 44]).toEqual([name, act, true, true]);
    }
    await page.getByRole('button', { name: 'Next zone' }).tap();
    await expect(heading).not.toHaveText(name!);
  }
  // Every station can be reached.
  const tape = page.getByRole('navigation', { name: 'Stations' });
  await tape.getByRole('button', { name: 'More stations' }).tap();
  await tape.getByRole('button', { name: /underneath/i }).tap();
  await expect(heading).toHaveText('Front crossmember');
});

test('a finding takes its own picture, asks only what fits it, and offers first what was found before', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector', { viewport: { width: 390, height: 844 } })).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await page.getByLabel('Entry line').fill('lf fender rust blister 2 12mm');
  await page.getByLabel('Entry line').press('Enter');
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText('rust blister');
  await page.getByLabel('Entry line').fill('rf fender');
  await page.getByLabel('Entry line').press('Enter');
  await page.getByRole('region', { name: 'Acts' }).getByRole('button', { name: 'Add finding' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('heading', { name: 'Found on this car before' })).toBeVisible();
  await sheet.getByRole('button', { name: 'rust blister', exact: true }).first().click();
  await sheet.getByRole('group', { name: 'Magnet' }).getByRole('button', { name: 'holds weakly' }).click();
  await sheet.getByLabel('Pictures of this finding').setInputFiles({
    name: 'blister.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAQAAAAECAIAAAAmkwkpAAAAEElEQVR4nGP4z8AARwzEcQCukw/x0F8jngAAAABJRU5ErkJggg==',
      'base64',
    ),
  });
  await expect(sheet.getByText('1 picture goes with it')).toBeVisible();
  const add = sheet.getByRole('button', { name: 'Add finding' });
  const box = (await add.boundingBox())!;
  expect(box.y + box.height).toBeLessThanOrEqual(844);
  await add.click();
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText('a magnet holds weakly');
  await expect(head(page, /wait/)).toHaveCount(0);
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      const blister = records.finding.find((f: { body: { magnet: string | null } }) => f.body.magnet === 'weak');
      return records.photo?.[0]?.body.finding === blister?.id && blister !== undefined;
    })
    .toBe(true);
  // A thing that does not work has no size.
  await page.getByLabel('Entry line').fill('dashboard');
  await page.getByLabel('Entry line').press('Enter');
  await page.getByRole('region', { name: 'Acts' }).getByRole('button', { name: 'Add finding' }).click();
  await sheet.getByRole('button', { name: 'does not work', exact: true }).click();
  await expect(sheet.getByLabel('Which thing')).toBeVisible();
  await expect(sheet.getByLabel('Size, mm')).toHaveCount(0);
});

test('a seam is typed where it is looked at, flush told of the panel in hand', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await page.getByLabel('Entry line').fill('lf fender');
  await page.getByLabel('Entry line').press('Enter');
  const seams = page.getByRole('region', { name: 'Seams' });
  await seams.getByRole('button', { name: /Front door, left/ }).click();
  await seams.getByLabel('Gaps along it, mm').fill('4.2 4,5 five');
  await seams.getByRole('button', { name: 'Keep gaps' }).click();
  await expect(seams.getByRole('alert')).toHaveText('“five” cannot be right there. Nothing was kept.');
  await seams.getByLabel('Gaps along it, mm').fill('4.2 4,5 5.1');
  await seams.getByLabel('Flush, mm').fill('+1');
  await seams.getByRole('button', { name: 'Keep gaps' }).click();
  await expect(seams.getByRole('button', { name: /Front door, left/ })).toContainText('4.6');
  await expect(head(page, /wait/)).toHaveCount(0);
  const records = await recordsOf(page.request, inspectionId);
  const { seam, stations, by } = records.gap[0].body;
  expect([seam, by]).toEqual(['door.left.front|fender.left', 'feeler']);
  expect(stations.map((s: { gapMm: number; flushMm: number }) => [s.gapMm, s.flushMm])).toEqual([
    [4.2, -1],
    [4.5, -1],
    [5.1, -1],
  ]);
});
