import { differenceCiede2000, rgb } from 'culori';
import sharp from 'sharp';
import { browserOf, freshLot } from './people';
import { expect, test } from './test';

const [WIDTH, HEIGHT] = [1200, 900];
type Rgb = readonly [number, number, number];
const FENDER: Rgb = [120, 30, 34];
const DOOR: Rgb = [146, 44, 42];
const CARD: Rgb = [118, 118, 118];

/** A fender on the left, a door on the right and a grey card under both, with the grain of a camera. */
async function scene(fender: Rgb, door: Rgb): Promise<Buffer> {
  const pixels = Buffer.alloc(WIDTH * HEIGHT * 3);
  let seed = 7;
  const grain = () => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return (seed / 2 ** 32 - 0.5) * 6;
  };
  for (let y = 0; y < HEIGHT; y += 1) {
    for (let x = 0; x < WIDTH; x += 1) {
      const onCard = y > 600 && x > 450 && x < 750;
      const colour = onCard ? CARD : x < WIDTH / 2 ? fender : door;
      for (let c = 0; c < 3; c += 1) pixels[(y * WIDTH + x) * 3 + c] = Math.round(colour[c]! + grain());
    }
  }
  return sharp(pixels, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
    .jpeg({ quality: 95 })
    .toBuffer();
}

test('the colour of two panels compared on a picture with a grey card, and said in the report', async ({ browser }) => {
  const { lotId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  await page.goto(`/lots/${lotId}/photos`);
  await page
    .locator('#lot-photos:enabled')
    .setInputFiles({ name: 'side.jpg', mimeType: 'image/jpeg', buffer: await scene(FENDER, DOOR) });
  await page.getByLabel('Choose side.jpg').check();
  await page.getByRole('button', { name: 'Compare colour' }).click();
  const sheet = page.getByRole('dialog');
  const picture = sheet.getByAltText('side.jpg');
  await expect.poll(() => picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(0);
  const touch = async (x: number, y: number) => {
    const box = (await picture.boundingBox())!;
    await picture.click({ position: { x: box.width * x, y: box.height * y } });
  };
  // A place on the paint in place of the card is refused with its reason.
  await touch(0.2, 0.3);
  await touch(0.25, 0.4);
  await touch(0.8, 0.4);
  await expect(sheet.getByText('The grey card: The card is not grey enough')).toBeVisible();
  // Moved on to the card, by hand and then by keys.
  await sheet.getByRole('button', { name: 'card: move' }).click();
  await touch(0.5, 0.82);
  const answer = sheet.getByText(/^ΔE /);
  await expect(answer).toBeVisible();
  const truth = differenceCiede2000()(
    rgb({ mode: 'rgb', r: FENDER[0] / 255, g: FENDER[1] / 255, b: FENDER[2] / 255 }),
    rgb({ mode: 'rgb', r: DOOR[0] / 255, g: DOOR[1] / 255, b: DOOR[2] / 255 }),
  );
  const read = async () => Number((await answer.textContent())!.replace('ΔE ', ''));
  expect(Math.abs((await read()) - truth)).toBeLessThan(0.5);
  await expect(sheet.getByText('plainly different')).toBeVisible();
  // The other place moved by arrow keys from the door over to the fender: the same paint.
  const b = sheet.getByRole('button', { name: 'B: move' });
  await b.focus();
  for (let i = 0; i < 9; i += 1) await b.press('Shift+ArrowLeft');
  await expect(sheet.getByText('a difference that is not seen')).toBeVisible();
  for (let i = 0; i < 9; i += 1) await b.press('Shift+ArrowRight');
  await expect(sheet.getByText('plainly different')).toBeVisible();
  await sheet.getByLabel('A is').selectOption('fender.left');
  await sheet.getByLabel('B is').selectOption('door.left.front');
  await sheet.getByRole('button', { name: 'Keep comparison' }).click();
  await expect(sheet).toBeHidden();
  const said = /against .*door.*: ΔE \d.*plainly different/;
  await page.goto(`/lots/${lotId}/paint`);
  await expect(page.getByRole('region', { name: 'Colours' })).toContainText(said);
  await page.goto(`/lots/${lotId}/report`);
  await expect(page.getByText(said).first()).toBeVisible();
});
