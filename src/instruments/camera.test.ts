import sharp from 'sharp';
import { measureGap } from '@/core/fit/gap/measure';
import type { GapResult } from '@/core/fit/gap/order';
import { GAUGE_CARD, INNER_MARKS } from '@/core/fit/gauge-card';
import { findCard } from '@/core/image/find-card';
import { inverse, mapped, type Point } from '@/core/image/homography';
import { normalDraw, seeded } from '@/core/stats/random';
import { drawSeam, PLAIN_SCENE, type Rgb, type SeamPicture, type SeamScene } from './camera';

const CARD = [85.6, 53.98] as const;
const measured = (p: SeamPicture, extra: Partial<Parameters<typeof measureGap>[1]> = {}) =>
  measureGap(p.pixels, { cardMm: CARD, cardPx: p.cardPx, seamPx: p.seamPx, ...extra });
const good = (r: GapResult) => {
  if (!r.ok) throw new Error(r.reason);
  return r;
};
const shot = (extra: Partial<SeamScene> = {}) => drawSeam({ ...PLAIN_SCENE, widthPx: 900, heightPx: 700, ...extra });

const PAINTS: readonly Rgb[] = [
  [210, 208, 200],
  [30, 34, 44],
  [120, 30, 34],
  [96, 118, 104],
  [160, 165, 170],
  [70, 94, 120],
  [225, 200, 120],
];

/** A picture of one of many kinds, compressed, with rough taps on card and seam. */
async function manyKinds(i: number) {
  const r = seeded(500 + i);
  const u = (a: number, b: number) => a + (b - a) * r();
  const pxPerMm = u(4, 11);
  const paint = PAINTS[i % PAINTS.length]!;
  const [g0, taper] = [u(2.5, 7), u(-0.012, 0.012)];
  const curve = i % 3 === 0 ? u(-0.0015, 0.0015) : 0;
  const scene: SeamScene = {
    ...PLAIN_SCENE,
    seed: i + 1,
    widthPx: Math.round(pxPerMm * 145),
    heightPx: Math.round(pxPerMm * 95),
    pxPerMm,
    tiltDeg: u(0, 30),
    leanDeg: u(0, 360),
    turnDeg: u(-20, 20),
    middleMm: (y) => 101 + 0.03 * (y - 27) + curve * (y - 27) ** 2,
    gapMm: (y) => g0 + taper * (y - 27),
    left: paint,
    right: paint,
    seal: i % 4 === 1 ? 0.45 : 0,
    lip: u(0, 0.6),
    streaks: u(0, paint[0] > 60 ? 0.4 : 0.12),
    metallic: i % 3 === 1 ? 10 : 0,
    noise: u(1, 4),
    vignette: u(0, 0.4),
    light: u(0.6, 1.05),
    blurPx: u(0.6, Math.min(2, 0.25 * pxPerMm)),
    linear: i % 2 === 0,
  };
  const p = drawSeam(scene);
  const { widthPx: width, heightPx: height } = scene;
  const jpeg = await sharp(Buffer.from(p.pixels.data.buffer), { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: [70, 80, 90, 95][i % 4]! })
    .toBuffer();
  const data = await sharp(jpeg).ensureAlpha().raw().toBuffer();
  const rough = (list: readonly Point[], px: number) =>
    list.map(
      ([x, y]): Point => [
        Math.min(width - 2, Math.max(1, x + px * normalDraw(r))),
        Math.min(height - 2, Math.max(1, y + px * normalDraw(r))),
      ],
    );
  const found = measureGap(
    { data, width, height },
    { cardMm: CARD, cardPx: rough(p.cardPx, 3), seamPx: rough(p.seamPx, 0.8 * pxPerMm) },
  );
  return { scene, p, found };
}

it('measures many kinds of pictures within a few hundredths of a millimetre, and says how sure it is', async () => {
  const errors: number[] = [];
  let held = 0;
  let refused = 0;
  const runs = 21;
  for (let i = 0; i < runs; i++) {
    const { scene, p, found } = await manyKinds(i);
    if (!found.ok) {
      refused++;
      continue;
    }
    expect(Math.abs(found.tiltDeg - scene.tiltDeg)).toBeLessThan(12);
    const back = inverse(p.map)!;
    for (const { widthMm, edgesPx } of found.stations) {
      if (!widthMm || !edgesPx) continue;
      const y = mapped(back, (edgesPx[0][0] + edgesPx[1][0]) / 2, (edgesPx[0][1] + edgesPx[1][1]) / 2)![1];
      const slope = scene.middleMm(y + 0.5) - scene.middleMm(y - 0.5);
      // Across the seam, not across the picture.
      const truth = scene.gapMm(y) * Math.cos(Math.atan(slope));
      errors.push(Math.abs(widthMm.value! - truth));
      if (widthMm.low! <= truth && truth <= widthMm.high!) held++;
    }
  }
  errors.sort((a, b) => a - b);
  expect(errors.length).toBeGreaterThan(250);
  expect(errors[Math.floor(errors.length * 0.5)]!).toBeLessThan(0.08);
  expect(errors[Math.floor(errors.length * 0.95)]!).toBeLessThan(0.25);
  expect(held / errors.length).toBeGreaterThan(0.7);
  expect(refused).toBeLessThanOrEqual(runs / 10);
});

it.each<[string, Partial<SeamScene>, string]>([
  ['a bent card', { cardBowMm: 2 }, 'card-not-flat'],
  ['a card bent by half a millimetre', { cardBowMm: 0.5 }, 'card-not-flat'],
  ['too few pixels to a millimetre', { pxPerMm: 2.6, widthPx: 460, heightPx: 340 }, 'too-coarse'],
  ['a shaken picture', { blurPx: 5 }, 'blurred'],
  ['paint without a seam', { noSlot: true, streaks: 0 }, 'no-slot'],
  ['a view from the side', { tiltDeg: 48, leanDeg: 90, pxPerMm: 6 }, 'too-tilted'],
])('refuses %s', (_name, extra, reason) => {
  expect(measured(shot(extra))).toEqual({ ok: false, reason });
});

it('refuses what it cannot use', () => {
  const p = shot();
  expect(measured(p, { cardPx: p.cardPx.map(([x, y]) => [x + 5000, y] as const) })).toEqual({
    ok: false,
    reason: 'unreadable',
  });
  const [a, b, c, d] = p.cardPx;
  expect(measured(p, { cardPx: [a, c, b, d] })).toEqual({ ok: false, reason: 'card-not-flat' });
  expect(measured(p, { seamPx: p.seamPx.map(([x, y]) => [x + 9e5, y] as const) })).toEqual({
    ok: false,
    reason: 'seam-off-plane',
  });
  // Drawn beside the seam, on plain paint.
  expect(measured(p, { seamPx: p.seamPx.map(([x, y]) => [x + 105, y] as const) })).toEqual({
    ok: false,
    reason: 'no-slot',
  });
});

it('gives the same millimetres at twice the pixels, turned by a quarter, and from any first corner', () => {
  const gapMm = (y: number) => 4.2 + 0.01 * (y - 27);
  const plain = good(measured(shot({ gapMm })));
  const large = good(measured(shot({ gapMm, widthPx: 1500, heightPx: 1200, pxPerMm: 12, blurPx: 1.5 })));
  expect(Math.abs(large.meanMm.value! - plain.meanMm.value!)).toBeLessThan(0.08);
  expect(large.pxPerMm / plain.pxPerMm).toBeCloseTo(12 / 7, 1);
  const turned = good(measured(shot({ gapMm, turnDeg: 90, widthPx: 800, heightPx: 900 })));
  expect(Math.abs(turned.meanMm.value! - plain.meanMm.value!)).toBeLessThan(0.08);
  const p = shot({ gapMm });
  const [a, b, c, d] = p.cardPx;
  const other = good(measured(p, { cardPx: [b, c, d, a] }));
  expect(other.meanMm.value!).toBeCloseTo(plain.meanMm.value!, 1);
  const backwards = good(measured(p, { cardPx: [d, c, b, a] }));
  expect(backwards.meanMm.value!).toBeCloseTo(plain.meanMm.value!, 1);
});

it('finds taper and steps, and none where there are none', () => {
  const flat = good(measured(shot()));
  expect(Math.abs(flat.taperMmPer100.value!)).toBeLessThan(0.15);
  expect(flat.steps).toEqual([]);
  const tapered = good(measured(shot({ gapMm: (y) => 4.5 + 0.02 * (y - 27) })));
  expect(Math.abs(tapered.taperMmPer100.value!)).toBeCloseTo(2, 0);
  const stepped = good(measured(shot({ gapMm: (y) => (y > 30 ? 5.6 : 4.2) })));
  expect(stepped.steps).toHaveLength(1);
  expect(Math.abs(stepped.steps[0]!.jumpMm)).toBeGreaterThan(1);
  expect(stepped.rangeMm).toBeGreaterThan(1.2);
});

it('takes the outer edges of a slot with a seal in it, and does not follow a line of light along the lip', () => {
  for (const extra of [
    { seal: 0.5 },
    { lip: 0.9 },
    { lip: 0.8, left: [60, 64, 70], right: [60, 64, 70] },
  ] as Partial<SeamScene>[]) {
    const found = good(measured(shot({ gapMm: () => 5.5, ...extra })));
    expect(Math.abs(found.meanMm.value! - 5.5)).toBeLessThan(0.25);
  }
});

it('finds the card by itself where it stands out, and none where there is none', () => {
  for (const extra of [
    {},
    { turnDeg: 35, tiltDeg: 20, leanDeg: 40 },
    { left: [30, 34, 44], right: [30, 34, 44], light: 0.5 },
  ] as Partial<SeamScene>[]) {
    const p = shot({ pxPerMm: 6, ...extra });
    const found = findCard(p.pixels)!;
    for (const [x, y] of p.cardPx)
      expect(Math.min(...found.map((q) => Math.hypot(q[0] - x, q[1] - y)))).toBeLessThan(12);
    // Clockwise on the picture, so that it can be handed on as it is.
    expect(good(measured(p, { cardPx: found })).meanMm.value!).toBeCloseTo(good(measured(p)).meanMm.value!, 1);
  }
  expect(findCard(shot({ cardMm: [0.01, 0.01] }).pixels)).toBeNull();
});

it('refuses a gauge card whose inner marks do not lie where they do on a flat one', () => {
  const card = { cardMm: [GAUGE_CARD.widthMm, GAUGE_CARD.heightMm] as const, marksMm: INNER_MARKS };
  const middleMm = () => 138;
  const flat = shot({ ...card, middleMm, pxPerMm: 5 });
  expect(good(measured(flat, card)).meanMm.value!).toBeGreaterThan(4.2);
  const bent = shot({ ...card, middleMm, pxPerMm: 5, marksOffMm: 1.2 });
  expect(measured(bent, card)).toEqual({ ok: false, reason: 'card-not-flat' });
});
