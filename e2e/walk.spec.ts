import { BASE, browserOf, enter, freshLot, head, lendToViewer, recordsOf } from './people';
import { expect, type Page, test } from './test';

async function walkOn(page: Page, lotId: string): Promise<void> {
  await page.goto(`/lots/${lotId}/walk`);
  await expect(page.getByLabel('Entry line')).toBeEnabled();
}

test('nothing is taken before the page’s script is there, so that no line is lost by its key', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  let arrive = () => {};
  const held = new Promise<void>((go) => (arrive = go));
  await page.route('**/_next/static/chunks/*.js', (route) => held.then(() => route.continue()));
  await page.goto(`/lots/${lotId}/walk`, { waitUntil: 'commit' });
  const line = page.getByLabel('Entry line');
  await expect(line).toBeDisabled();
  await expect(page.getByRole('button', { name: 'Take', exact: true })).toBeDisabled();
  arrive();
  await enter(page, 'hood 131');
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText('131');
});

test('nothing is lost when the server goes away, nor by a reload', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await walkOn(page, lotId);
  await page.route('**/changes', (route) => route.abort());
  await enter(page, 'hood 131 128 125');
  await expect(head(page, '3 entries wait')).toBeVisible();
  await enter(page, 'chip 2');
  await expect(head(page, '4 entries wait')).toBeVisible();
  // What waits for long is a station of the visit.
  await expect(page.getByRole('navigation', { name: 'Stations' }).getByText('4 entries wait')).toBeVisible();
  page.on('dialog', (d) => d.accept());
  await page.reload();
  await expect(head(page, '4 entries wait')).toBeVisible();
  await head(page, '4 entries wait').click();
  await expect(page.getByRole('heading', { name: 'Waits to be sent' })).toBeVisible();
  await page.unroute('**/changes');
  // The list of what waits sends what waits as it is opened.
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Nothing waits: the server has everything' })).toBeVisible();
  const records = await recordsOf(page.request, inspectionId);
  expect(records.reading.map((r: { body: { thicknessUm: number } }) => r.body.thicknessUm)).toEqual([131, 128, 125]);
  expect(records.finding).toHaveLength(1);
});

test('the plan stands still while lines are typed, understood and taken', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await walkOn(page, lotId);
  const line = page.getByLabel('Entry line');
  const places = () => Promise.all([page.getByLabel('Plan of the car'), line].map((l) => l.boundingBox()));
  const before = await places();
  await line.fill('hood 131');
  await expect(page.getByText('131 µm')).toBeVisible();
  expect(await places()).toEqual(before);
  await line.press('Enter');
  await expect(line).toHaveValue('');
  expect(await places()).toEqual(before);
});

test('an answer that never arrives does not double the entry', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await walkOn(page, lotId);
  let swallowed = 0;
  await page.route('**/changes', async (route) => {
    // The server takes it, but its answer is lost on the way: once.
    await route.fetch();
    if (swallowed++ === 0) await route.abort();
    else await route.continue();
  });
  await enter(page, 'hood 140');
  await expect.poll(() => swallowed).toBeGreaterThan(1);
  await expect(head(page, /wait/)).toHaveCount(0);
  const records = await recordsOf(page.request, inspectionId);
  expect(records.reading).toHaveLength(1);
});

test('the keys of the desk', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await walkOn(page, lotId);
  const heading = page.getByRole('complementary').getByRole('heading', { level: 2 });
  await expect(heading).toHaveText('Bonnet');
  // On a slow machine the page is drawn before its keys listen.
  await expect(async () => {
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible({ timeout: 2000 });
  }).toPass();
  await page.keyboard.press('Escape');
  await page.keyboard.press(']');
  await expect(heading).toHaveText('Scuttle');
  await page.keyboard.press('[');
  await page.keyboard.press('k');
  await expect(page.getByRole('region', { name: 'Looks' }).getByText('clean', { exact: true })).toHaveCount(4);
  await page.keyboard.press('z');
  await expect(page.getByRole('region', { name: 'Looks' }).getByText('not seen')).toHaveCount(4);
  await page.keyboard.press('x');
  await expect(page.getByRole('group', { name: 'Why?' })).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('u');
  await expect(heading).toHaveText('Front crossmember');
  await page.keyboard.press('g');
  await page.keyboard.press('o');
  await page.getByRole('button', { name: /^Front wing, left/ }).press('Enter');
  await page.keyboard.press('m');
  await expect(heading).toHaveText('Front wing, right');
  await page.keyboard.press('/');
  await page.keyboard.type('131 bon');
  await page.keyboard.press('Tab');
  await expect(page.getByLabel('Entry line')).toHaveValue('131 bonnet ');
  await page.getByLabel('Entry line').press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('a mil value typed as µm is asked about', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await walkOn(page, lotId);
  await page.getByLabel('Entry line').fill('hood 5.2 4.9');
  await expect(page.getByText('Below 30 µm is nearly bare metal.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take', exact: true })).toBeDisabled();
  await page.getByRole('button', { name: 'It is mil' }).click();
  await expect(page.getByText('2 readings, µm')).toBeVisible();
  await page.getByRole('button', { name: /All 2 readings/ }).click();
  await expect(page.getByText('5.2 mil')).toBeVisible();
});

test('words, sides and units follow the reader', async ({ browser }) => {
  const { lotId } = await freshLot({ steering: 'right' });
  await lendToViewer(lotId);
  const page = await (await browserOf(browser, 'viewer')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  const heading = page.getByRole('complementary').getByRole('heading', { level: 2 });
  await expect(heading).toHaveText('Bonnet');
  await expect(page.getByLabel('Entry line')).toBeDisabled();
  await page.getByRole('button', { name: 'Words, sides and units' }).click();
  await page.getByText('hood, fender, trunk').click();
  await page.getByText('driver, passenger', { exact: true }).click();
  await page.getByText('mil', { exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(heading).toHaveText('Hood');
  await page
    .locator('[data-zone]')
    .and(page.getByRole('button', { name: /^Fender, driver/ }))
    .press('Enter');
  // A right-hand-drive car: the driver's side is the right.
  await expect(page.locator('[data-zone="fender.right"]')).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  // One comes back to the panel one left, in the words one chose.
  await expect(heading).toHaveText('Fender, driver');
  await expect(page.locator('html')).toHaveAttribute('lang', 'en-US');
});

test('one hand at 390 px: next panel, looks, photo button, finding by buttons', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (
    await browserOf(browser, 'inspector', { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  ).newPage();
  await walkOn(page, lotId);
  await page.getByRole('button', { name: 'Next zone' }).tap();
  const heading = page.getByRole('complementary').getByRole('heading', { level: 2 });
  await expect(heading).toHaveText('Scuttle');
  await page.getByRole('button', { name: 'Seen, clean' }).tap();
  await expect(page.getByRole('region', { name: 'Looks' }).getByText('clean', { exact: true })).toHaveCount(3);
  await page.getByRole('button', { name: 'Add finding' }).tap();
  await page.getByRole('button', { name: 'stone chip', exact: true }).tap();
  await page.getByLabel('Size, mm').fill('4');
  await page.getByRole('dialog').getByRole('button', { name: 'Add finding' }).tap();
  await expect(page.getByText('4 mm')).toBeVisible();
  for (const name of ['Next zone', 'Previous zone', 'Blocked', 'Add finding', 'Seen, clean', 'Take']) {
    const box = (await page.getByRole('button', { name, exact: true }).first().boundingBox())!;
    expect([name, box.height >= 44, box.width >= 44]).toEqual([name, true, true]);
  }
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a look is taken back by a second touch, and a touch on function asks whether it works', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (
    await browserOf(browser, 'inspector', { viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage();
  await walkOn(page, lotId);
  const looks = page.getByRole('region', { name: 'Looks' });
  await looks.getByRole('button', { name: /^paint/ }).click();
  await expect(looks.getByRole('button', { name: /^paint clean/ })).toHaveAttribute('aria-pressed', 'true');
  await looks.getByRole('button', { name: /^paint/ }).click();
  await expect(looks.getByRole('button', { name: /^paint not seen/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last entry' }).click();
  await expect(looks.getByRole('button', { name: /^paint clean/ })).toBeVisible();

  await enter(page, 'left door');
  await looks.getByRole('button', { name: /^function not tried/ }).click();
  await looks.getByLabel('Which thing, if not all of it').fill('lock');
  await expect(looks.getByRole('button', { name: 'Works', exact: true })).toBeDisabled();
  await looks.getByRole('button', { name: 'Does not work' }).click();
  await expect(page.getByRole('region', { name: 'Findings' }).getByText('Does not work')).toBeVisible();
  await enter(page, 'right door');
  await page.getByRole('button', { name: 'Seen, clean' }).click();
  // What was looked at was not tried by that.
  await expect(looks.getByRole('button', { name: /^function not tried/ })).toBeVisible();
  await looks.getByRole('button', { name: /^function/ }).click();
  await looks.getByRole('button', { name: 'Not tried', exact: true }).click();
  await page.getByRole('button', { name: 'owner’s wish' }).click();
  await expect(looks.getByRole('button', { name: /^function not tried: owner/ })).toBeVisible();
  // Coming back from another screen, one is where one was.
  await page.getByRole('link', { name: 'Intake', exact: true }).click();
  await page.getByRole('link', { name: 'Walk', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Front door, right' })).toBeVisible();
  await expect
    .poll(async () => (await recordsOf(page.request, inspectionId)).finding?.[0]?.body)
    .toMatchObject({ zone: 'door.left.front', flaw: 'inoperative', where: 'lock' });
});

test('what the line does not understand is kept in own words; the same figures at the next panel are asked about', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await walkOn(page, lotId);
  const line = page.getByLabel('Entry line');
  await line.fill('hood smells of cabbage');
  await expect(page.getByText('Not understood: “smells')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take' })).toBeDisabled();
  await page.getByRole('button', { name: 'Keep in own words' }).click();
  await expect(page.getByRole('region', { name: 'Findings' }).getByText('“hood smells of cabbage”')).toBeVisible();

  await enter(page, 'lf fender 121 118 124');
  await line.fill('rf fender 121 118 124');
  await expect(page.getByText('The same figures as at front wing, left.')).toBeVisible();
  await line.press('Enter');
  await expect(line).toHaveValue('rf fender 121 118 124');
  await page.getByRole('button', { name: 'A slip' }).click();
  await enter(page, 'rf fender 131 128 129');

  // An empty search offers the same.
  await page.getByRole('button', { name: 'Add finding' }).click();
  await page.getByLabel('Search flaws').fill('jam');
  await expect(page.getByRole('button', { name: 'does not work' })).toBeVisible();
  await page.getByLabel('Search flaws').fill('woodworm');
  await page.getByRole('button', { name: 'Keep “woodworm” in own words' }).click();
  await page.getByRole('button', { name: 'Add finding' }).last().click();
  await expect(head(page, /wait/)).toHaveCount(0);
  const records = await recordsOf(page.request, inspectionId);
  expect(records.reading).toHaveLength(6);
  expect(records.finding.map((f: { body: { flaw: string; note: string } }) => [f.body.flaw, f.body.note])).toEqual([
    ['own-words', 'hood smells of cabbage'],
    ['own-words', 'woodworm'],
  ]);
});

test('intake keeps each field as it is left, and begins with what the lot is called', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot(null);
  const context = await browserOf(browser, 'inspector');
  const plain = await browser.newContext({
    javaScriptEnabled: false,
    storageState: await context.storageState(),
    baseURL: BASE,
  });
  const server = await plain.newPage();
  await server.goto(`/lots/${lotId}/intake`);
  // The server draws the values, before any script runs.
  await expect(server.getByRole('textbox', { name: 'Make' })).toHaveValue('Quillon');
  const page = await context.newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await page.getByLabel('Odometer shows').fill('62180.5');
  await page.getByRole('link', { name: 'Walk', exact: true }).click();
  await expect(page.getByText('First say what car this is')).toBeVisible();
  await page.getByRole('link', { name: 'Intake', exact: true }).click();
  await expect(page.getByLabel('Odometer shows')).toHaveValue('62180.5');
  await page.getByText('fastback, two doors').click();
  // Another person states the colour meanwhile: both stay.
  const other = await (await browserOf(browser, 'manager')).newPage();
  await other.goto(`/lots/${lotId}/intake`);
  // Before that came in, it would be a conflict for this person to settle.
  await expect(other.getByRole('radio', { name: 'fastback, two doors' })).toBeChecked();
  await other.getByRole('textbox', { name: 'Colour' }).fill('lichen green');
  await other.getByLabel('Kept in').focus();
  await expect(page.getByRole('textbox', { name: 'Colour' })).toHaveValue('lichen green');
  await page.getByLabel('Chassis number').fill('QHF67-9');
  await page.getByRole('textbox', { name: 'Engine number' }).focus();
  await expect
    .poll(async () => {
      const records = await recordsOf(page.request, inspectionId);
      const { make, style, odometer, colour, chassisNumber } = records.car?.[0]?.body ?? {};
      return [make, style, odometer?.value, colour, chassisNumber];
    })
    .toEqual(['Quillon', 'fastback', 62180.5, 'lichen green', 'QHF67-9']);
});
