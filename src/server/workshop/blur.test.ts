import sharp from 'sharp';
import { blurredCopy } from './blur';

const W = 600;
const H = 400;
/** Fine black and white stripes: what is made unreadable has none any more. */
const striped = () =>
  sharp(Buffer.from(Array.from({ length: W * H * 3 }, (_, i) => (Math.floor(i / 3) % 4 < 2 ? 0 : 255))), {
    raw: { width: W, height: H, channels: 3 },
  })
    .png()
    .toBuffer();
/** Standard deviation of grey over a part. */
async function contrast(picture: Buffer, part: { left: number; top: number; width: number; height: number }) {
  const { channels } = await sharp(await sharp(picture).extract(part).png().toBuffer()).stats();
  return channels[0]!.stdev;
}
const box = { x: 100.4, y: 80.6, width: 120, height: 60 };

it('leaves nothing of what a box showed and everything beside it', async () => {
  const made = await blurredCopy({ kept: await striped(), boxes: [box], most: 2048 });
  expect(await sharp(made).metadata()).toMatchObject({ width: W, height: H, format: 'webp' });
  expect(await contrast(made, { left: 110, top: 90, width: 100, height: 40 })).toBeLessThan(25);
  expect(await contrast(made, { left: 300, top: 200, width: 100, height: 40 })).toBeGreaterThan(80);
});

it('scales with its boxes, and takes boxes that lie over the edge', async () => {
  const over = { x: 560, y: 380, width: 500, height: 500 };
  const made = await blurredCopy({ kept: await striped(), boxes: [box, over], most: 300 });
  expect(await sharp(made).metadata()).toMatchObject({ width: 300, height: 200 });
});

it('takes a box beside the picture for none', async () => {
  const away = { x: 5000, y: 5000, width: 10, height: 10 };
  const made = await blurredCopy({ kept: await striped(), boxes: [away], most: 2048 });
  expect(await contrast(made, { left: 110, top: 90, width: 100, height: 40 })).toBeGreaterThan(80);
});
