import { analysed } from './axe';
import { browserOf, freshLot } from './people';
import { expect, test } from './test';

test('the order of a visit follows its working order, its hours and what is there for a part of the day', async ({
  browser,
}) => {
  const { lotId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'inspector', { viewport: { width: 390, height: 844 } })).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await page.getByRole('navigation', { name: 'Intake' }).getByRole('link', { name: 'Order of the visit' }).click();
  const order = page.getByRole('region', { name: 'Order of the visit' });
  const wishes = page.getByRole('region', { name: 'What it is asked under' });
  await wishes.getByLabel('Begins').fill('08:30');
  await wishes.getByLabel('Must have ended').fill('16:00');
  await expect(order).toContainText('08:30');
  await expect(order).toContainText('Cold start, watched at the tailpipe');
  await expect(order).toContainText('while the engine warms');
  // Nobody gave leave to drive.
  await expect(wishes.getByRole('checkbox', { name: /road test/i })).not.toBeChecked();
  expect(await analysed(page)).toEqual([]);

  // Too little time: what is left out first is proposed, and left out at a touch.
  await wishes.getByLabel('Must have ended').fill('10:30');
  await expect(order).toContainText('It does not all fit.');
  await order.getByRole('button', { name: /Leave (it|them) out/ }).click();
  await expect(order).not.toContainText('It does not all fit.');
  await wishes.getByLabel('Working order').selectOption('field');
  await expect(order).not.toContainText('Cold start');

  // An order of one's own, and the walk by it with its clocks.
  const stations = wishes.getByRole('group', { name: 'Stations, in the order preferred' }).getByRole('checkbox');
  const names = () => stations.evaluateAll((boxes) => boxes.map((b) => (b.closest('label')?.textContent ?? '').trim()));
  const [first, second] = await names();
  await wishes
    .getByRole('button', { name: /: later$/ })
    .first()
    .click();
  expect((await names()).slice(0, 2)).toEqual([second, first]);
  await expect(order).toContainText('your own order');
  await order.getByRole('button', { name: 'Walk by this order' }).click();
  const line = page.getByRole('region', { name: 'Order of the visit' });
  await expect(line).toContainText(/\d\d:\d\d–\d\d:\d\d/);
  const before = await line.textContent();
  await line.getByRole('button', { name: 'Done' }).click();
  await expect(line).not.toHaveText(before!);
  expect(await analysed(page)).toEqual([]);
  await line.getByRole('button', { name: 'Walk without an order' }).click();
  await expect(line).toHaveCount(0);
});

test('a sale’s days are planned, a visit is moved, and people are told', async ({ browser }) => {
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto('/yard');
  await page.getByRole('link', { name: 'Days', exact: true }).click();
  await expect(page.getByText(/\d+ visits, \d+ lots? without one/)).toBeVisible();
  // Yesterday's were not made, and nobody is sent there anew.
  await expect(page.getByText(/\d+ visits? of days gone by/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /, gone by$/ })).toHaveCount(1);
  await page.getByLabel('Days', { exact: true }).fill('9');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByText('Planning…')).toHaveCount(0);
  await expect(page.getByText(/of days gone by/)).toHaveCount(0);
  const lot1 = page.getByLabel('Lot 1: who and when');
  await expect(lot1).toBeVisible();
  expect(await analysed(page)).toEqual([]);
  const options = await lot1.locator('option').allTextContents();
  await lot1.selectOption({ label: options.at(-1)! });
  await expect(lot1.locator('option:checked')).toHaveText(options.at(-1)!);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /Ilse Brandvik, calendar file/ }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('ilse-brandvik.ics');
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByText('Kept: so people are told.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Lot 1: who and when').locator('option:checked')).toHaveText(options.at(-1)!);

  // On paper, and in a person's own calendar by a secret address that can be shut.
  const sheet = await page.request.get(
    (await page.getByRole('link', { name: /^Sheet of Ilse Brandvik/ }).getAttribute('href'))!,
  );
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const feeds = page.getByRole('region', { name: 'Calendar feeds' });
  await feeds.getByRole('button', { name: 'Open feeds' }).click();
  const address = (await feeds
    .getByRole('listitem')
    .filter({ hasText: 'Ilse Brandvik' })
    .locator('code')
    .textContent())!;
  const stranger = await (await browser.newContext()).newPage();
  const read = async () => {
    const answer = await stranger.request.get(address);
    return [answer.status(), (await answer.text()).slice(0, 15)];
  };
  expect(await read()).toEqual([200, 'BEGIN:VCALENDAR']);
  await feeds.getByRole('button', { name: 'Shut them' }).click();
  await expect(feeds.getByRole('listitem')).toHaveCount(0);
  expect((await read())[0]).toBe(404);
});

test('a visit is dragged to another person, rain is told, and the plan goes on from now', async ({ browser }) => {
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto('/yard');
  await page.getByRole('link', { name: 'Days', exact: true }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByText('Planning…')).toHaveCount(0);
  const day = page.locator('section', { has: page.getByRole('heading', { name: /, today$/ }) });
  const handle = day.getByRole('button', { name: /take it to another day or person/ }).first();
  const name = (await handle.getAttribute('aria-label'))!;
  const who = page.getByLabel(name.replace(': take it to another day or person', ': who and when'));
  const before = (await who.locator('option:checked').textContent())!;
  const other = before.includes('Ilse') ? 'Tomas Orrell' : 'Ilse Brandvik';
  await handle.hover();
  await page.mouse.down();
  const to = (await day.getByRole('heading', { name: other }).boundingBox())!;
  await page.mouse.move(to.x + 30, to.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(who.locator('option:checked')).toContainText(other);
  const rain = day.getByRole('button', { name: /rain/ });
  const wet = (await rain.getAttribute('aria-pressed')) === 'true';
  await rain.click();
  await expect(rain).toHaveAttribute('aria-pressed', String(!wet));
  await page.getByRole('button', { name: 'Go on from now' }).click();
  await expect(page.getByRole('status').filter({ hasText: /goes on as people were told|moved/ })).toBeVisible();
});

test('two published cars lie side by side without script', async ({ browser }) => {
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto('/yard');
  await page.getByRole('button', { name: 'Sale', exact: true }).click();
  await page.getByRole('button', { name: /Page for bidders/ }).click();
  const address = await page.getByRole('dialog').getByRole('link').first().getAttribute('href');
  const stranger = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
  await stranger.goto(`${address}/compare?a=2&b=6`);
  await expect(stranger.getByRole('region', { name: /Sarvane Lido/ })).toBeVisible();
  await expect(stranger.getByRole('region', { name: /Haskett Dray/ })).toBeVisible();
  await expect(stranger.getByRole('heading', { name: 'Authenticity' })).toBeVisible();
  // A lot that is not published is not there to be chosen.
  await expect(
    stranger.getByLabel('One car').locator('option', { hasText: 'Quillon Halyard fastback, 1967' }),
  ).toHaveCount(0);
});
