import { browserOf, freshLot, openChapter, recordsOf } from './people';
import { expect, test } from './test';

test('the stand-in gauge measures where the plan is touched, marked as practice, and blocks the seal', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await page.getByRole('button', { name: 'Gauge', exact: true }).click();
  await page.getByRole('button', { name: 'Stand-in gauge, for practice' }).click();
  const bar = page.getByRole('region', { name: 'Gauge' });
  await expect(bar).toContainText('battery 100 %');
  const hood = page.locator('[data-zone="hood"]');
  const box = (await hood.boundingBox())!;
  for (const [x, y] of [
    [0.3, 0.3],
    [0.5, 0.7],
    [0.7, 0.4],
  ] as const)
    await page.mouse.click(box.x + box.width * x, box.y + box.height * y);
  await expect(page.getByText(/All 3 readings/)).toBeVisible();
  await bar.getByRole('button', { name: 'Measure the same place again' }).click();
  await expect(page.getByText(/All 4 readings/)).toBeVisible();
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      return (records.reading ?? []).map((r: { body: { note: string; place: object | null } }) => [
        r.body.note,
        r.body.place !== null,
      ]);
    })
    .toEqual(Array.from({ length: 4 }, () => ['practice: stand-in gauge, made-up car', true]));
  const petra = await (await browserOf(browser, 'manager')).newPage();
  await petra.goto(`/lots/${lotId}/report`);
  await expect(petra.getByText('4 readings are of the stand-in gauge on a made-up car: take them out.')).toBeVisible();
  await expect(petra.getByRole('button', { name: 'Seal report' })).toBeDisabled();
});

test('readings as a table: sorted, corrected, taken from a CSV, a bad one refused whole; the panel’s map and its reasons', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
  await page.getByLabel('Entry line').fill('lq over over 412 388 over 450');
  await page.getByLabel('Entry line').press('Enter');
  await openChapter(page, 'Paint');
  const table = page.getByRole('region', { name: 'All readings' });
  await expect(table.getByRole('heading', { name: '6 readings' })).toBeVisible();
  const csv = (rows: string[]) => ({
    name: 'gauge.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['zone,value,unit,state,u_mm,v_mm,at', ...rows].join('\n')),
  });
  await table.getByLabel('Readings CSV').setInputFiles(csv(['hood,121,um,read,300,400,', 'wing,130,um,read,,,']));
  await expect(table.getByRole('alert')).toContainText('line 3 unknown zone “wing”');
  await table
    .getByLabel('Readings CSV')
    .setInputFiles(
      csv([
        'hood,121,um,read,300,400,',
        'hood,119,um,read,500,700,',
        'hood,4.8,mil,read,700,300,',
        'hood,120,um,read,800,900,',
        'hood,118,um,read,200,900,',
      ]),
    );
  await expect(table.getByRole('heading', { name: '11 readings' })).toBeVisible();
  await table.getByLabel('Order of the readings').selectOption('thickest');
  await expect(table.getByRole('row').nth(1)).toContainText('over');
  const field = table.getByRole('textbox', { name: 'Reading at Rear wing, left' }).first();
  await expect(field).toHaveValue('450');
  await field.fill('460');
  await field.press('Enter');
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      return records.reading.map((r: { body: { thicknessUm: number } }) => r.body.thicknessUm).includes(460);
    })
    .toBe(true);
  const panel = page.getByRole('complementary', { name: 'Panel in hand' });
  await expect(panel.getByRole('list', { name: 'Why' })).toContainText('3 of 6 readings stand at the gauge’s ceiling.');
  await table.getByRole('button', { name: 'Bonnet' }).first().click();
  await expect(panel.getByRole('img', { name: 'Map of the film from 5 placed readings' })).toBeVisible();
  await expect(panel.getByRole('list', { name: 'Why' })).toContainText('The film is even');
});
