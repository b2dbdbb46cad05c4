import { type Plating, plating } from '@/core/bright/plating';
import { platingRating } from '@/core/bright/rating';
import { seeded } from '@/core/stats/random';
import { drawFlawed, type FlawedScene, PLAIN_SURFACE } from './flawed-surface';

const SMALL: FlawedScene = { ...PLAIN_SURFACE, paint: null, widthPx: 560, heightPx: 400, dirt: 0, chips: 0 };
/** Plated pieces that mirror sky, horizon, ground and posts; shares from none to a sixth. */
function scene(i: number): FlawedScene {
  const r = seeded(900 + i);
  return {
    ...SMALL,
    seed: i,
    share: i % 6 === 5 ? 0 : 0.0015 * 100 ** r(),
    spotPx: [3, 8 + 18 * r()],
    uneven: 0.4 * r(),
    horizon: 0.3 + 0.4 * r(),
    blurPx: 0.5 + 0.5 * r(),
    noise: 1 + 2 * r(),
    light: 0.75 + 0.3 * r(),
  };
}
const moved = (s: FlawedScene): FlawedScene => ({ ...s, horizon: s.horizon > 0.5 ? s.horizon - 0.2 : s.horizon + 0.2 });
const ok = (found: Plating) => {
  if (!found.ok) throw new Error(found.reason);
  return found;
};
const near = (found: number, share: number) => Math.abs(found - share) <= Math.max(0.25 * share, 0.002);

it('finds the share on 12 pieces with the light moved within a quarter or 0.2 %, the rating within one step', () => {
  const off = Array.from({ length: 12 }, (_, i) => {
    const s = scene(i);
    const { pixels, share } = drawFlawed(s);
    const found = ok(plating(pixels, { second: drawFlawed(moved(s)).pixels }));
    return { i, share, found: found.areaShare, rating: Math.abs(found.rating - platingRating(share)) };
  });
  expect(off.filter((o) => !near(o.found, o.share)).length).toBeLessThanOrEqual(1);
  expect(off.filter((o) => o.rating > 1)).toEqual([]);
});

it('does with one photograph what can be done: the rating within one step in nine of ten', () => {
  const off = Array.from({ length: 10 }, (_, i) => {
    const { pixels, share } = drawFlawed(scene(100 + i));
    return Math.abs(ok(plating(pixels)).rating - platingRating(share));
  });
  expect(off.filter((o) => o > 1).length).toBeLessThanOrEqual(1);
});

it('takes what the metal mirrors for no defect when a second picture shows it elsewhere', () => {
  const s = { ...SMALL, seed: 45, share: 0 };
  expect(ok(plating(drawFlawed(s).pixels, { second: drawFlawed(moved(s)).pixels })).rating).toBeGreaterThanOrEqual(9);
});

it('counts pits to the square decimetre where the scale is known, and not where it is not', () => {
  const { pixels } = drawFlawed({ ...SMALL, seed: 4, share: 0.01, spotPx: [6, 10] });
  const found = ok(plating(pixels, { pxPerMm: 7 }));
  expect(found.pits).toBeGreaterThan(10);
  expect(found.pitsPerDm2).toBeCloseTo(found.pits / ((560 * 400) / 49 / 10_000), 6);
  expect(ok(plating(pixels)).pitsPerDm2).toBeNull();
});

it.each([
  ['blurred', { blurPx: 8, share: 0.05 }],
  ['burnt-out', { light: 6 }],
  ['too-dark', { light: 0.004 }],
  ['too-few-pixels', { widthPx: 110, heightPx: 80 }],
] as const)('refuses a picture that is %s', (reason, more) => {
  expect(plating(drawFlawed({ ...SMALL, ...more }).pixels)).toEqual({ ok: false, reason });
});

it('refuses a second picture of another size', () => {
  const [a, b] = [drawFlawed(SMALL).pixels, drawFlawed({ ...SMALL, widthPx: 600 }).pixels];
  expect(plating(a, { second: b })).toEqual({ ok: false, reason: 'not-alike' });
});

it.each([
  [0, 10],
  [0.0001, 9],
  [0.01, 6],
  [0.1, 3],
  [0.5, 1],
  [1, 0],
])('rates a defective share of %d by R = 3 (2 − log₁₀ A)', (share, rating) => {
  expect(platingRating(share)).toBe(rating);
});
