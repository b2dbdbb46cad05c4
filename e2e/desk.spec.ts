import { browserOf, caller, enter, freshLot, lotByNumber, recordsOf } from './people';
import { expect, test } from './test';

test('intake: leave, claims, a visit in the cold, and corrections of them', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await page
    .locator('label')
    .filter({ has: page.getByLabel('Drive: no', { exact: true }) })
    .click();
  await page.getByLabel('Odometer shows').fill('62,180');
  await page.getByRole('button', { name: 'Keep car' }).click();
  await expect(page.getByText('The car is kept.')).toBeVisible();
  await page.getByLabel('Says').fill('Never painted.');
  await page.getByRole('button', { name: 'Add claim' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'who says so' })).toBeVisible();
  await page.getByLabel('Who').fill('Harald Voss');
  await page.getByRole('button', { name: 'Add claim' }).click();
  await expect(page.getByText('“Never painted.”')).toBeVisible();
  await page.getByRole('button', { name: /Survey gauge, ceiling 500/ }).click();
  await page.getByLabel('Temperature, °C').fill('2');
  await page.getByRole('button', { name: 'Keep visit' }).click();
  await expect(page.getByText('Below 5 °C many gauges misread or stop.')).toBeVisible();
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      const { leave, odometer } = records.car[0].body;
      return [leave.drive, odometer?.value, records.claim?.length, records.visit.at(-1).body.temperatureC];
    })
    .toEqual(['no', 62180, 1, 2]);
});

test('the paint screen follows the panel that is picked, and shows both schools', async ({ browser }) => {
  const api = await caller('viewer');
  const { lotId } = await lotByNumber(api, 1);
  const page = await (await browserOf(browser, 'viewer')).newPage();
  await page.goto(`/lots/${lotId}/paint`);
  const panel = page.getByRole('complementary', { name: 'Panel in hand' });
  await expect(panel.getByRole('heading', { level: 2 }).first()).toHaveText('Rear wing, left');
  await expect(panel.getByText('more than half stand at the ceiling')).toBeVisible();
  await page.getByRole('button', { name: /^Roof, / }).press('Enter');
  await expect(panel.getByRole('heading', { level: 2 }).first()).toHaveText('Roof');
  await expect(panel.getByText('likeliest: factory')).toHaveCount(2);
  const twins = page.getByRole('region', { name: 'Left against right' });
  await expect(twins.getByRole('row', { name: /Rear wing/ })).toContainText('differ');
  await twins.getByRole('button', { name: 'Front door' }).click();
  await expect(panel.getByRole('heading', { level: 2 }).first()).toHaveText('Front door, left');
});

test('a withheld finding leaves the report but is counted there', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'hood dent 40mm');
  await page.getByRole('button', { name: /^dent/i }).click();
  await page.getByText('Leave out of the report').click();
  await page.getByLabel('Reason, counted in the report').fill('withheld by the consignor');
  await page.getByRole('button', { name: 'Keep correction' }).click();
  await expect(page.getByText('left out of the report: withheld by the consignor')).toBeVisible();
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await expect(page.getByText('1 finding is left out')).toBeVisible();
  await expect(page.getByText('1, withheld by the consignor. The grade counts it.')).toBeVisible();
  await expect(page.getByText('Nothing was found in what was looked at.')).toBeVisible();
});

test('empty screens say what to do first', async ({ browser }) => {
  const { lotId } = await freshLot(null);
  const page = await (await browserOf(browser, 'inspector')).newPage();
  for (const screen of ['walk', 'paint', 'grade']) {
    await page.goto(`/lots/${lotId}/${screen}`);
    await expect(page.getByRole('link', { name: 'Go to intake' })).toBeVisible();
  }
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText('The report takes form once the car is stated at intake')).toBeVisible();
  await expect(page.getByText('The car is not stated: make, model and body style.')).toBeVisible();
});
