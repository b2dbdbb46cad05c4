import { expect, test } from '@playwright/test';
import { analysed } from './axe';
import { browserOf, enter, freshLot, recordsOf, stateVisit } from './people';

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
  await expect(roads.getByRole('listitem')).toHaveCount(4);
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
