import { anotherHouse } from './own-server';
import { browserOf, enter } from './people';
import { expect, test } from './test';

test('a grade can be argued with, and its numbers changed with open eyes', async ({ browser }) => {
  test.setTimeout(180_000);
  const { lotId, inspector, manager } = await anotherHouse('grades');
  const walking = await browserOf(browser, { email: inspector });
  const walk = await walking.newPage();
  await walk.goto(`/lots/${lotId}/walk`);
  await enter(walk, 'ok hood');
  await enter(walk, 'left sill rusted through 200mm');
  await enter(walk, 'engine does not run');
  await expect(walk.getByRole('status').filter({ hasText: 'wait' })).toHaveCount(0);

  // What ends its use comes first; each axis says what it lost; a touch shows where.
  await walk.getByRole('link', { name: 'Grade', exact: true }).click();
  await expect(walk.getByText('The engine does not run.')).toBeVisible();
  await expect(walk.getByText('Too little seen').first()).toBeVisible();
  const metal = walk.getByRole('button', { name: /^Metal/ });
  if ((await metal.getAttribute('aria-expanded')) === 'false') await metal.click();
  const sill = walk
    .getByRole('list', { name: 'What metal lost' })
    .getByRole('button', { name: /Rusted through, sill, left/ });
  await sill.click();
  await expect(walk.getByText('Shown: Sill, left.')).toBeVisible();
  const running = walk.getByRole('button', { name: /^Running and function/ });
  await running.click();
  await expect(walk.getByText('The car cannot be used')).toBeVisible();
  await expect(walk.getByRole('heading', { name: 'Putting this right raises it most' })).toBeVisible();
  const before = (await metal.textContent())!;
  await walking.close();

  // A manager changes a number, sees what it moves, stops a try, tries to the end, keeps it, and takes it back.
  const managing = await browserOf(browser, { email: manager });
  const page = await managing.newPage();
  await page.goto('/grade-numbers');
  await expect(page.getByRole('heading', { name: /44 of 44 as people grade them/ })).toBeVisible();
  await page.getByText('Curves', { exact: true }).click();
  await page.getByLabel('Points lost, point 5').fill('4');
  await expect(page.getByRole('alert').filter({ hasText: 'never falls' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Try on our lots' })).toBeDisabled();
  for (const [point, lost] of [
    [2, 1],
    [3, 2],
    [4, 3],
    [5, 4],
    [6, 5],
    [7, 6],
    [8, 7],
    [9, 8],
  ])
    await page.getByLabel(`Points lost, point ${point}`, { exact: true }).fill(String(lost));
  await expect(page.getByText(/outside 40 to 66/)).toBeVisible();
  await page.getByRole('button', { name: 'Try on our lots' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Keep these numbers' })).toBeDisabled();
  await page.getByRole('button', { name: 'Try on our lots' }).click();
  await expect(page.getByRole('heading', { name: 'Our open lots, now → then' })).toBeVisible({ timeout: 120_000 });
  await expect(page.getByRole('region', { name: 'Own lots' }).getByRole('row').nth(1)).toContainText('→');
  await page.getByRole('button', { name: 'Keep these numbers' }).click();
  await expect(page.getByText('Kept. Reports that are sealed stay as they are')).toBeVisible();
  await page.goto(`/lots/${lotId}/grade`);
  await expect(page.getByRole('button', { name: /^Metal/ })).not.toHaveText(before);
  await page.goto('/grade-numbers');
  await page.getByRole('button', { name: 'Back to the shipped ones' }).click();
  await expect(page.getByRole('heading', { name: /44 of 44 as people grade them/ })).toBeVisible();
  await managing.close();

  // Whoever is no manager reads them, and changes nothing.
  const reading = await browserOf(browser, { email: inspector });
  const api = reading.request;
  expect((await api.get('/api/v1/numbers')).status()).toBe(200);
  expect((await api.delete('/api/v1/numbers')).status()).toBe(403);
  const look = await reading.newPage();
  await look.goto('/grade-numbers');
  await expect(look.getByText('A manager of your organisation can change these.')).toBeVisible();
  await expect(look.getByLabel('Metal weighs, keeper')).toBeDisabled();
  await reading.close();
});
