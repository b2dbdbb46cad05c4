import { type Correction, correctedGap, type MeasuredGap } from '@/core/fit/by-hand';
import { measureGap } from '@/core/fit/gap/measure';
import { drawSeam, PLAIN_SCENE } from './camera';

const CARD = [85.6, 53.98] as const;
let found: MeasuredGap;
const stages: string[] = [];

beforeAll(() => {
  const p = drawSeam({ ...PLAIN_SCENE, widthPx: 900, heightPx: 700, gapMm: (y) => 4.4 + 0.01 * (y - 27) });
  const r = measureGap(p.pixels, { cardMm: CARD, cardPx: p.cardPx, seamPx: p.seamPx }, (s) => stages.push(s));
  if (!r.ok) throw new Error(r.reason);
  found = r;
});

const with1 = (i: number, c: Partial<Correction>) =>
  correctedGap(found, CARD, new Map([[i, { dropped: false, movedMm: [0, 0], ...c }]]));

it('tells what it is doing, in order', () => {
  expect(stages).toEqual(['card', 'slot', 'edges']);
});

it('leaves a measure as it is without corrections', () => {
  const same = correctedGap(found, CARD, new Map());
  expect(same.meanMm.value).toBeCloseTo(found.meanMm.value!, 9);
  expect(same.meanMm.low).toBeCloseTo(found.meanMm.low!, 9);
  expect(same.stations.every((s) => s.touched === null)).toBe(true);
});

it('counts a place left out no more', () => {
  const last = found.stations.length - 1;
  const less = with1(last, { dropped: true });
  expect(less.stations[last]!.touched).toBe('dropped');
  expect(less.meanMm.n).toBe(found.meanMm.n - 1);
  // The seam widens towards its end, so without the end it is narrower on average.
  const others = found.stations.flatMap((s, i) => (i === last || !s.widthMm ? [] : [s.widthMm.value!]));
  expect(less.meanMm.value).toBeCloseTo(others.reduce((a, b) => a + b, 0) / others.length, 9);
});

it('widens a place by as much as its edge is moved, with a hand’s doubt, and moves it on the picture', () => {
  const i = 5;
  const before = found.stations[i]!;
  const wider = with1(i, { movedMm: [0, 1] }).stations[i]!;
  expect(wider.touched).toBe('moved');
  expect(wider.widthMm!.value! - before.widthMm!.value!).toBeCloseTo(1, 2);
  expect(wider.widthMm!.high! - wider.widthMm!.low!).toBeGreaterThan(before.widthMm!.high! - before.widthMm!.low!);
  const px = Math.hypot(wider.edgesPx![1][0] - before.edgesPx![1][0], wider.edgesPx![1][1] - before.edgesPx![1][1]);
  expect(px).toBeCloseTo(found.pxPerMm, 0);
  const shifted = with1(i, { movedMm: [1, 1] }).stations[i]!;
  expect(shifted.widthMm!.value).toBeCloseTo(before.widthMm!.value!, 9);
});

it('keeps a width whose edges would cross or leave the strip', () => {
  for (const movedMm of [
    [9, 0],
    [0, -9],
    [-90, 0],
  ] as const) {
    const s = with1(3, { movedMm }).stations[3]!;
    expect([s.touched, s.widthMm]).toEqual([null, found.stations[3]!.widthMm]);
  }
});
