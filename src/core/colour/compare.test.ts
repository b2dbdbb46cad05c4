import { converter } from 'culori';
import type { Patch, Pixels } from '../image/pixels';
import { normalDraw, seeded } from '../stats/random';
import { compareColours, deltaE2000, type Lab } from './compare';
import { largestOf, verdictOf } from './verdicts';

// The test pairs of Sharma, Wu and Dalal, Color Research and Application 30 (2005), table 1: L a b, L a b, ΔE00.
const PAIRS: readonly (readonly [number, number, number, number, number, number, number])[] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, -1, 2, 50, 0, 0, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

it.each(PAIRS)('gives the published ΔE of (%d, %d, %d) and (%d, %d, %d)', (l1, a1, b1, l2, a2, b2, published) => {
  expect(deltaE2000({ l: l1, a: a1, b: b1 }, { l: l2, a: a2, b: b2 })).toBeCloseTo(published, 4);
});

const W = 360;
const H = 160;
const CARD: Patch = { x: 20, y: 40, width: 80, height: 80 };
const A: Patch = { x: 130, y: 40, width: 80, height: 80 };
const B: Patch = { x: 250, y: 40, width: 80, height: 80 };
const toLinear = converter('lrgb');

interface Drawing {
  readonly a: Lab;
  readonly b: Lab;
  /** Light on the scene per channel. */
  readonly light?: readonly [number, number, number];
  readonly noise?: number;
  readonly reflection?: boolean;
  readonly shadowOnCard?: boolean;
  readonly seed?: number;
}

/** A drawn photograph: a grey card and two painted panels under one light, with noise, vignetting and a reflection. */
function drawn({
  a,
  b,
  light = [1, 1, 1],
  noise = 0.004,
  reflection = false,
  shadowOnCard = false,
  seed = 1,
}: Drawing): Pixels {
  const random = seeded(seed);
  const rgb = (lab: Lab) => {
    const c = toLinear({ mode: 'lab65', ...lab });
    return [c.r, c.g, c.b];
  };
  const [ca, cb] = [rgb(a), rgb(b)];
  const data = new Uint8ClampedArray(W * H * 4);
  for (let y = 0; y < H; y++)
    for (let x = 0; x < W; x++) {
      const surface = x < 115 ? [0.18, 0.18, 0.18] : x < 230 ? ca : cb;
      const vignette = 1 - 0.04 * (((x - W / 2) / (W / 2)) ** 2 + ((y - H / 2) / (H / 2)) ** 2);
      const gloss = reflection && x > 115 && Math.abs(y - 60 - (x % 115) * 0.1) < 7 ? 0.5 : 0;
      const shade = shadowOnCard && x < 60 ? 0.6 : 1;
      surface.forEach((s, c) => {
        const lin = Math.max(0, (s * light[c]! * shade + gloss) * vignette + noise * normalDraw(random));
        const srgb = lin <= 0.0031308 ? 12.92 * lin : 1.055 * lin ** (1 / 2.4) - 0.055;
        data[(y * W + x) * 4 + c] = Math.round(255 * Math.min(1, srgb));
      });
      data[(y * W + x) * 4 + 3] = 255;
    }
  return { data, width: W, height: H };
}
const green: Lab = { l: 38, a: -22, b: 14 };

it('finds the true difference within half a unit, under warm and dim light, with noise and a reflection', () => {
  for (const [i, b] of [
    { l: 38, a: -22, b: 14 },
    { l: 39.2, a: -21, b: 15 },
    { l: 41, a: -19, b: 17 },
    { l: 46, a: -12, b: 22 },
  ].entries())
    for (const light of [
      [1, 1, 1],
      [1.2, 1, 0.75],
      [0.5, 0.55, 0.6],
    ] as const) {
      const found = compareColours(drawn({ a: green, b, light, reflection: true, seed: i + 3 }), CARD, A, B);
      if (!found.ok) throw new Error(found.reason);
      const truth = deltaE2000(green, b);
      expect(Math.abs(found.deltaE.value! - truth)).toBeLessThan(0.5 + 0.06 * truth);
      expect(found.deltaE.low!).toBeLessThanOrEqual(truth);
      expect(found.deltaE.high!).toBeGreaterThanOrEqual(truth);
    }
});

it('refuses what cannot be measured, with the patch and the reason', () => {
  const good = drawn({ a: green, b: green });
  const refused = (p: Pixels, card = CARD, a = A) => compareColours(p, card, a, B);
  expect(refused(good, { ...CARD, width: 10, height: 10 })).toEqual({ ok: false, reason: 'too-small', patch: 'card' });
  expect(refused(good, CARD, { ...A, x: 330 })).toEqual({ ok: false, reason: 'outside', patch: 'a' });
  expect(refused(drawn({ a: green, b: green, light: [9, 9, 9] }))).toMatchObject({ ok: false, reason: 'clipped' });
  expect(refused(drawn({ a: green, b: green, light: [0.05, 0.05, 0.05], noise: 0.001 }))).toMatchObject({
    reason: 'too-dark',
  });
  expect(refused(drawn({ a: green, b: green, light: [1.6, 1, 0.5] }))).toMatchObject({ reason: 'card-not-grey' });
  expect(refused(drawn({ a: green, b: green, shadowOnCard: true }))).toMatchObject({ reason: 'card-uneven' });
});

it('reads verdicts off the bands and takes the largest of several angles', () => {
  expect([0.4, 1, 1.99, 2, 3.4, 3.5].map(verdictOf)).toEqual([
    'not-seen',
    'trained-eye',
    'trained-eye',
    'noticeable',
    'noticeable',
    'plain',
  ]);
  const at = (b: Lab) => compareColours(drawn({ a: green, b }), CARD, A, B);
  const largest = largestOf([at(green), at({ l: 44, a: -15, b: 20 }), { ok: false, reason: 'clipped', patch: 'a' }])!;
  expect(largest.verdict).toBe('plain');
  expect(largestOf([])).toBeNull();
});
