import { analysed } from './axe';
import { browserOf, enter, freshLot, recordsOf, stateVisit } from './people';
import { expect, test } from './test';

// biome-ignore lint/suspicious/noExplicitAny: a test reads whatever bodies it has written
type Written = { readonly id: string; readonly body: any };

test('what it takes is reckoned, decided otherwise by hand, and the best set before the sale is chosen', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'hood peeling');
  await enter(page, 'left rocker perforated');
  await enter(page, 'driver seat torn');
  await page.goto(`/lots/${lotId}/grade`);
  await page.getByRole('navigation', { name: 'Grade' }).getByRole('link', { name: 'Work' }).click();
  await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
  const list = page.getByRole('region', { name: 'What is done' });
  await expect(list.getByRole('combobox')).toHaveCount(3);
  await expect(list).toContainText('waits 42 days');
  const roads = page.getByRole('region', { name: 'Four roads' });
  for (const road of ['Restore', 'Repair', 'Make safe', 'Leave as it is', 'Part out'])
    await expect(roads.getByText(road, { exact: true })).toBeVisible();
  await expect(roads).toContainText(/On a lift or pit, from below \(\d+ places not seen\)/);
  expect(await analysed(page)).toEqual([]);

  // Somebody decides otherwise: it is on record beside what the rule said, and the figures follow.
  const paint = list.getByRole('combobox').filter({ hasText: 'Refinish the panel, by rule' });
  await paint.selectOption('leave');
  await expect(list).toContainText('Decided by hand; the rule says refinish the panel.');
  await expect
    .poll(async () =>
      (await recordsOf(page.request, inspectionId)).remedy?.map((r: Written) => [r.body.remedy, r.body.rule]),
    )
    .toEqual([['leave', 'refinish']]);
  await list.getByRole('combobox').first().selectOption('refinish');
  await expect.poll(async () => (await recordsOf(page.request, inspectionId)).remedy ?? []).toEqual([]);

  // Price, budget and days: the best set, proved, and what is too late for it.
  const sale = page.getByRole('region', { name: 'Before the sale' });
  await sale.getByLabel(/fetches/).fill('40000');
  await sale.getByLabel(/fetches/).press('Tab');
  await sale.getByLabel('May be spent').fill('3000');
  await sale.getByLabel('May be spent').press('Tab');
  await sale.getByLabel('Days until it leaves').fill('30');
  await sale.getByLabel('Days until it leaves').press('Tab');
  await expect(sale).toContainText('No other set nets more.');
  await expect(sale).toContainText(/Too late for it, whatever is spent: sill/);
  await expect
    .poll(async () =>
      (await recordsOf(page.request, inspectionId)).worth?.map((r: Written) => [
        r.body.expected,
        r.body.budget,
        r.body.days,
      ]),
    )
    .toEqual([[40_000, 3000, 30]]);

  // The calendar goes out as a file.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('region', { name: 'Calendar' }).getByRole('button', { name: 'The car' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/^lot-\d+-work\.ics$/);

  // Doing the paint oneself takes its hours off.
  const total = page.locator('.sheet', { hasText: 'What it takes' }).first();
  const before = await total.locator('p').first().textContent();
  await page.getByLabel('I do the work of the body shop myself').check();
  await expect(total.locator('p').first()).not.toHaveText(before ?? '');
});

test('a job is allowed for, promised, and done: its finding closes, and the report tells all three', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'hood peeling');
  await enter(page, 'driver seat torn');
  await enter(page, 'roof peeling');
  await page.goto(`/lots/${lotId}/grade/work`);
  const list = page.getByRole('region', { name: 'What is done' });
  const becomes = async (row: string | RegExp, act: string) => {
    await list
      .getByRole('listitem')
      .filter({ hasText: row })
      .getByRole('button', { name: /done…$/ })
      .click();
    await page.getByRole('dialog').getByRole('button', { name: act }).click();
  };
  const sheet = page.getByRole('dialog');
  await becomes('Peeling, bonnet', 'Allow money for it');
  await sheet.getByLabel(/Off the price/).fill('none');
  await sheet.getByRole('button', { name: 'Keep allowance' }).click();
  await expect(sheet.getByRole('alert')).toContainText('no amount of money');
  await sheet.getByLabel(/Off the price/).fill('750');
  await sheet.getByRole('button', { name: 'Keep allowance' }).click();
  await expect(list).toContainText('Allowance: 750');
  await becomes(/seat/i, 'Promise it');
  await sheet.getByLabel('Done by').fill('2027-03-12');
  expect(await analysed(page)).toEqual([]);
  await sheet.getByRole('button', { name: 'Keep promise' }).click();
  await expect(list).toContainText('Promise: done by 12 Mar 2027');
  await becomes('Peeling, roof', 'It is done');
  await sheet.getByLabel('By whom').fill('Vennor Coachworks');
  await sheet.getByRole('button', { name: 'Keep it as done' }).click();
  const done = page.getByRole('region', { name: 'Done', exact: true });
  await expect(done).toContainText('put right: peeling, roof');
  await expect(list).not.toContainText('roof');
  await expect
    .poll(async () => (await recordsOf(page.request, inspectionId)).done?.map((r: Written) => r.body.by))
    .toEqual(['Vennor Coachworks']);

  // The walk says so too, and the place is to be looked at again.
  await done.getByRole('link', { name: 'Look at it again' }).click();
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText(/put right on \d+ \w+ \d{4}/);
  await page.goto(`/lots/${lotId}/report`);
  const said = page.getByRole('main');
  await expect(said).toContainText('Allowed by the house, work left to the buyer');
  await expect(said).toContainText(/done by 12 Mar 2027\. Not on record as done/);
  await expect(said).toContainText(/by Vennor Coachworks\. Put right: peeling, roof/i);
});

test('a sale’s lots are weighed together under one budget', async ({ browser }) => {
  test.setTimeout(240_000);
  const { lotId } = await freshLot({ make: 'Quillon', year: 1967 });
  const inspector = await (await browserOf(browser, 'inspector')).newPage();
  await inspector.goto(`/lots/${lotId}/walk`);
  await enter(inspector, 'hood peeling');
  await enter(inspector, 'driver seat torn');
  await inspector.goto(`/lots/${lotId}/grade/work`);
  const price = inspector.getByRole('region', { name: 'Before the sale' }).getByLabel(/fetches/);
  await price.fill('40000');
  await price.press('Tab');
  await expect(inspector.getByRole('region', { name: 'Before the sale' })).toContainText('With all three said');
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto('/yard');
  await page.getByRole('link', { name: 'Work', exact: true }).click();
  const best = page.getByRole('region', { name: 'The best set' });
  await page.getByLabel('May be spent').fill('2000');
  // A judgement for each job of each priced lot: as many as other tests and the demo have priced.
  await expect(best).toContainText(/more than it costs|Nothing pays/, { timeout: 150_000 });
  await expect(best).toContainText(/of 2,000/);
  await page.getByRole('button', { name: 'Keep with the sale' }).click();
  await expect(page.getByText('Kept with the sale.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('May be spent')).toHaveValue('2000');
  expect(await analysed(page)).toEqual([]);
});
