import { measureGap } from '@/core/fit/gap/measure';
import { edgeSoftnessPx } from '@/core/image/edge-softness';
import { drawSeam, PLAIN_SCENE, type SeamScene } from './camera';

const CARD = [85.6, 53.98] as const;
const shot = (extra: Partial<SeamScene>) => drawSeam({ ...PLAIN_SCENE, widthPx: 900, heightPx: 700, ...extra });
const said = (extra: Partial<SeamScene>) => {
  const p = shot(extra);
  const r = measureGap(p.pixels, { cardMm: CARD, cardPx: p.cardPx, seamPx: p.seamPx });
  return r.ok ? 'measured' : r.reason;
};

it.each<[string, Partial<SeamScene>]>([
  ['moved aslant by 40 px', { shake: { px: 40, deg: 35 } }],
  ['moved the other way by 40 px', { shake: { px: 40, deg: 140 } }],
  ['moved across the seam by 24 px', { shake: { px: 24, deg: 0 } }],
  ['out of focus by 12 px', { blurPx: 12 }],
  ['out of focus by 20 px', { blurPx: 20 }],
])('a picture %s is not sharp; its card is not called bent', (_what, extra) => {
  expect(said(extra)).toBe('blurred');
});

it.each<[string, Partial<SeamScene>]>([
  ['bent', { cardBowMm: 2 }],
  ['bent by half a millimetre', { cardBowMm: 0.5 }],
])('a sharp picture of a card %s says so', (_what, extra) => {
  expect(said(extra)).toBe('card-not-flat');
});

it('measures how soft edges are, bent or straight', () => {
  const soft = (extra: Partial<SeamScene>) => {
    const p = shot(extra);
    return edgeSoftnessPx(p.pixels, p.cardPx)!;
  };
  expect(soft({ blurPx: 1 })).toBeLessThan(2);
  expect(soft({ blurPx: 1, cardBowMm: 2 })).toBeLessThan(2.2);
  expect(soft({ blurPx: 6 })).toBeGreaterThan(4.5);
  expect(soft({ blurPx: 6 })).toBeLessThan(7.5);
  const flat = { data: new Uint8ClampedArray(400 * 400 * 4).fill(128), width: 400, height: 400 };
  expect(
    edgeSoftnessPx(flat, [
      [50, 50],
      [300, 50],
      [300, 200],
      [50, 200],
    ]),
  ).toBeNull();
});
