import { plating } from '../src/core/bright/plating';
import type { Pixels } from '../src/core/image/pixels';
import { exposureTable } from '../src/core/metal/exposure-table';
import { forecast, type WastingSpot } from '../src/core/metal/forecast';
import { rustShare } from '../src/core/metal/rust-share';
import { normalDraw, seeded } from '../src/core/stats/random';
import { drawFlawed, PLAIN_SURFACE } from '../src/instruments/flawed-surface';
import { computerVision } from './gap-reference';

const RUNS = 5;
function time(work: () => unknown): number {
  work();
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[Math.floor(RUNS / 2)]!;
}
const row = (name: string, ms: number, against: number, what: string) =>
  console.log(`${name.padEnd(52)} ${(ms / against).toFixed(3).padStart(9)}  × ${what}  (${ms.toFixed(0)} ms)`);

const { cv } = await computerVision();

/** What a picture measure by blur and threshold does: grey, a wide blur for the light, the difference, a cut, a count. */
function blurAndThreshold({ data, width, height }: Pixels): number {
  const source = cv.matFromImageData({ data: data as Uint8ClampedArray, width, height });
  const [grey, light, off, marks] = [new cv.Mat(), new cv.Mat(), new cv.Mat(), new cv.Mat()];
  cv.cvtColor(source, grey, cv.COLOR_RGBA2GRAY);
  cv.GaussianBlur(grey, light, new cv.Size(101, 101), 0, 0);
  cv.subtract(light, grey, off);
  cv.threshold(off, marks, 24, 255, cv.THRESH_BINARY);
  const found = cv.countNonZero(marks) / (width * height);
  for (const m of [source, grey, light, off, marks]) m.delete();
  return found;
}

const LARGE = { ...PLAIN_SURFACE, widthPx: 4000, heightPx: 3000, spotPx: [16, 140] as const };
const panel = drawFlawed({ ...LARGE, share: 0.03 }).pixels;
const piece = drawFlawed({ ...LARGE, paint: null, share: 0.03, dirt: 0, chips: 0 }).pixels;
console.log(`ratio, median of ${RUNS} runs`);
const reference = time(() => blurAndThreshold(panel));
row(
  'rusted share of a panel, 12 megapixels',
  time(() => rustShare(panel)),
  reference,
  'blur and threshold by OpenCV',
);
row(
  'pits on plating, 12 megapixels',
  time(() => plating(piece)),
  reference,
  'blur and threshold by OpenCV',
);

const spots = (n: number): WastingSpot[] =>
  Array.from({ length: n }, (_, i) => ({
    metal: i % 4 === 0 ? 'aluminium' : 'steel',
    sheetMm: [0.8, 1],
    stage: (['film', 'blister', 'scale'] as const)[i % 3]!,
    faces: i % 2 === 0 ? 1 : 2,
    galvanic: i % 4 === 0,
  }));
const years = (n: number) =>
  time(() => forecast(spots(n), exposureTable.defaults, { storages: ['C2', 'C3', 'C5'], seed: 1, draws: 10_000 }));
const draws = time(() => {
  const random = seeded(1);
  let sum = 0;
  for (let i = 0; i < 1_000_000; i++) sum += normalDraw(random);
  return sum;
});
const [ten, forty] = [years(10), years(40)];
row('forecast, 10,000 draws × 40 spots × 3 storages', forty, draws, 'a million normal draws');
row('the same against 10 spots (4 is linear)', forty, ten, 'the same with 10');
