import { analysed } from './axe';
import { browserOf } from './people';
import { expect, test } from './test';

test('an inspector practises: meets the car, measures it, says what is there, and is shown the truth', async ({
  browser,
}) => {
  const context = await browserOf(browser, 'inspector', { viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.goto('/practice');
  await page.getByRole('button', { name: /^Begin car 2:/ }).click();
  await expect(page.getByRole('region', { name: 'Practice', exact: true })).toContainText('30 minutes left');
  const here = page.getByRole('region', { name: 'What is here' });
  await expect(here.getByRole('img')).toBeVisible();
  expect(await analysed(page)).toEqual([]);
  // The stand-in reads this car, not the one that it makes up elsewhere.
  const measured = page.waitForResponse((r) => r.url().includes('/practice/measure') && r.ok());
  await page.getByRole('button', { name: 'Gauge' }).click();
  await page.getByRole('button', { name: 'Stand-in gauge, for practice' }).click();
  await page.getByRole('group', { name: 'Plan of the car' }).first().click();
  expect((await (await measured).json()).event.kind).toMatch(/read|over|none|error/);
  await page.getByRole('button', { name: 'See the truth' }).click();
  await expect(page.getByRole('heading', { name: 'Practice car 2: the truth' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Fault by fault' })).toContainText('not looked at');
  await expect(page.getByRole('region', { name: 'In short' })).toContainText('of what a bidder would mind');
  expect(await analysed(page)).toEqual([]);
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Begin car 2:/ })).toHaveText('Again');
});

test('a manager asks for a second look, which is blind until it is closed', async ({ browser }) => {
  const manager = await (await browserOf(browser, 'manager')).newPage();
  await manager.goto('/practice');
  const asks = manager.getByRole('region', { name: 'Second looks' });
  await asks
    .getByLabel('Lot')
    .selectOption({ label: (await asks.getByLabel('Lot').locator('option').allTextContents())[3]! });
  await asks.getByLabel('Who looks').selectOption({ label: 'Ilse Brandvik' });
  await asks.getByRole('button', { name: 'Ask for it' }).click();
  await expect(asks).toContainText('under way');
  const inspector = await (await browserOf(browser, 'inspector')).newPage();
  await inspector.goto('/practice');
  await inspector.getByRole('region', { name: 'Second looks' }).getByRole('link', { name: 'Go on' }).first().click();
  await expect(inspector.getByRole('region', { name: 'Practice', exact: true })).toContainText(
    'The first look is shown once this one is closed.',
  );
  await inspector.getByRole('button', { name: 'Close and compare' }).click();
  await expect(inspector.getByRole('heading', { name: /two looks$/ })).toBeVisible();
});
