import { framedPixels } from './framed-pixels';
import { pixelsOf } from './picture-pixels';

jest.mock('./picture-pixels', () => ({ pixelsOf: jest.fn() }));
const read = pixelsOf as jest.MockedFunction<typeof pixelsOf>;
const PICTURE = { sha256: 'ab', frameWidthPx: 4000 };
const copies = (widths: Record<string, number>) =>
  read.mockImplementation(async (address) => {
    const width = widths[address.split('/').at(-1)!];
    if (!width) throw new Error(`no ${address}`);
    return { width, height: (width * 3) / 4 } as ImageData;
  });

it('reads the original where it can be had: places are as they are told', async () => {
  copies({ full: 4000, 2048: 2048 });
  const { pixels, k, into, back } = await framedPixels(PICTURE, ['full', '2048']);
  expect([pixels.width, k]).toEqual([4000, 1]);
  expect(into([123.25, 7])).toEqual([123.25, 7]);
  expect(back([123.25, 7])).toEqual([123.25, 7]);
});

it('falls back on the smaller copy, with places in the original’s px either way', async () => {
  copies({ 2048: 2000 });
  const { k, into, back } = await framedPixels(PICTURE, ['full', '2048']);
  expect(k).toBe(0.5);
  // The middle of the first two pixels of the original is the middle of the copy's first.
  expect(into([0.5, 0.5])).toEqual([0, 0]);
  expect(back([0, 0])).toEqual([0.5, 0.5]);
  const [x, y] = back(into([1234.5, 777]) as [number, number]);
  expect(x).toBeCloseTo(1234.5, 9);
  expect(y).toBeCloseTo(777, 9);
});

it('fails with what went wrong last when no copy can be read', async () => {
  copies({});
  await expect(framedPixels(PICTURE, ['2048', 'full'])).rejects.toThrow('no /api/v1/photos/ab/full');
});
