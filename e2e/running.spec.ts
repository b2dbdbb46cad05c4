import { expect, test } from '@playwright/test';
import { browserOf, enter, freshLot, openChapter } from './people';

test('a cold start is a run: what was missed before the first turn says so, smoke tells, twice slow asks for a test', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.clock.install();
  await page.goto(`/lots/${lotId}/walk`);
  await openChapter(page, 'Running');
  const start = page.getByRole('region', { name: 'Start', exact: true });
  await expect(start).toContainText('Extinguisher at hand');
  await start.getByRole('button', { name: 'Begin the cold start' }).click();
  await start.getByRole('button', { name: 'Cold', exact: true }).click();
  const hours = start.getByRole('textbox', { name: 'Hours since it ran' });
  await hours.fill('a week');
  await hours.blur();
  await expect(start.getByRole('alert')).toContainText('“a week” is no number of hours');
  await hours.fill('0,5');
  await hours.blur();
  await expect(start.getByRole('alert')).toHaveCount(0);
  await start.getByRole('button', { name: 'First turn of the key' }).click();
  await expect(start).toContainText('What was not noted before the first turn cannot be had again today');
  await page.clock.runFor(12_000);
  await expect(start.getByRole('timer')).toHaveText(/^0:1\d$/);
  await start.getByRole('button', { name: 'cranks slowly' }).click();
  await start.getByRole('button', { name: 'catches after a while' }).click();
  await start.getByRole('button', { name: 'white smoke' }).click();
  await start.getByRole('button', { name: 'stays', exact: true }).click();
  await expect(start).toContainText('White smoke, stays: coolant');
  await start.getByRole('button', { name: 'Done with the start' }).click();
  await expect(start).toContainText(/1\d s after the first turn/);
  await start.getByRole('button', { name: 'Hot restart' }).click();
  await start.getByRole('button', { name: 'First turn of the key' }).click();
  await start.getByRole('button', { name: 'cranks slowly' }).click();
  await expect(start).toContainText('Cranked slowly twice');
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/Cranked slowly twice: battery or charging want a proper test/).first()).toBeVisible();
});

test('two people try what should work, one inside and one outside; what one says the other sees; one line says many', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const inside = await (await browserOf(browser, 'inspector')).newPage();
  await inside.goto(`/lots/${lotId}/walk`);
  await enter(inside, 'all lamps work but the reverse');
  await openChapter(inside, 'Cabin and functions');
  await expect(inside.getByRole('region', { name: 'Does not work' })).toContainText('Reverse lamps: does not work');
  const outside = await (await browserOf(browser, 'manager')).newPage();
  await outside.goto(inside.url());
  const run = outside.getByRole('region', { name: 'At the controls' });
  await run.getByRole('button', { name: /^Outside/ }).click();
  await expect(run.getByText('horn').first()).toBeVisible();
  await run.getByRole('button', { name: 'Works', exact: true }).click();
  const here = inside.getByRole('region', { name: 'At the controls' });
  await expect(here).toContainText('starter');
  await here.getByRole('button', { name: 'Not tried' }).click();
  await here.getByRole('button', { name: 'not safe' }).click();
  // The horn was said outside: the run here goes on behind it.
  await expect(here).toContainText('warning lamps come on and go out');
  await inside.getByText(/^All that was tried/).click();
  await expect(inside.getByText('not tried: not safe')).toBeVisible();
});

test('what is wet ranks where it leaks and says where to look next, also without a network; the gate keeps a car from the road', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const context = await browserOf(browser, 'inspector');
  const page = await context.newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await openChapter(page, 'Running');
  const leaks = page.getByRole('region', { name: 'Leaks' });
  await expect(leaks).toContainText('Nobody said yet what is wet');
  await context.setOffline(true);
  await leaks.getByLabel('Place').selectOption('bellhousing');
  await leaks.getByLabel('Which fluid').selectOption('engine-oil');
  await leaks.getByRole('button', { name: 'Drips', exact: true }).click();
  const sources = leaks.getByRole('list', { name: 'Sources, the likeliest first' });
  await expect(sources.getByRole('listitem').first()).toContainText('Rear main seal');
  await expect(leaks).toContainText(/it tells the .* from the/);
  await leaks.getByLabel('Place').selectOption('engine.valve-cover');
  await leaks.getByRole('button', { name: 'Wet', exact: true }).click();
  await expect(sources.getByRole('listitem').first()).toContainText('Valve cover');
  await context.setOffline(false);
  const fluids = page.getByRole('region', { name: 'Fluids' });
  await fluids.getByRole('button', { name: /^Brake fluid/ }).click();
  await fluids.getByRole('button', { name: 'empty', exact: true }).click();
  await expect(fluids).toContainText('A circuit leaks or is blanked off: not to be driven.');
  const road = page.getByRole('region', { name: 'Road test' });
  await expect(road).toContainText('a fluid is as it must not be');
  for (const yes of await road.getByRole('button', { name: 'Yes' }).all()) await yes.click();
  await expect(road).toContainText('Whatever is answered, it is not driven');
  await expect(road.getByRole('button', { name: 'Keep the drive' })).toBeHidden();
  await fluids.getByRole('button', { name: 'full', exact: true }).click();
  await expect(road).toContainText('Every question was answered with yes');
  await road.getByRole('button', { name: 'Clutch takes up well' }).click();
  await road.getByLabel('Where, on what').fill('a lap of the yard, ice');
  await road.getByLabel('Distance, km').fill('0.4');
  await road.getByRole('button', { name: 'Keep the drive' }).click();
  await expect(road).toContainText('Driven 400 m; a lap of the yard, ice');
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/Driven 400 m; a lap of the yard, ice/).first()).toBeVisible();
});
