// npm run bench:cost: drawing what work costs against bare sampling of the same triangles, and how the solver grows with lots.
import load from 'highs';
import { TRADES } from '@/core/catalogue/remedies';
import { type DrawInput, drawCost } from '@/core/cost/draw';
import type { Job } from '@/core/cost/jobs';
import { prepare } from '@/core/prepare/prepare';
import { solveProgram } from '@/core/program/integer-program';
import { seeded } from '@/core/stats/random';
import { type Triple, triangular } from '@/core/stats/triangular';

const DRAWS = 10_000;
const JOBS = 60;
const ROUNDS = 7;

function median(work: () => void): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)]!;
}

const random = seeded(1);
const around = (n: number): Triple => [n * 0.6, n, n * 1.7];
const jobs = Array.from(
  { length: JOBS },
  (_, i): Job => ({
    key: `job-${i}`,
    work: i % 4 === 0 ? 'strip-refinish' : 'polish',
    zone: null,
    times: 1,
    serves: [],
    rights: [],
    trades: [TRADES[1 + (i % 7)]!],
    hours: around(2 + 20 * random()),
    parts: around(10 + 200 * random()),
    waitsDays: 0,
    after: [],
  }),
);
const input: DrawInput = {
  jobs,
  surprises: [],
  unseen: [],
  unseenSd: 0,
  rates: Object.fromEntries(TRADES.map((t) => [t, 50])) as DrawInput['rates'],
  tradeSd: 0.15,
  unsure: new Set(['strip-refinish']),
  unsureTimes: [0.9, 1, 1.9],
};

/** The same triangles drawn and summed, and nothing else. */
function bare(): Float64Array {
  const own = seeded(2);
  const sums = new Float64Array(DRAWS);
  for (let i = 0; i < DRAWS; i++)
    for (const j of jobs) sums[i]! += triangular(j.hours, own()) * 50 + triangular(j.parts, own());
  return sums.sort();
}

const reference = median(bare);
const drawn = median(() => drawCost(input, { draws: DRAWS, seed: 2 }));
console.log(
  `${DRAWS} draws of ${JOBS} jobs: ${drawn.toFixed(0)} ms, bare sampling ${reference.toFixed(0)} ms, ratio ${(drawn / reference).toFixed(2)} (aim at most 1.5)`,
);

const highs = await load();
const solve = (lots: number) => {
  const own = seeded(9);
  const shops = ['paint', 'body', 'trim', 'mechanic'].map((id) => ({ id, hoursPerDay: 8, waitsDays: 2 }));
  const all = Array.from({ length: lots * 8 }, (_, i) => {
    const cost = 40 + 900 * own() ** 2;
    return {
      id: `${i}`,
      cost,
      gain: cost * (0.6 + 1.3 * own()),
      hours: cost / 50,
      shop: shops[i % 4]!.id,
      after: i % 8 > 5 ? [`${i - (i % 8)}`] : [],
    };
  });
  const problem = { jobs: all, shops, budget: 330 * lots, days: 21 };
  let said = '';
  const ms = median(() => {
    const found = prepare(problem, (p, l) => solveProgram(highs, p, l), { gap: 0.01, seconds: 20 });
    said = found.ok ? `${found.proved ? 'proved' : 'not proved'}, gap ${(100 * found.gap).toFixed(2)} %` : found.reason;
  });
  console.log(`${lots} lots × 8 jobs: ${ms.toFixed(0)} ms, ${said}`);
  return ms;
};
const [ten, , , sixty] = [10, 20, 40, 60].map(solve);
console.log(`growth from 10 to 60 lots: ${(sixty! / ten!).toFixed(1)} (6 would be linear)`);
