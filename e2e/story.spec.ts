import sharp from 'sharp';
import { browserOf, enter, openChapter, PASSWORD, PEOPLE, stateVisit } from './people';
import { expect, test } from './test';

test.use({ serviceWorkers: 'allow' });

/** A small real picture of its own colour. */
const picture = (colour: string) =>
  sharp({ create: { width: 640, height: 480, channels: 3, background: colour } })
    .jpeg()
    .toBuffer();

test('from sign-in to a sealed report that a bidder opens by link', async ({ page, browser }) => {
  // Any number that no other test and no earlier run takes.
  const number = 10_000 + (Date.now() % 900_000);
  await page.goto('/');
  await expect(page).toHaveURL(/sign-in/);
  await page.getByLabel('Email').fill(PEOPLE.manager);
  await page.getByLabel('Password').fill('wrong-password');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible();
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'The Tramshed Dispersal' })).toBeVisible();

  // A lot of its own, from nothing.
  await page.getByRole('button', { name: 'Add lot' }).click();
  await page.getByLabel('Number', { exact: true }).fill(String(number));
  await page.getByLabel('Name').fill('Quillon Halyard fastback, 1966');
  await page.getByRole('dialog').getByRole('button', { name: 'Add lot' }).click();
  await expect(page).toHaveURL(/intake/);
  await page.getByRole('textbox', { name: 'Make' }).fill('Quillon');
  await page.getByRole('textbox', { name: 'Model' }).fill('Halyard');
  await page.getByRole('textbox', { name: 'Year' }).fill('1966');
  await page.getByText('fastback, two doors').click();
  await page.getByLabel('Chassis number').fill('QHF66-00017');
  await page.getByRole('button', { name: 'Keep car' }).click();
  await expect(page.getByText('The car is kept.')).toBeVisible();
  await stateVisit(page);

  // The walk: readings, a correction, a finding, looks, blocked places.
  await page.getByRole('link', { name: 'Start the walk' }).click();
  await enter(page, 'hood 121 118 124 130 119 122 over again 125');
  await expect(page.getByText('7 readings, µm')).toBeVisible();
  const forty = Array.from({ length: 40 }, (_, i) => 110 + ((i * 7) % 23)).join(' ');
  await enter(page, `lf fender ${forty}`);
  await expect(page.getByRole('heading', { name: 'Front wing, left' })).toBeVisible();
  await expect(page.getByText('40 readings, µm')).toBeVisible();
  await enter(page, 'lq over over 412 over 388');
  await expect(page.getByText('≥ 500').first()).toBeVisible();
  await enter(page, 'hood chip 3 2mm leading edge touched in');
  await expect(page.getByText('2 mm · leading edge · touched in')).toBeVisible();
  await enter(page, 'ok roof');
  await enter(page, 'blocked trunk no key');
  await expect(page.getByText('no key').first()).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'wait' })).toHaveCount(0);

  // Photos: two good, one that is none, one damaged; the good ones go on.
  await enter(page, 'hood');
  const whole = await picture('#345');
  await page.locator('#walk-photos:enabled').setInputFiles([
    { name: 'near.jpg', mimeType: 'image/jpeg', buffer: whole },
    { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
    { name: 'torn.jpg', mimeType: 'image/jpeg', buffer: whole.subarray(0, whole.length / 2) },
    { name: 'far.jpg', mimeType: 'image/jpeg', buffer: await picture('#834') },
  ]);
  await expect(page.getByText('2 of 4 photos in')).toBeVisible();
  await expect(page.getByText('notes.jpg: This file is no JPEG')).toBeVisible();
  await expect(page.getByText('torn.jpg: This picture is damaged')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Photo: near.jpg' })).toBeVisible();

  // The grade takes form, the paint is judged.
  await page.getByRole('link', { name: 'Grade', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'As it stands, under four lenses' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Underside/ })).toContainText('0 %');
  await openChapter(page, 'Paint');
  await expect(page.getByText('likeliest: filled')).toBeVisible();

  // Sealed, shared, opened by somebody who has no account.
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await expect(page.getByText('1 finding has no picture')).toBeVisible();
  await page.getByRole('button', { name: 'Seal report' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Seal report' }).click();
  await expect(page.getByRole('heading', { name: 'Revision 1 is sealed' })).toBeVisible();
  await page.getByLabel('For whom').fill('Copperbeech');
  await page.getByRole('button', { name: 'Make link' }).click();
  const link = (await page.getByTestId('fresh-link').getAttribute('href'))!;
  const bidder = await browser.newContext();
  const report = await bidder.newPage();
  await report.goto(link);
  await expect(report.getByRole('heading', { name: 'Quillon Halyard, 1966' })).toBeVisible();
  await expect(report.getByText('Bonnet: 3 × stone chip')).toBeVisible();
  await expect(report.getByText('Blocked: no key')).toBeVisible();
  await report.getByRole('button', { name: 'Check in this browser' }).click();
  await expect(report.getByText('Unchanged.')).toBeVisible();

  // A correction is a new revision; the link is withdrawn and opens nothing.
  await page.getByRole('button', { name: 'Start revision 2' }).click();
  await expect(page.getByRole('dialog').getByRole('button', { name: 'Start revision' })).toBeDisabled();
  await page.getByLabel('Why is it corrected?').fill('The chips were counted again.');
  await page.getByRole('dialog').getByRole('button', { name: 'Start revision' }).click();
  await expect(page.getByRole('heading', { name: 'Revision 2, draft' })).toBeVisible();
  // Begun and given up: the sealed one stands.
  await page.getByRole('button', { name: 'Give up revision 2' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Give up revision' }).click();
  await expect(page.getByRole('heading', { name: 'Revision 1 is sealed' })).toBeVisible();
  await page.getByRole('button', { name: 'Start revision 2' }).click();
  await page.getByLabel('Why is it corrected?').fill('The chips were counted again.');
  await page.getByRole('dialog').getByRole('button', { name: 'Start revision' }).click();
  await expect(page.getByRole('heading', { name: 'Revision 3, draft' })).toBeVisible();
  await expect(page.getByText('Whole: ')).toBeVisible();
  await page.getByRole('link', { name: 'Walk', exact: true }).click();
  await page
    .getByRole('button', { name: /stone chip/ })
    .first()
    .click();
  await page.getByRole('spinbutton', { name: 'Count' }).fill('5');
  await page.getByRole('button', { name: 'Keep correction' }).click();
  await expect(page.getByRole('status').filter({ hasText: /entr(y|ies)/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await page.getByRole('button', { name: 'Seal report' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Seal report' }).click();
  await expect(page.getByRole('heading', { name: 'Revision 3 is sealed' })).toBeVisible();
  await report.reload();
  const changed = report.getByRole('region', { name: 'What changed' });
  await expect(changed.getByText('The chips were counted again.')).toBeVisible();
  await expect(changed.getByRole('listitem')).toHaveText([/3 × stone chip.* → 5 × stone chip/]);
  await changed.getByRole('link', { name: 'Open revision 1' }).click();
  await expect(report.getByText('This is revision 1, as it was sealed.')).toBeVisible();
  await expect(report.getByText('Bonnet: 3 × stone chip')).toBeVisible();
  await report.getByRole('button', { name: 'Check in this browser' }).click();
  await expect(report.getByText('Unchanged.')).toBeVisible();
  await report.getByRole('link', { name: 'read revision 3' }).click();
  await expect(report.getByText('Bonnet: 5 × stone chip')).toBeVisible();
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await expect(page.getByText(/^withdrawn, opened \d+ times?, last on/)).toBeVisible();
  await report.reload();
  await expect(report.getByRole('heading', { name: 'Withdrawn' })).toBeVisible();
});

test('a bidder reads the report without script, and a changed report is told', async ({ browser }) => {
  const office = await browserOf(browser, 'manager');
  const page = await office.newPage();
  await page.goto('/yard');
  await page.getByRole('link', { name: /Haskett Dray pickup, 1991/ }).click();
  await page.getByLabel('For whom').fill('Lanternfish');
  await page.getByRole('button', { name: 'Make link' }).click();
  const link = (await page.getByTestId('fresh-link').getAttribute('href'))!;

  const plain = await browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 844 } });
  const read = await plain.newPage();
  await read.goto(link);
  await expect(read.getByRole('heading', { name: 'Haskett Dray, 1991' })).toBeVisible();
  for (const heading of [
    'Where it is',
    'Findings',
    'Paint thickness',
    'What the seller says',
    'What was not seen',
    'Conditions and instruments',
    'Cautions',
    'Seal',
  ]) {
    await expect(read.getByRole('heading', { name: heading })).toBeVisible();
  }
  await expect(read.locator('img').first()).toHaveJSProperty('complete', true);
  expect(await read.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  const wary = await (await browser.newContext()).newPage();
  await wary.route('**/report.json', async (route) => {
    const response = await route.fetch();
    await route.fulfill({ response, body: (await response.text()).replace('Haskett', 'Hasket') });
  });
  await wary.goto(link);
  await wary.getByRole('button', { name: 'Check in this browser' }).click();
  await expect(wary.getByText('this report was changed after it was sealed')).toBeVisible();
});
