import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { drawSeam, PLAIN_SCENE } from '../src/instruments/camera';
import { browserOf, enter, freshLot } from './people';

const SEAM = 'door.left.front|fender.left';

test('a seam picture from drop to record: queued, tapped, refused off the seam, measured, kept, reported', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const scene = { ...PLAIN_SCENE, widthPx: 1200, heightPx: 900, pxPerMm: 8, gapMm: () => 5.1, linear: false };
  const { pixels, seamPx } = drawSeam(scene);
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  await page.locator('#lot-photos').setInputFiles({
    name: 'seam.jpg',
    mimeType: 'image/jpeg',
    buffer: await sharp(Buffer.from(pixels.data.buffer), { raw: { width: 1200, height: 900, channels: 4 } })
      .removeAlpha()
      .jpeg({ quality: 90 })
      .toBuffer(),
  });
  await page.getByLabel('Choose seam.jpg').check();
  await page.getByLabel('The chosen pictures show the seam').selectOption(SEAM);
  await page.getByRole('link', { name: 'Fit', exact: true }).click();
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
  const figure = sheet.getByText(/^\d\.\d\d mm$/);
  await expect(figure).toBeVisible();
  expect(Math.abs(Number((await figure.textContent())!.replace(' mm', '')) - 5.1)).toBeLessThan(0.15);
  await expect(sheet.getByLabel(/^Seam/)).toHaveValue(SEAM);
  await sheet.getByRole('button', { name: 'Keep the measure' }).click();
  await expect(sheet).toBeHidden();
  await expect(page.getByText('waits to be measured')).toBeHidden();
  await expect(page.getByRole('region', { name: 'Seam in hand' })).toContainText('by photograph');
  await expect
    .poll(async () => {
      const { records } = await (await page.request.get(`/api/v1/inspections/${inspectionId}/bundle`)).json();
      const body = records.gap?.[0]?.body;
      return [body?.seam, body?.by, body?.photo?.cardPx?.length];
    })
    .toEqual([SEAM, 'photo', 4]);
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByRole('region', { name: 'Panel fit' }).first()).toContainText('5.');
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
  await page.getByRole('link', { name: 'Fit', exact: true }).click();
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
    await aside.getByLabel(name).fill(mm);
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
