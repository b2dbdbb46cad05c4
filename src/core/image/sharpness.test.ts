import { greyOf, sharpness } from './sharpness';

const picture = (width: number, height: number, at: (x: number, y: number) => number) => ({
  width,
  height,
  grey: Uint8Array.from({ length: width * height }, (_x, i) => at(i % width, Math.floor(i / width))),
});

describe('how sharp a picture is', () => {
  it('is nought for an even picture, for an even slope, and for one too small', () => {
    expect(sharpness(picture(8, 8, () => 90))).toBe(0);
    expect(sharpness(picture(8, 8, (x) => 10 * x))).toBe(0);
    expect(sharpness(picture(2, 9, (x) => 200 * x))).toBe(0);
  });
  it('is as reckoned by hand for one bright point', () => {
    // Of nine inner places one is −4 · 100, four are 100, four are 0: the mean is 0.
    expect(sharpness(picture(5, 5, (x, y) => (x === 2 && y === 2 ? 100 : 0)))).toBeCloseTo(
      (400 ** 2 + 4 * 100 ** 2) / 9,
      6,
    );
  });
  it('falls when the same edge is blurred', () => {
    const edge = sharpness(picture(20, 20, (x) => (x < 10 ? 40 : 200)));
    const soft = sharpness(picture(20, 20, (x) => 40 + 160 / (1 + Math.exp((10 - x) / 2))));
    expect(soft).toBeLessThan(edge / 4);
  });
});

it('weighs the colours as the eye does', () => {
  const of = (r: number, g: number, b: number) =>
    greyOf({ width: 1, height: 1, data: Uint8ClampedArray.from([r, g, b, 255]) }).grey[0];
  expect([of(255, 0, 0), of(0, 255, 0), of(0, 0, 255)]).toEqual([76, 149, 29]);
});
