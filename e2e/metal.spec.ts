import { drawPicture } from '../demo/pictures';
import { browserOf, enter, freshLot, openChapter } from './people';
import { expect, type Page, test } from './test';

const weakOf = (page: Page, where: string | RegExp) =>
  page.getByRole('region', { name: 'Weak spots' }).getByRole('listitem').filter({ hasText: where });

test('weak spots are ticked before one walks past them, and one that is found raises those that share its water', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'left fender');
  await expect(weakOf(page, 'bottom, behind the wheel')).toBeVisible();
  await weakOf(page, 'bottom, behind the wheel').getByRole('button', { name: 'Sound' }).click();
  await expect(weakOf(page, 'bottom, behind the wheel')).toContainText('sound');
  await weakOf(page, 'above the headlamp').getByRole('button', { name: 'Not seen' }).click();
  await weakOf(page, 'above the headlamp').getByRole('button', { name: 'dirty' }).click();
  await expect(weakOf(page, 'above the headlamp')).toContainText('dirty');
  // Taken back, it is open again.
  await page.getByRole('button', { name: 'Take back: bottom, behind the wheel' }).click();
  await expect(weakOf(page, 'bottom, behind the wheel').getByRole('button', { name: 'Sound' })).toBeVisible();
  // A rusty floor says where else the water goes; the finding says what it is.
  await enter(page, 'floor.left.front');
  await weakOf(page, 'outer front corner').getByRole('button', { name: 'Rust' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await enter(page, 'left rocker');
  await expect(weakOf(page, 'front end')).toContainText('where rust was found');
  await enter(page, 'right rocker');
  await expect(weakOf(page, 'front end')).not.toContainText('where rust was found');
  await openChapter(page, 'Metal');
  const next = page.getByRole('region', { name: 'Look next' });
  await expect(next).toContainText('2 of');
  await expect(next.getByRole('listitem').filter({ hasText: 'where rust was found' }).first()).toBeVisible();
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/no finding says what it is/)).toBeVisible();
});

test('tests at a spot are read together, by hand and from the entry line, and said in the report', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'right quarter');
  await page.getByRole('button', { name: 'Test the metal here' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByText('Only with the owner’s leave')).toBeVisible();
  await sheet.getByRole('button', { name: 'unbroken' }).click();
  await expect(sheet.getByRole('status')).toContainText(/sound|undecided/i);
  await sheet.getByRole('button', { name: 'does not hold' }).click();
  await sheet.getByRole('button', { name: 'dull' }).click();
  await expect(sheet.getByRole('status')).toContainText(/disguised repair/i);
  await expect(sheet.getByRole('status')).toContainText('Its extent is not known until it is stripped');
  // Holed, it is filler that rusted through again.
  await sheet.getByRole('button', { name: 'holes' }).click();
  await expect(sheet.getByRole('status')).toContainText(/disguised repair/i);
  // Bare metal says another thing: shown, not averaged.
  await sheet.getByRole('button', { name: /browned/ }).click();
  await expect(sheet.getByRole('status')).toContainText('contradict');
  await sheet.getByRole('button', { name: 'unbroken' }).click();
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('region', { name: 'Tests of the metal' })).toContainText(/disguised repair/i);
  await enter(page, 'left rocker magnet holds; left rocker rings');
  await openChapter(page, 'Metal');
  const tests = page.getByRole('region', { name: 'Tests', exact: true });
  await expect(tests.getByRole('listitem')).toHaveCount(3);
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/a disguised repair: filler, probably over rust \(\d+ %\)/).first()).toBeVisible();
});

test('pits on plating are read off a picture, put right with the brush, kept, and stand in chapter and report', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  const buffer = await drawPicture({ subject: 'pitted-chrome', seed: 5, colour: '#1f3d2c', flawedShare: 0.05 });
  await page.locator('#lot-photos:enabled').setInputFiles({ name: 'bumper.jpg', mimeType: 'image/jpeg', buffer });
  await page.getByLabel('Choose bumper.jpg').check();
  await page.getByRole('button', { name: 'Plating' }).click();
  const sheet = page.getByRole('dialog');
  const picture = sheet.getByAltText('bumper.jpg');
  await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(0);
  await sheet.getByRole('button', { name: 'Nothing but the piece is on it' }).click();
  const answer = sheet.getByRole('status');
  await expect(answer).toContainText('rating 4 of 10');
  const share = async () => Number(/([\d.]+) %/.exec((await answer.textContent())!)![1]);
  const before = await share();
  expect(Math.abs(before - 5)).toBeLessThan(1.25);
  // A stroke by keys marks more; as it was read takes it back.
  await sheet.getByRole('button', { name: 'Large brush' }).click();
  await sheet.getByRole('img', { name: /^The part with the marks/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(answer).toContainText('Put right by hand');
  expect(await share()).toBeGreaterThan(before);
  await sheet.getByRole('button', { name: 'As it was read' }).click();
  await expect.poll(share).toBe(before);
  await sheet.getByLabel('Place').selectOption('bumper.front');
  await sheet.getByLabel('The part is wide, mm').fill('300');
  await expect(answer).toContainText('to the dm²');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet).toBeHidden();
  await openChapter(page, 'Bright and glass');
  await expect(page.getByRole('region', { name: 'Plating measured' })).toContainText('rating 4 of 10');
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/of the part pitted, rusty or bare: rating 4 of 10/).first()).toBeVisible();
});

test('pieces are said at their place, a remedy fits what each is made of, and the ledger stands in chapter and report', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'rear bumper');
  await page.getByText(/^Pieces here: 0 of/).click();
  const overriders = page.getByRole('listitem').filter({ hasText: 'over-riders' });
  await overriders.getByRole('button', { name: 'Missing' }).click();
  const bumper = page.getByRole('listitem').filter({ has: page.getByText('bumper', { exact: true }) });
  await bumper.getByRole('button', { name: 'Fitted' }).click();
  await bumper.getByRole('button', { name: 'What is wrong with it' }).click();
  await bumper.getByRole('button', { name: 'pitted' }).click();
  await bumper.getByRole('button', { name: 'dented' }).click();
  await expect(bumper).toContainText('Straighten and re-plate'.toLowerCase());
  await expect(page.getByText('Pieces here: 2 of 2 said')).toBeVisible();
  await openChapter(page, 'Bright and glass');
  const wanting = page.getByRole('region', { name: 'Pieces that want something' });
  await expect(wanting).toContainText('fitted, pitted, dented');
  const along = page.getByRole('region', { name: 'What comes along' });
  await along.getByRole('listitem').filter({ hasText: 'jack' }).getByRole('button', { name: 'Comes along' }).click();
  await expect(page.getByRole('region', { name: 'Completeness' })).toContainText('1come along');
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/1 fitted, 1 come along, 1 missing, 0 not the right one/)).toBeVisible();
});

test('tires are read once and told by their age on the sale day; a pane that bears another mark is a question', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'left front wheel');
  await page.getByRole('button', { name: 'Read the tyre' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel(/^Date code/).fill('5412');
  await expect(sheet.getByRole('status')).toContainText('no such week');
  await sheet.getByLabel(/^Date code/).fill('3112');
  await expect(sheet.getByRole('status')).toContainText('30 Jul 2012');
  await sheet.getByLabel('Maker').fill('Fenwold');
  await sheet.getByLabel('Size').fill('165 SR 15');
  await sheet.getByRole('button', { name: 'cracks in the wall' }).click();
  await sheet.getByRole('button', { name: 'Keep tyre' }).click();
  await expect(sheet).toBeHidden();
  const card = page.getByRole('region', { name: 'Tire', exact: true });
  await expect(card).toContainText('Not to be relied on, whatever its tread');
  // Spoken, the next wheel says its code; maker and size stand in its sheet already.
  await enter(page, 'right front tire date code 0125, tread 6.5 mm');
  await enter(page, 'right front wheel');
  await expect(card).toContainText('code 0125, tread 6.5 mm');
  await card.getByRole('button', { name: 'Correct' }).click();
  await expect(sheet.getByLabel(/^Date code/)).toHaveValue('0125');
  await page.keyboard.press('Escape');
  for (const [zone, mark] of [
    ['windshield', 'Ostrel'],
    ['glass.left.front', 'Veltglas'],
    ['glass.right.front', 'Veltglas'],
    ['rear glass', 'Veltglas'],
  ] as const) {
    await enter(page, zone);
    const pieces = page.getByText(/^Pieces here/);
    await pieces.click();
    const pane = page.getByRole('listitem').filter({ has: page.getByText('pane', { exact: true }) });
    await pane.getByRole('button', { name: 'Fitted' }).click();
    await pane.getByLabel('Maker’s mark').fill(mark);
    await page.keyboard.press('Tab');
    await expect(page.getByText(/^Pieces here: 1 of/)).toBeVisible();
  }
  await openChapter(page, 'Bright and glass');
  await expect(page.getByRole('region', { name: 'Pieces that want something' })).toContainText(
    'its mark is “Ostrel”, most panes bear “Veltglas”. Replaced? Ask.',
  );
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText('Fenwold, 165 SR 15, code 3112, cracks in the wall').first()).toBeVisible();
});

test('the extent of rust is drawn on the panel; a bay is said at once; lost structure alarms the manager elsewhere', async ({
  browser,
}) => {
  const { lotId } = await freshLot();
  const manager = await (await browserOf(browser, 'manager')).newPage();
  await manager.goto('/people');
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'floor.left.front');
  const bay = page.getByRole('region', { name: 'Bay', exact: true });
  await expect(bay).toContainText('Not looked at');
  await page.getByRole('button', { name: 'Add finding' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Search flaws').fill('surface rust');
  await sheet.getByRole('button', { name: 'surface rust', exact: true }).click();
  await sheet.getByRole('button', { name: 'Draw its extent on the panel' }).click();
  const panel = sheet.getByRole('application');
  const box = (await panel.boundingBox())!;
  for (const [x, y] of [
    [0.4, 0.4],
    [0.6, 0.4],
    [0.6, 0.6],
  ] as const)
    await panel.click({ position: { x: box.width * x, y: box.height * y } });
  await expect(sheet.getByRole('status')).toContainText('of the panel');
  // By keys, a fourth corner.
  await panel.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Enter');
  await sheet.getByRole('button', { name: 'Take the last corner back' }).click();
  await sheet.getByRole('button', { name: 'active', exact: true }).click();
  await sheet.getByRole('button', { name: 'Add finding' }).click();
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText('drawn on the plan · active');
  await bay.getByRole('button', { name: 'Rest of the bay sound' }).click();
  await expect(bay).toContainText('Surface rust.');
  const alarm = manager.getByRole('alert', { name: 'Alarm' }).filter({ hasText: 'Rear crossmember' });
  await expect(alarm).toBeHidden();
  await enter(page, 'rear crossmember structural');
  await expect(alarm).toContainText('Structural loss found');
  await expect(alarm).toContainText('Not to be driven');
  await alarm.getByRole('button', { name: 'I have it' }).click();
  await expect(alarm).toBeHidden();
  await manager.reload();
  await expect(manager.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(alarm).toBeHidden();
});
