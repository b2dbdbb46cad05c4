import { coarser, greyOf, type Pixels } from './pixels';
import { LUMA, lightAt, peakAt, slopeOf, toneOf } from './sample';

const pixels = (
  width: number,
  height: number,
  at: (x: number, y: number) => readonly [number, number, number],
): Pixels => {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) data.set([...at(x, y), 255], (y * width + x) * 4);
  return { data, width, height };
};

it('reads light between pixels on a plane of light exactly', () => {
  const ramp = pixels(8, 6, (x, y) => [10 * x + 5 * y, 10 * x + 5 * y, 10 * x + 5 * y]);
  expect(lightAt(ramp, 2.25, 3.5, LUMA)).toBeCloseTo(22.5 + 17.5, 9);
  expect(lightAt(ramp, 0, 0, LUMA)).toBeCloseTo(0, 9);
});

it('has no light outside the picture, nor on its last row and column', () => {
  const p = pixels(4, 4, () => [9, 9, 9]);
  for (const [x, y] of [
    [-0.1, 1],
    [1, -0.1],
    [3, 1],
    [1, 3.01],
  ] as const)
    expect(lightAt(p, x, y, LUMA)).toBeNaN();
});

it('weighs the channels as asked, and undoes a tone before it mixes', () => {
  const p = pixels(3, 3, (x) => [x === 0 ? 255 : 0, 100, 0]);
  expect(lightAt(p, 0, 0, [1, 0, 0])).toBe(255);
  expect(lightAt(p, 0, 0, [0, 1, 0])).toBe(100);
  // Half-way between full and no light is half of the light, under any tone; the coded value there is not.
  expect(lightAt(p, 0.5, 0, [1, 0, 0], toneOf(2.2))).toBeCloseTo(127.5, 9);
  expect(lightAt(p, 0, 0, [0, 1, 0], toneOf(2))).toBeCloseTo((100 * 100) / 255, 9);
});

it('finds the slope of a ramp and the place of a peak between steps', () => {
  const ramp = Float64Array.from({ length: 40 }, (_, i) => 3 * i);
  const slope = slopeOf(ramp, 2);
  expect(slope[20]).toBeCloseTo(3, 9);
  // A parabola with its top at 7.3 is given back exactly.
  const bump = Float64Array.from({ length: 15 }, (_, i) => 50 - (i - 7.3) ** 2);
  expect(peakAt(bump, 7)).toBeCloseTo(7.3, 9);
  expect(peakAt(bump, 0)).toBe(0);
  expect(peakAt(new Float64Array(5), 2)).toBe(2);
});

it('makes a picture coarser by the mean of whole blocks', () => {
  const p = pixels(7, 5, (x, y) => [x, y * 10, (x + y) % 2 ? 255 : 0]);
  const small = coarser(p, 2);
  expect([small.width, small.height]).toEqual([3, 2]);
  // The block (2..3, 2..3): red mean 2.5, green 25, blue half of 255; bytes round to even halves.
  expect([...small.data.slice(4 * 4, 4 * 4 + 4)]).toEqual([2, 25, 128, 255]);
  const { data } = coarser(
    pixels(6, 6, () => [77, 78, 79]),
    3,
  );
  expect([...data.slice(0, 4)]).toEqual([77, 78, 79, 255]);
});

it('takes luma of a part', () => {
  const p = pixels(5, 5, (x) => [x === 3 ? 255 : 0, 0, 0]);
  const grey = greyOf(p, { x: 3, y: 1, width: 2, height: 2 });
  expect(grey.data[0]).toBeCloseTo(0.2126 * 255, 3);
  expect(grey.data[1]).toBe(0);
});
