import sharp from 'sharp';
import { drawSeam, PLAIN_SCENE } from '../src/instruments/camera';
import { browserOf, enter, freshLot, openChapter, recordsOf } from './people';
import { expect, test } from './test';

const SEAM = 'door.left.front|fender.left';

test('a seam picture from drop to record: queued, tapped, refused off the seam, measured, kept, reported', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const scene = { ...PLAIN_SCENE, widthPx: 1200, heightPx: 900, pxPerMm: 8, gapMm: () => 5.1, linear: false };
  const { pixels, seamPx } = drawSeam(scene);
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  await page.locator('#lot-photos:enabled').setInputFiles({
    name: 'seam.jpg',
    mimeType: 'image/jpeg',
    buffer: await sharp(Buffer.from(pixels.data.buffer), { raw: { width: 1200, height: 900, channels: 4 } })
      .removeAlpha()
      .jpeg({ quality: 90 })
      .toBuffer(),
  });
  await page.getByLabel('Choose seam.jpg').check();
  await page.getByLabel('The chosen pictures show the seam').selectOption(SEAM);
  await openChapter(page, 'Fit');
  await expect(page.getByText('1 seam picture waits to be measured')).toBeVisible();
  await page.getByRole('button', { name: 'Measure the next' }).click();
  const sheet = page.getByRole('dialog');
  const picture = sheet.getByAltText('seam.jpg');
  await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBe(1200);
  const touch = async ([x, y]: readonly [number, number]) => {
    const box = (await picture.boundingBox())!;
    await picture.click({ position: { x: (box.width * x) / 1200, y: (box.height * y) / 900 } });
  };
  // The card is found by itself.
  await expect(sheet.getByText('The card was found.')).toBeVisible();
  // Drawn beside the seam there is paint only.
  const [top, bottom] = [seamPx[0]!, seamPx.at(-1)!];
  await touch([top[0] + 120, top[1]]);
  await touch([bottom[0] + 120, bottom[1]]);
  await expect(sheet.getByText('No dark slot is seen along the drawn line.')).toBeVisible();
  await sheet.getByRole('button', { name: 'seam 1', exact: true }).click();
  await touch(top);
  await sheet.getByRole('button', { name: 'seam 2', exact: true }).click();
  await touch(bottom);
  const figure = sheet.getByText(/^\d\.\d\d mm$/).first();
  await expect(figure).toBeVisible();
  expect(Math.abs(Number((await figure.textContent())!.replace(' mm', '')) - 5.1)).toBeLessThan(0.15);
  await expect(sheet.getByLabel(/^Seam/)).toHaveValue(SEAM);
  // By keys: along the seam, an edge moved, another place left out, the first taken back as it was found.
  const place = sheet.getByRole('group', { name: 'Place in hand' });
  await sheet.getByRole('heading').click();
  await page.keyboard.press('ArrowRight');
  await expect(place).toContainText('5 mm');
  const width = async () => Number(/(\d+\.\d\d) mm/.exec((await place.textContent())!)![1]);
  const asFound = await width();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(place).toContainText('moved');
  expect(await width()).toBeCloseTo(asFound + 0.1, 1);
  await place.getByRole('button', { name: 'As found' }).click();
  await expect(place).not.toContainText('moved');
  await place.getByRole('button', { name: 'Place after' }).click();
  await place.getByRole('button', { name: 'Lower edge down' }).click();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('d');
  await expect(place).toContainText('left out');
  await sheet.getByRole('heading').click();
  await page.keyboard.press('Enter');
  await expect(sheet).toBeHidden();
  await expect(page.getByText('waits to be measured')).toBeHidden();
  await expect(page.getByRole('region', { name: 'Seam in hand' })).toContainText('by photograph');
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      const body = records.gap?.[0]?.body;
      const touched = body?.stations.map((s: { touched: string | null }) => s.touched).filter(Boolean);
      return [body?.seam, body?.by, body?.photo?.cardPx?.length, touched];
    })
    .toEqual([SEAM, 'photo', 4, ['moved', 'dropped']]);
  await expect(page.getByRole('region', { name: 'Strips from the pictures' })).toContainText(
    /kept, measured again 5\.\d+ mm/,
  );
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByRole('region', { name: 'Panel fit' }).first()).toContainText('5.');
});

test('a picture that shows no seam is refused by key, named with its reason, and can be tried again', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/fit`);
  const { pixels } = drawSeam({ ...PLAIN_SCENE, widthPx: 600, heightPx: 450, pxPerMm: 4, noSlot: true });
  const inHand = page.getByRole('region', { name: 'Seam in hand' });
  await inHand.getByRole('combobox', { name: /^Seam/ }).selectOption(SEAM);
  await inHand.getByLabel('Photograph this seam with a card').setInputFiles({
    name: 'plain.jpg',
    mimeType: 'image/jpeg',
    buffer: await sharp(Buffer.from(pixels.data.buffer), { raw: { width: 600, height: 450, channels: 4 } })
      .removeAlpha()
      .jpeg()
      .toBuffer(),
  });
  await page.getByRole('button', { name: 'Measure the next' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByAltText('plain.jpg')).toBeVisible();
  await page.keyboard.press('x');
  await expect(sheet).toBeHidden();
  await page.getByText('1 picture refused').click();
  await expect(page.getByText('Refused by the inspector.')).toBeVisible();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(sheet).toBeVisible();
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      return records.photo?.[0]?.body.seamRefused;
    })
    .toBe('by-hand');
  await page.keyboard.press('Escape');
  // Only to look at, with a grid.
  await page.getByRole('link', { name: 'Pictures', exact: true }).click();
  await page.getByLabel('Choose plain.jpg').check();
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByRole('dialog', { name: 'A closer look' }).getByAltText('plain.jpg')).toBeVisible();
  await expect(page.getByRole('dialog').getByLabel('grid')).toBeChecked();
});

test('a fit CSV is taken whole or not at all; a manager’s tolerances judge it anew', async ({ browser }) => {
  const { lotId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await context.newPage();
  await page.goto(`/lots/${lotId}/fit`);
  const seams = page.getByRole('region', { name: 'All seams' });
  const header = 'seam,s_mm,gap_mm,gap_se_mm,flush_mm,flush_se_mm';
  const take = (text: string) =>
    page
      .getByLabel('Fit CSV')
      .and(page.locator(':enabled'))
      .setInputFiles({ name: 'fit.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await take(`${header}\n${SEAM},50,6.2,,,\nhod|cowl,10,4,,,\n`);
  await expect(seams.getByRole('alert')).toContainText('line 3 unknown seam');
  await take(`${header}\n${SEAM},50,6.2,,1,\n${SEAM},300,6.3,,,\n`);
  await expect(seams).toContainText('1 of');
  await expect(seams.getByRole('row').nth(1)).toContainText('6.3');
  const table = (await (await context.request.get('/api/v1/tolerances')).json()).tolerances;
  const refused = await context.request.put('/api/v1/tolerances', { data: table });
  expect(refused.status()).toBe(403);
  await expect(seams.getByRole('row').nth(1)).toContainText('0 %');
  const manager = await (await browserOf(browser, 'manager')).newPage();
  await manager.goto('/tolerances');
  await manager.getByRole('button', { name: 'Row', exact: true }).click();
  const row = table.length + 1;
  for (const [label, text] of [
    ['Seam or panel', SEAM],
    ['Nominal, mm', '6'],
    ['± gap, mm', 'wide'],
    ['± flush, mm', '1'],
    ['Where it is from', 'tried in a test'],
  ] as const)
    await manager.getByLabel(`${label}, row ${row}`, { exact: true }).fill(text);
  await manager.getByRole('button', { name: 'Keep the table' }).click();
  await expect(manager.getByRole('alert').filter({ hasText: 'Row' })).toContainText(`Row ${row}, goodMm`);
  await manager.getByLabel(`± gap, mm, row ${row}`, { exact: true }).fill('1');
  await manager.getByRole('button', { name: 'Keep the table' }).click();
  await expect(manager.getByText(/^Kept\./)).toBeVisible();
  await page.reload();
  await expect(seams.getByRole('row').nth(1)).toContainText('100 %');
  await manager.getByRole('button', { name: 'Back to the shipped table' }).click();
  await expect(manager.getByLabel(`Nominal, mm, row ${row}`, { exact: true })).toBeHidden();
});

test('gaps typed on the walk say where the door hangs; a correction tried by slider closes them; shut and stance kept', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  // A door that stands 2 mm too far back: wide in front, narrow behind.
  await enter(page, 'gap lf door/fender 6.5 6.4 6.5 flush 0');
  await enter(page, 'gap lf door/quarter 2.5 2.6 2.5');
  await enter(page, 'gap lf door/rocker 4.5 4.4 4.6');
  await openChapter(page, 'Fit');
  const aside = page.getByRole('complementary', { name: 'Panel in hand' });
  await expect(aside).toContainText('can be adjusted at its hinges and latch');
  await expect(aside).toContainText(/Move the upper hinge 2\.\d mm forward/);
  const status = aside.getByText(/Worst gap off nominal/);
  await expect(status).toContainText('2.0 → 2.0 mm');
  await aside.getByRole('slider', { name: /forward/ }).fill('2');
  await expect(status).toContainText(/2\.0 → 0\.[0-3] mm/);
  await aside.getByRole('button', { name: 'As it hangs' }).click();
  await aside.getByRole('button', { name: 'As computed' }).click();
  await expect(status).toContainText(/2\.0 → 0\.[0-3] mm/);
  await aside.getByLabel('Shuts').selectOption('slam');
  for (const [name, mm] of [
    ['Left front', '650'],
    ['Right front', '675'],
    ['Left rear', '660'],
    ['Right rear', '662'],
  ] as const)
    await aside.getByLabel(name, { exact: true }).fill(mm);
  await aside.getByRole('button', { name: 'Keep stance' }).click();
  await expect(aside).toContainText('Leans 25 mm to the left at the front');
  await expect(aside.getByRole('region', { name: 'What the pattern suggests' })).toContainText('worn springs');
  await page.goto(`/lots/${lotId}/report`);
  const fit = page.getByRole('region', { name: 'Panel fit' }).first();
  await expect(fit).toContainText('must be slammed');
  await expect(fit).toContainText('can be adjusted');
});

test('the gauge card is printed on a sheet of A4, for anybody', async ({ request }) => {
  const answer = await request.get('/gauge-card.pdf');
  expect(answer.headers()['content-type']).toBe('application/pdf');
  const pdf = (await answer.body()).toString('latin1');
  expect(pdf.startsWith('%PDF-')).toBe(true);
  // A4 in points: 595.3 by 841.9.
  expect(pdf).toMatch(/MediaBox \[0 0 595\.\d+ 841\.\d+\]/);
});
