import { refineCard } from '@/core/image/card';
import { edgeExponent } from '@/core/image/edge-tone';
import type { Point } from '@/core/image/homography';
import { toneOf } from '@/core/image/sample';
import { normalDraw, seeded } from '@/core/stats/random';
import { drawSeam, PLAIN_SCENE, type SeamPicture, type SeamScene } from './camera';

const shot = (extra: Partial<SeamScene> = {}) => drawSeam({ ...PLAIN_SCENE, widthPx: 900, heightPx: 600, ...extra });
const MM_PER_PX = 1 / PLAIN_SCENE.pxPerMm;
const off = (p: SeamPicture, corners: readonly Point[]) =>
  Math.max(...p.cardPx.map(([x, y], i) => Math.hypot(corners[i]![0] - x, corners[i]![1] - y)));

it('brings taps some px off to the corners within a fraction of a px', () => {
  const random = seeded(3);
  for (const extra of [
    {},
    { tiltDeg: 25, leanDeg: 40, turnDeg: 12 },
    { blurPx: 1.8, noise: 5 },
  ] as Partial<SeamScene>[]) {
    const p = shot(extra);
    const taps = p.cardPx.map(([x, y]): Point => [x + 3 * normalDraw(random), y + 3 * normalDraw(random)]);
    expect(off(p, taps)).toBeGreaterThan(2);
    // Light was blurred, as by a lens: under its tone edges lie where they are.
    const card = refineCard(p.pixels, taps, MM_PER_PX, toneOf(2.2));
    if (!card.ok) throw new Error(card.reason);
    expect(off(p, card.corners)).toBeLessThan(0.5);
    expect(card.residualPx).toBeLessThan(0.6);
    expect(card.edges).toHaveLength(4);
  }
});

it('keeps the taps, with their larger error, where the card does not stand out', () => {
  const p = shot({ left: [228, 228, 224], right: [228, 228, 224], streaks: 0, lip: 0, noise: 1 });
  const card = refineCard(p.pixels, p.cardPx, MM_PER_PX);
  expect(card).toMatchObject({ ok: true, residualPx: null, edges: [], corners: p.cardPx });
});

it('refuses taps outside the picture, fewer than four, and a card that is bowed', () => {
  const p = shot();
  const away = p.cardPx.map(([x, y]): Point => [x + 4000, y]);
  expect(refineCard(p.pixels, away, MM_PER_PX)).toEqual({ ok: false, reason: 'unreadable' });
  expect(refineCard(p.pixels, p.cardPx.slice(1), MM_PER_PX)).toEqual({ ok: false, reason: 'unreadable' });
  const bowed = shot({ cardBowMm: 1 });
  expect(refineCard(bowed.pixels, bowed.cardPx, MM_PER_PX)).toEqual({ ok: false, reason: 'card-not-flat' });
});

it('takes clutter beside a pale card for no bow', () => {
  const pale = { left: [210, 208, 200], right: [210, 208, 200], streaks: 0.35, metallic: 10, noise: 3 } as const;
  for (const seed of [1, 2, 3, 4, 5]) {
    const p = shot({ ...pale, seed });
    expect(refineCard(p.pixels, p.cardPx, MM_PER_PX).ok).toBe(true);
  }
});

it('tells whether light was blurred or coded values', () => {
  const tone = (linear: boolean) => {
    // A dark panel, so that the card's edge spans most of the tone; blur well over a px.
    const p = shot({ linear, blurPx: 2.2, left: [40, 42, 40], right: [40, 42, 40], streaks: 0, noise: 1, vignette: 0 });
    const card = refineCard(p.pixels, p.cardPx, MM_PER_PX);
    if (!card.ok) throw new Error(card.reason);
    return edgeExponent(p.pixels, card.edges);
  };
  expect(tone(false)).toBeLessThan(1.3);
  expect(tone(true)).toBeGreaterThan(1.7);
  // Without an edge that tells: half-way.
  expect(edgeExponent(shot().pixels, [])).toBeCloseTo(1.6, 9);
});
