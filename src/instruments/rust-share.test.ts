import { d610Of, riOf } from '@/core/metal/rust-grades';
import { type RustShare, rustShare } from '@/core/metal/rust-share';
import { seeded } from '@/core/stats/random';
import { drawFlawed, type FlawedScene, PLAIN_SURFACE } from './flawed-surface';

const PAINTS = [
  [226, 226, 222],
  [150, 26, 30],
  [40, 70, 50],
  [40, 60, 120],
  [24, 24, 26],
  [124, 132, 120],
  [170, 172, 174],
  [216, 207, 142],
] as const;

const SMALL = { ...PLAIN_SURFACE, widthPx: 620, heightPx: 460 };
/** Panels of all colours under all sorts of light; shares from none to a third. */
function scene(i: number): FlawedScene {
  const r = seeded(700 + i);
  return {
    ...SMALL,
    seed: i,
    paint: PAINTS[i % PAINTS.length]!,
    share: i % 6 === 5 ? 0 : 0.001 * 300 ** r(),
    spotPx: [4, 12 + 30 * r()],
    uneven: 0.8 * r(),
    shine: 0.6 * r(),
    blurPx: 0.5 + 0.7 * r(),
    noise: 1 + 3 * r(),
    light: 0.7 + 0.4 * r(),
    dirt: Math.floor(8 * r()),
    chips: Math.floor(6 * r()),
  };
}
const ok = (found: RustShare) => {
  if (!found.ok) throw new Error(found.reason);
  return found;
};

it('finds the share on 24 drawn panels within a quarter or 0.2 %, its grade within one', () => {
  const off = Array.from({ length: 24 }, (_, i) => {
    const { pixels, share } = drawFlawed(scene(i));
    const found = ok(rustShare(pixels));
    const good = Math.abs(found.areaShare - share) <= Math.max(0.25 * share, 0.002);
    return { i, share, found: found.areaShare, good, grade: Math.abs(found.ri - riOf(share)) <= 1 };
  });
  expect(off.filter((o) => !o.good).length).toBeLessThanOrEqual(1);
  expect(off.filter((o) => !o.grade)).toEqual([]);
});

it('shows where the rust is', () => {
  const { pixels, cover } = drawFlawed({ ...SMALL, seed: 3, share: 0.05 });
  const found = ok(rustShare(pixels));
  const [hit, all] = cover.reduce(([h, n], c, i) => (c > 0.95 ? [h + found.cover[i]!, n + 1] : [h, n]), [0, 0]);
  expect(hit / all).toBeGreaterThan(0.9);
});

it('looks at the panel alone where a mask says which it is', () => {
  const { pixels, cover } = drawFlawed({ ...SMALL, seed: 8, share: 0.06 });
  const half = Uint8Array.from(cover, (_, i) => (i % 620 < 310 ? 1 : 0));
  const truth = cover.reduce((s, c, i) => s + c * half[i]!, 0) / half.reduce((s, m) => s + m, 0);
  expect(Math.abs(ok(rustShare(pixels, half)).areaShare - truth)).toBeLessThan(Math.max(0.002, 0.25 * truth));
});

it.each([
  ['blurred', { blurPx: 7 }],
  ['burnt-out', { light: 5, paint: PAINTS[0] }],
  ['too-dark', { light: 0.01 }],
  ['too-few-pixels', { widthPx: 120, heightPx: 90 }],
] as const)('refuses a picture that is %s', (reason, more) => {
  expect(rustShare(drawFlawed({ ...SMALL, share: 0.05, ...more }).pixels)).toEqual({ ok: false, reason });
});

it('says that focus cannot be told where nothing has an edge', () => {
  const plain = drawFlawed({ ...SMALL, share: 0, dirt: 0, chips: 0, shine: 0, uneven: 0.1 });
  expect(ok(rustShare(plain.pixels))).toMatchObject({ focusUntold: true, ri: 0, d610: 10 });
});

it.each([
  [0, 0, 10],
  [0.0004, 1, 8],
  [0.004, 2, 6],
  [0.009, 3, 6],
  [0.05, 4, 4],
  [0.2, 5, 2],
  [0.6, 5, 0],
])('grades a rusted area of %d as the tables of ISO 4628-3 and ASTM D610 do', (share, ri, d610) => {
  expect([riOf(share), d610Of(share)]).toEqual([ri, d610]);
});
