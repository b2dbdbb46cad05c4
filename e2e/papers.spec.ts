import { drawPicture } from '../demo/pictures';
import { browserOf, enter, freshLot, openChapter, recordsOf, stateVisit } from './people';
import { expect, test } from './test';

test('a listing is taken apart into claims, and each is weighed by what is entered', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot({ make: 'Quillon', year: 1967, chassisNumber: 'QHF67-04418' });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/walk`);
  await openChapter(page, 'Papers');
  const claims = page.getByRole('region', { name: 'Claims' });
  await claims
    .getByLabel('Text of the seller or of a listing')
    .fill('Matching numbers, one owner. It starts at once. In its original colour. A lovely example.');
  const found = claims.getByRole('list', { name: 'Claims in the text' });
  await expect(found.getByRole('listitem')).toHaveCount(3);
  await claims.getByLabel('Who says so').fill('a listing of 2019');
  await claims.getByRole('button', { name: 'Keep 3 as claims' }).click();
  const engine = claims.getByRole('article', { name: 'Matching numbers' });
  await expect(engine).toContainText('Untested');
  await expect(engine).toContainText('the engine’s number');
  // One character that is easily misread is a question; read again, it is this car’s.
  await openChapter(page, 'Papers');
  const numbers = page.getByRole('region', { name: 'Numbers' });
  await expect(numbers.getByRole('list', { name: 'The number, character by character' })).toContainText('Halyard');
  await numbers.getByLabel('Where').selectOption('engine-stamp');
  await numbers.getByLabel('As read').fill('QH O4418');
  await numbers.getByRole('button', { name: 'Keep the number' }).click();
  await expect(numbers).toContainText('Look again: is place 3 O or 0?');
  await expect(engine).toContainText('Untested');
  await numbers.getByRole('button', { name: 'Take out: engine stamp' }).click();
  await numbers.getByLabel('As read').fill('QH 04418');
  await numbers.getByLabel('Stamp and ground').selectOption('undisturbed');
  await numbers.getByRole('button', { name: 'Keep the number' }).click();
  await expect(engine).toContainText('Well supported');
  await expect(engine.getByRole('img')).toHaveAccessibleName(/^well supported/);
  // By hand, for a claim that only a look carries.
  const colour = claims.getByRole('article', { name: 'In its original colour' });
  await colour.getByText('Say what you saw for or against it').click();
  await colour.getByRole('button', { name: 'Another colour where nobody repaints' }).click();
  await expect(colour).toContainText('Contradicted');
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/Contradicted: what was found speaks strongly against it/).first()).toBeVisible();
  await expect.poll(async () => (await recordsOf(page.request, inspectionId)).claim?.length).toBe(3);
});

test('dates stand on one line with the day of building; papers carry a distance or contradict it', async ({
  browser,
}) => {
  const { lotId } = await freshLot({
    make: 'Quillon',
    year: 1967,
    chassisNumber: 'QHF67-04418',
    odometer: { value: 61400, unit: 'mi' },
    odometerDigits: 6,
  });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  // Of which day the clock was read, a visit says.
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  await enter(page, 'radio period correct');
  await enter(page, 'comes with a spare key');
  await openChapter(page, 'Papers');
  const dates = page.getByRole('region', { name: 'Dates of parts' });
  const date = async (part: string, code: string) => {
    await dates.getByRole('combobox').selectOption({ label: part });
    await dates.getByLabel('Code, as it stands there').fill(code);
    await dates.getByRole('button', { name: 'Keep the date' }).click();
  };
  await date('build date on the plate', '12.04.1967');
  await expect(dates).toContainText('Built 12 Apr 1967, by its plate.');
  await date('engine block, casting', 'C 14 7');
  await date('cylinder head, casting', 'H 3 7');
  await date('clock', 'ZZ');
  await expect(dates.getByRole('listitem').filter({ hasText: 'Engine block' })).toContainText('fits');
  await expect(dates.getByRole('listitem').filter({ hasText: 'Cylinder head' })).toContainText('too late');
  await expect(dates.getByRole('listitem').filter({ hasText: 'Clock' })).toContainText('not understood');
  await expect(dates.getByRole('img')).toHaveAccessibleName(/cylinder head, casting 3 Aug 1967 too-late/);
  const saved = page.waitForEvent('download');
  await dates.getByRole('button', { name: 'Save as a picture' }).click();
  expect((await saved).suggestedFilename()).toBe('dates-of-parts.svg');
  const past = page.getByRole('region', { name: 'Past and papers' });
  await past.getByText('Add a paper').click();
  for (const [on, value] of [
    ['1967-06-01', '20'],
    ['1990', '48,000'],
    ['2020-06-01', '61 200'],
  ]) {
    await past.getByLabel('Of which day').fill(on!);
    await past.getByLabel('Odometer, mi').fill(value!);
    await past.getByRole('button', { name: 'Keep the paper' }).click();
    await expect(past.getByLabel('Of which day')).toHaveValue('');
  }
  await expect(past).toContainText('Supported as the distance that is shown');
  await past.getByLabel('Of which day').fill('1995-01-01');
  await past.getByLabel('Odometer, mi').fill('31000');
  await past.getByRole('button', { name: 'Keep the paper' }).click();
  await expect(past).toContainText('Contradicted');
  await expect(past).toContainText('it falls from 48,000');
  await expect(page.getByRole('region', { name: 'Parts', exact: true })).toContainText('right type and time');
  // What was said stands as there; a touch says another thing is not, and a second takes that back.
  const along = page.getByRole('region', { name: 'Comes with it' });
  await expect(along.getByRole('button', { name: 'Spare key: there', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const jack = along.getByRole('button', { name: 'Jack: not there' });
  await jack.click();
  await expect(along).toContainText('2 of 15 looked for');
  await jack.click();
  await expect(along).toContainText('1 of 15 looked for');
});

test('a number is proposed off its picture and kept only after it was compared', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  const buffer = await drawPicture({ subject: 'plate', seed: 5, colour: '#777777' });
  await page.locator('#lot-photos:enabled').setInputFiles({ name: 'plate.jpg', mimeType: 'image/jpeg', buffer });
  await page.getByLabel('Choose plate.jpg').check();
  await page.getByRole('button', { name: 'Number', exact: true }).click();
  const sheet = page.getByRole('dialog');
  const picture = sheet.getByRole('img').first();
  await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(0);
  const box = (await picture.boundingBox())!;
  await picture.click({ position: { x: box.width * 0.1, y: box.height * 0.3 } });
  await picture.click({ position: { x: box.width * 0.9, y: box.height * 0.7 } });
  await sheet.getByRole('button', { name: 'Read it' }).click();
  // Whatever it makes out of made-up strokes, it is a proposal or says that it made out nothing.
  await expect(sheet.getByRole('status')).toContainText(/A proposal|Nothing was made out/, { timeout: 60_000 });
  await sheet.getByLabel('As you read it').fill('QHF67-04418');
  const keep = sheet.getByRole('button', { name: 'Keep the number' });
  await expect(keep).toBeDisabled();
  await sheet.getByLabel(/I compared it with the picture/).check();
  await keep.click();
  await expect(sheet).toBeHidden();
  await expect
    .poll(async () => (await recordsOf(page.request, inspectionId)).number?.[0]?.body.asRead)
    .toBe('QHF67-04418');
});
