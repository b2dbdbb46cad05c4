// npm run bench:talk: captions taken apart, an hour of them against a quarter of an hour and against plain arithmetic.
import { planOf } from '@/core/body/plan';
import { normalDraw, seeded } from '@/core/stats/random';
import { listenTo } from '@/entry/talk/listen';
import { LOOKED_AT_LATER } from '@/entry/talk/narrations/test-looked-at-later';
import { walkRounds } from '@/entry/talk/narrations/test-walk-rounds';
import { WORKED_ON } from '@/entry/talk/narrations/test-worked-on';

const CUE_S = 3;
const WORDS_A_CUE = 7;
const words = walkRounds(WORKED_ON + LOOKED_AT_LATER)
  .flatMap((w) => w.utterances)
  .map((u) => u.said.replaceAll(/[,?]/g, ''))
  .join(' ')
  .split(' ');
const plan = planOf('fastback')!;

/** Captions of so many seconds of talk without a pause. */
const captions = (seconds: number) =>
  Array.from({ length: seconds / CUE_S }, (_x, i) => ({
    line: i + 1,
    fromS: CUE_S * i,
    toS: CUE_S * (i + 1),
    text: Array.from({ length: WORDS_A_CUE }, (_y, k) => words[(WORDS_A_CUE * i + k) % words.length]).join(' '),
  }));

function seconds(work: () => unknown): number {
  const from = performance.now();
  work();
  return (performance.now() - from) / 1000;
}

const hear = (s: number) =>
  listenTo(captions(s), { plan, zone: null, unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'right' });
hear(300);
const reference = seconds(() => {
  const random = seeded(1);
  for (let i = 0; i < 1_000_000; i++) normalDraw(random);
});
const quarter = seconds(() => hear(900));
const hour = seconds(() => hear(3600));
console.log(`an hour of captions: ${hour.toFixed(1)} s, ${(hour / reference).toFixed(1)} × a million normal draws`);
console.log(`growth from a quarter of an hour: ${(hour / quarter).toFixed(2)} (4 would be linear)`);
