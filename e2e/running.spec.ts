import { drawPicture } from '../demo/pictures';
import { browserOf, enter, freshLot, openChapter, recordsOf } from './people';
import { expect, test } from './test';

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
  await expect(here).toContainText('warning lamps');
  await inside.getByText(/functions? tried/).click();
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
  // What shakes is told with the look that would tell, and it stands in the report.
  await road.getByRole('button', { name: 'Vibration', exact: true }).click();
  await road.getByRole('button', { name: 'In the steering wheel' }).click();
  await road.getByLabel('From, km/h').fill('120');
  await road.getByLabel('To, km/h', { exact: true }).fill('95');
  await road.getByRole('button', { name: 'Keep what was felt' }).click();
  await expect(road.getByRole('alert')).toContainText('It ends at a higher speed than it begins');
  await road.getByLabel('From, km/h').fill('80');
  await road.getByRole('button', { name: 'Keep what was felt' }).click();
  await expect(road).toContainText('A front wheel or tyre out of balance or round');
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(/Driven 400 m; a lap of the yard, ice/).first()).toBeVisible();
  await expect(page.getByText(/Vibration in the steering wheel, 80 to 95 km\/h/).first()).toBeVisible();
});

test('a gauge is read off pictures of the dash into the log, and a rag is shown beside its fluid', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  // Drawn dials, 1600 px wide: scales over three quarters of a turn, 40 to 120 °C; the needle a third and two thirds up.
  const draw = (n: number, shows: number) =>
    drawPicture({ subject: 'dash', seed: n, colour: '#777777', dials: [shows, 0.5] }).then((buffer) => ({
      name: `dash${n}.jpg`,
      mimeType: 'image/jpeg',
      buffer,
    }));
  await page.locator('#lot-photos:enabled').setInputFiles([await draw(1, 1 / 3), await draw(2, 2 / 3)]);
  for (const n of [1, 2]) await page.getByLabel(`Choose dash${n}.jpg`).check();
  await page.getByRole('button', { name: 'Gauge', exact: true }).click();
  const sheet = page.getByRole('dialog');
  const touch = async (x: number, y: number) => {
    const picture = sheet.getByRole('img').first();
    await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBe(1600);
    const box = (await picture.boundingBox())!;
    await picture.click({ position: { x: (x / 1600) * box.width, y: (y / 1200) * box.height } });
  };
  const at = (share: number) => {
    const a = ((135 + 270 * share) * Math.PI) / 180;
    return [430 + 260 * Math.cos(a), 560 + 260 * Math.sin(a)] as const;
  };
  await touch(430, 560);
  for (const share of [0, 0.5, 1]) await touch(...at(share));
  await sheet.getByLabel('Lowest mark says').fill('40');
  await sheet.getByLabel('Highest mark says').fill('120');
  await expect(sheet.getByRole('status')).toContainText('which way round the scale runs');
  await sheet.getByLabel('Mark in the middle says').fill('80');
  const figure = async () => Number(/(\d+) °C/.exec((await sheet.getByRole('status').textContent()) ?? '')?.[1]);
  await expect.poll(figure).toBeGreaterThan(64);
  expect(await figure()).toBeLessThan(70);
  await sheet.getByLabel('Minutes after the first turn').fill('2');
  await sheet.getByRole('button', { name: 'Keep, next picture' }).click();
  await expect(sheet).toContainText('Picture 2 of 2');
  await expect.poll(figure).toBeGreaterThan(91);
  expect(await figure()).toBeLessThan(96);
  await sheet.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(sheet.getByRole('alert')).toContainText('does not say when it was taken');
  await sheet.getByLabel('Minutes after the first turn').fill('9,5');
  await sheet.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect
    .poll(async () =>
      (await recordsOf(page.request, inspectionId)).log?.map((l: { body: { by: string; points: { s: number }[] } }) => [
        l.body.by,
        l.body.points[0]!.s,
      ]),
    )
    .toEqual([
      ['photo', 120],
      ['photo', 570],
    ]);
  await page.keyboard.press('Escape');
  await openChapter(page, 'Running');
  const fluids = page.getByRole('region', { name: 'Fluids' });
  await fluids.getByRole('button', { name: /^Transmission fluid/ }).click();
  await fluids.getByRole('button', { name: 'dark', exact: true }).click();
  const rag = await drawPicture({ subject: 'rag', seed: 3, colour: '#5a2018' });
  await fluids.getByLabel('Photos').setInputFiles({ name: 'rag.jpg', mimeType: 'image/jpeg', buffer: rag });
  await expect(fluids.getByRole('button', { name: 'Photo: rag.jpg' })).toBeVisible();
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByRole('img', { name: /rag\.jpg/ }).first()).toBeVisible();
});
