import { readFileSync } from 'node:fs';
import { anotherHouse } from './own-server';
import { browserOf } from './people';
import { expect, test } from './test';

test('a table of numbers: tried on own lots, kept, taken out and in, brought back from its history', async ({
  browser,
}) => {
  const house = await anotherHouse('tables');
  const page = await (await browserOf(browser, { email: house.manager })).newPage();
  await page.goto('/numbers');
  await page.getByRole('link', { name: /Losses by fit/ }).click();
  await expect(page.getByText('0 numbers differ from the shipped ones')).toBeVisible();
  const most = page.getByRole('textbox', { name: 'most', exact: true });
  const keep = page.getByRole('button', { name: 'Keep this table' });
  const tryIt = page.getByRole('button', { name: 'Try on our lots' });
  await most.fill('a lot');
  await expect(page.getByRole('alert').filter({ hasText: 'no such number' })).toBeVisible();
  await most.fill('7');
  await expect(tryIt).toBeDisabled();
  await most.fill('0.8');
  await expect(page.getByText('ships 0.9')).toBeVisible();
  await expect(keep).toBeDisabled();
  await tryIt.click();
  await expect(page.getByRole('region', { name: 'Described cars' })).toBeVisible();
  await keep.click();
  await expect(page.getByText('1 number changed')).toBeVisible();
  // Out as a file, changed there, and in again.
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'CSV' }).click()]);
  const csv = readFileSync((await file.path())!, 'utf8');
  expect(csv).toContain('most,number,0.8,0.9');
  const take = (text: string) =>
    page
      .getByLabel('Table as CSV or JSON')
      .setInputFiles({ name: 'fit.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await take(csv.replace('number,0.8', 'number,much'));
  await expect(page.getByRole('alert').filter({ hasText: '“much” is no number' })).toBeVisible();
  await take(csv.replace('number,0.8', 'number,0.7'));
  await expect(most).toHaveValue('0.7');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'As before' }).click();
  await expect(most).toHaveValue('0.9');
  await tryIt.click();
  await expect(keep).toBeEnabled();
  await keep.click();
  await expect(page.getByText('back to the shipped table')).toBeVisible();
  await page.goto('/numbers');
  await expect(page.getByText('your own')).toHaveCount(0);
});

test('erasing is asked for with a reason, shown with its day, and called off', async ({ browser }) => {
  const house = await anotherHouse('regrets');
  const page = await (await browserOf(browser, { email: house.manager })).newPage();
  await page.goto(`/lots/${house.lotId}/intake`);
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByText('Erase for good …').click();
  await page.getByLabel('Why').fill('the heirs ask for it');
  await page.getByRole('button', { name: 'Erase in 14 days' }).click();
  await expect(page.getByRole('heading', { name: 'To be erased' })).toBeVisible();
  await expect(page.getByText(/: the heirs ask for it$/)).toBeVisible();
  await page.getByRole('button', { name: 'Call it off' }).click();
  await expect(page.getByRole('heading', { name: 'To be erased' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByRole('button', { name: 'A backup is on its way' })).toBeVisible();
});
