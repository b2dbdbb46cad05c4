import { analysed } from './axe';
import { browserOf, freshLot, openChapter, recordsOf, stateVisit } from './people';
import { type Browser, expect, type Page, test } from './test';

// biome-ignore lint/suspicious/noExplicitAny: a test reads whatever bodies it has written
type Written = { readonly body: any };

const SAID = [
  "okay so starting on the hood we've got one twenty two",
  'couple of rock chips on the front edge nothing crazy',
  "moving on to the driver's fender there's a little ding",
  "driver's door closes nicely no rust along the bottom",
  'okay there is a flimsy doodad on it',
  'okay the roof has a dent about an inch',
  "the clock doesn't work and the radio works",
  'maybe a scratch on the deck lid',
  'right rocker the magnet holds',
  'windshield has a chip',
];
const stamp = (s: number) => `00:00:${String(s).padStart(2, '0')}.000`;
const captions = `WEBVTT\n\n${SAID.map((t, i) => `${stamp(4 * i)} --> ${stamp(4 * i + 3)}\n${t}\n`).join('\n')}`;

/** The Talk chapter of a new lot that was visited. */
async function talkOf(browser: Browser): Promise<{ readonly page: Page; readonly inspectionId: string }> {
  const { lotId, inspectionId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  await openChapter(page, 'Talk');
  return { page, inspectionId };
}

test('what was said on a walk-round is sorted by keys, an act for each, and enters nothing by itself', async ({
  browser,
}) => {
  const { page, inspectionId } = await talkOf(browser);
  await page
    .getByLabel('Captions and film')
    .setInputFiles({ name: 'lap.vtt', mimeType: 'text/vtt', buffer: Buffer.from(captions) });
  const list = page.getByRole('region', { name: 'Statements' });
  await expect(list).toContainText(/0 of \d+ sorted/);
  await expect(list.getByText('not understood', { exact: true })).toHaveCount(1);
  await expect(list).toContainText('flimsy doodad');
  expect(await analysed(page)).toEqual([]);
  const all = Number(/of (\d+) sorted/.exec((await list.textContent()) ?? '')?.[1]);
  expect(all).toBeGreaterThanOrEqual(11);
  expect((await recordsOf(page.request, inspectionId)).finding ?? []).toHaveLength(0);
  let acts = 0;
  const press = async (key: string) => {
    acts++;
    await page.keyboard.press(key);
    await expect(list).toContainText(`${Math.min(acts, all)} of ${all} sorted`);
  };
  while (acts < all) {
    const current = list.locator('li[aria-current]');
    const bad = await current.getByText('not understood', { exact: true }).count();
    await press(bad > 0 ? 'x' : 'a');
  }
  expect(acts / all).toBeLessThanOrEqual(1.3);
  await expect
    .poll(async () => (await recordsOf(page.request, inspectionId)).finding?.map((f: Written) => f.body.flaw).sort())
    .toEqual(['chip', 'dent', 'ding', 'glass-chip', 'scratch-through']);
  const { reading, tried, spot } = await recordsOf(page.request, inspectionId);
  expect(reading?.map((r: Written) => r.body.thicknessUm)).toEqual([122]);
  expect(tried?.map((t: Written) => `${t.body.function} ${t.body.state}`).sort()).toEqual([
    'clock dead',
    'radio works',
  ]);
  expect(spot).toHaveLength(1);
  // What was decided holds when the page is opened again; the last act can be taken back.
  await page.reload();
  await expect(list).toContainText(`${all} of ${all} sorted`);
});

test('what was said of the wrong place goes to the one that is touched, and all that is sure at once', async ({
  browser,
}) => {
  const { page, inspectionId } = await talkOf(browser);
  await page
    .getByLabel('Words as they were said, a line each')
    .fill("driver's door has a ding\nmaybe a scratch\nroof one twenty four\nthe horn works\nnobody knows what this is");
  await page.getByRole('button', { name: 'Read these words' }).click();
  const list = page.getByRole('region', { name: 'Statements' });
  await expect(list).toContainText('0 of 5 sorted');
  await page.keyboard.press('o');
  await expect(page.getByText('Touch the place that is meant.')).toBeVisible();
  await page.getByRole('region', { name: 'Place spoken of' }).locator('[data-zone="door.right.front"]').click();
  await expect(list).toContainText('1 of 5 sorted');
  await page.getByRole('button', { name: /^Take all 2/ }).click();
  await expect(list).toContainText('3 of 5 sorted');
  await page.keyboard.press('z');
  await expect(list).toContainText('1 of 5 sorted');
  await page.keyboard.press('e');
  await page.getByLabel('Say it otherwise').fill('roof 131');
  await page.getByLabel('Say it otherwise').press('Enter');
  await expect(list).toContainText('2 of 5 sorted');
  await expect
    .poll(async () => {
      const { finding, reading } = await recordsOf(page.request, inspectionId);
      return [finding?.map((f: Written) => f.body.zone), reading?.map((r: Written) => r.body.thicknessUm)];
    })
    .toEqual([['door.right.front'], [131]]);
});

test('the line can be talked into: words stand as they come, commands are carried out, and nothing is lost', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot({ make: 'Quillon', year: 1967 });
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.addInitScript(() =>
    localStorage.setItem(
      'farvin-stand-in-recogniser',
      JSON.stringify([
        { atMs: 100, text: "hood there's a little ding about a quarter inch" },
        { atMs: 400, text: 'one thirty one and one twenty eight' },
        { atMs: 700, text: 'next panel' },
      ]),
    ),
  );
  await page.goto(`/lots/${lotId}/intake`);
  await stateVisit(page);
  await page.goto(`/lots/${lotId}/walk`);
  const key = page.getByRole('button', { name: 'Hold to talk' });
  await expect(key).toBeEnabled();
  await key.focus();
  await page.keyboard.press('Enter');
  const input = page.getByLabel('Entry line');
  await expect(input).toHaveValue(/a quarter inch; one thirty one and one twenty eight$/);
  await page.getByRole('button', { name: /^Listening/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('3 wait:')).toBeVisible();
  await page.getByRole('button', { name: 'Take', exact: true }).click();
  await expect(input).toHaveValue('');
  await expect
    .poll(async () => {
      const { finding, reading } = await recordsOf(page.request, inspectionId);
      return [
        finding?.map((f: Written) => [f.body.zone, f.body.flaw]),
        reading?.map((r: Written) => r.body.thicknessUm),
      ];
    })
    .toEqual([[['hood', 'ding']], [131, 128]]);
});
