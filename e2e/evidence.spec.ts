import { drawPicture, STRIPES_LENGTH_MM, STRIPES_PLACE } from '../demo/pictures';
import { browserOf, enter, freshLot } from './people';
import { expect, test } from './test';

test('what was seen for and against factory paint moves the judgement and is told; blisters graded by drawings', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await enter(page, 'hood 170 205 180 150 215 190');
  await page.locator('[data-zone="hood"]').click();
  await page.getByRole('button', { name: 'Factory paint: for or against' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Where, for the next one').fill('inner edge');
  await sheet
    .getByRole('button', { name: 'jambs of another color' })
    .or(sheet.getByRole('button', { name: 'jambs of another colour' }))
    .click();
  await sheet.getByRole('button', { name: 'sealer of another kind or age' }).click();
  // A second touch takes one out again.
  await sheet.getByRole('button', { name: 'sealer of another kind or age' }).click();
  await sheet.getByRole('button', { name: 'Done' }).click();
  const seen = page.getByRole('region', { name: 'Paint evidence' });
  await expect(seen.getByRole('listitem')).toHaveCount(1);
  await expect(seen).toContainText('inner edge');
  await page.getByRole('button', { name: 'Add finding' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'paint blister', exact: true }).click();
  await page.getByRole('radio', { name: 'Quantity 4' }).check({ force: true });
  await page.getByRole('radio', { name: 'Size 2' }).check({ force: true });
  await page.getByLabel('Along an edge').selectOption('lower');
  await page.getByLabel('From, mm').fill('120');
  await page.getByLabel('To, mm').fill('260');
  await page.getByRole('dialog').getByRole('button', { name: 'Add finding' }).click();
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText(
    'quantity 4, size 2 (ISO 4628-2) · lower edge, 120 to 260 mm from the front',
  );
  await page.goto(`/lots/${lotId}/paint`);
  await expect(page.getByRole('list', { name: 'Why' })).toContainText(/Seen: jambs of another colou?r/);
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/against: jambs of another colou?r, inner edge/)).toBeVisible();
});

test('the gauge is checked on plate and foil, and its readings are corrected from then on', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await page.getByRole('button', { name: 'Gauge', exact: true }).click();
  await page.getByRole('button', { name: 'Stand-in gauge, for practice' }).click();
  await page.getByRole('region', { name: 'Gauge' }).getByRole('button', { name: 'Check' }).click();
  const sheet = page.getByRole('dialog', { name: 'Check the gauge at the start' });
  await expect(sheet.getByText('Hold the probe on the bare plate 3 times.')).toBeVisible();
  for (let i = 0; i < 3; i++) await sheet.getByRole('button', { name: 'Hold the stand-in on the plate' }).click();
  await expect(sheet.getByText('Lay the foil on the plate and measure it 3 times.')).toBeVisible();
  for (let i = 0; i < 3; i++) await sheet.getByRole('button', { name: 'Hold the stand-in on the foil' }).click();
  // The stand-in shows too much: the correction takes some away.
  await expect(sheet.getByText(/× 0\.9\d\d/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Keep the check' }).click();
  await expect(sheet).toBeHidden();
  // No reading came of it, and a second check tells the drift.
  await expect(page.getByText('No reading here yet.')).toBeVisible();
  await page.getByRole('region', { name: 'Gauge' }).getByRole('button', { name: 'Check' }).click();
  const again = page.getByRole('dialog', { name: 'Check the gauge again' });
  for (let i = 0; i < 3; i++) await again.getByRole('button', { name: 'Hold the stand-in on the plate' }).click();
  for (let i = 0; i < 3; i++) await again.getByRole('button', { name: 'Hold the stand-in on the foil' }).click();
  await expect(again.getByText(/Since the first check the foil moved by/)).toBeVisible();
});

test('waves from a picture of reflected stripes, refused off the stripes, ranked with the paint', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  await page.locator('#lot-photos:enabled').setInputFiles({
    name: 'stripes.jpg',
    mimeType: 'image/jpeg',
    buffer: await drawPicture({ subject: 'stripes', seed: 5, colour: '#24384a', wavesMm: 1 }),
  });
  await page.getByLabel('Choose stripes.jpg').check();
  await page.getByRole('button', { name: 'Waves' }).click();
  const sheet = page.getByRole('dialog');
  const picture = sheet.getByAltText('stripes.jpg');
  await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBe(1600);
  const touch = async (x: number, y: number) => {
    const box = (await picture.boundingBox())!;
    await picture.click({ position: { x: (box.width * x) / 1600, y: (box.height * y) / 1200 } });
  };
  const { x, y, width, height } = STRIPES_PLACE;
  // Above the board there is paint only.
  await touch(x, 20);
  await touch(x + width, 140);
  await sheet.getByLabel(/The stretch is long/).fill(String(STRIPES_LENGTH_MM));
  await expect(sheet.getByText('No stripes can be followed across this stretch.', { exact: false })).toBeVisible();
  await touch(x + width, y + height);
  await sheet.getByRole('button', { name: 'Move the first corner' }).click();
  await touch(x, y);
  const figure = sheet.getByText(/^\d\.\d\d mm$/);
  await expect(figure).toBeVisible();
  const mm = Number((await figure.textContent())!.replace(' mm', ''));
  // Drawn with an amplitude of 1 mm: 0.71 mm root mean square, of which the band passes most.
  expect(mm).toBeGreaterThan(0.5);
  expect(mm).toBeLessThan(0.8);
  await sheet.getByLabel('Panel').selectOption('door.left.front');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet).toBeHidden();
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/mm in waves of 10 to 100 mm/).first()).toBeVisible();
});
