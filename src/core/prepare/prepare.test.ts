import load, { type Highs } from 'highs';
import { solveProgram } from '../program/integer-program';
import { seeded } from '../stats/random';
import { fits, type PrepareJob, type PrepareProblem, prepare, prepareWithNext, type Solve } from './prepare';

let solve: Solve;
beforeAll(async () => {
  const highs: Highs = await load();
  solve = (program, limits) => solveProgram(highs, program, limits);
});

const job = (id: string, cost: number, gain: number, more: Partial<PrepareJob> = {}): PrepareJob => ({
  id,
  cost,
  gain,
  hours: 0,
  shop: '',
  after: [],
  ...more,
});
const problem = (jobs: readonly PrepareJob[], more: Partial<PrepareProblem> = {}): PrepareProblem => ({
  jobs,
  shops: [],
  budget: 1000,
  days: 10,
  ...more,
});
const best = (p: PrepareProblem) => {
  const found = prepare(p, solve);
  if (!found.ok) throw new Error(found.reason);
  return found;
};

/** Tries every set. */
function byForce(p: PrepareProblem): number {
  let most = 0;
  for (let mask = 0; mask < 1 << p.jobs.length; mask++) {
    const chosen = new Set(p.jobs.filter((_, i) => mask & (1 << i)).map((j) => j.id));
    if (!fits(p, chosen)) continue;
    most = Math.max(
      most,
      p.jobs.reduce((s, j) => s + (chosen.has(j.id) ? j.gain - j.cost : 0), 0),
    );
  }
  return most;
}

it('nets as much as trying everything does, on 200 made cases', () => {
  const random = seeded(20271127);
  const draw = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  for (let n = 0; n < 200; n++) {
    const shops = ['paint', 'body', 'trim'].map((id) => ({ id, hoursPerDay: draw(2, 8), waitsDays: draw(0, 9) }));
    const count = draw(1, 11);
    const jobs = Array.from({ length: count }, (_, i) =>
      job(`j${i}`, draw(0, 4000) / 10, draw(-100, 900), {
        hours: draw(0, 300) / 10,
        shop: random() < 0.2 ? '' : shops[draw(0, 2)]!.id,
        after: Array.from({ length: i }, (_x, k) => `j${k}`).filter(() => random() < 0.12),
        ...(random() < 0.2 && { oneOf: `g${draw(0, 2)}` }),
      }),
    );
    const p = problem(jobs, { shops, budget: draw(0, 12_000) / 10, days: draw(0, 14) });
    const found = best(p);
    expect([n, fits(p, new Set(found.chosen)), found.proved]).toEqual([n, true, true]);
    expect([n, found.net]).toEqual([n, expect.closeTo(byForce(p), 6)]);
  }
});

it('chooses what pays for its predecessor, and nothing that does not', () => {
  const strip = job('strip', 300, 0);
  const spray = job('spray', 200, 700, { after: ['strip'] });
  expect(best(problem([strip, spray])).chosen).toEqual(['strip', 'spray']);
  expect(best(problem([strip, { ...spray, gain: 450 }])).chosen).toEqual([]);
  expect(best(problem([strip, spray], { budget: 499.99 })).chosen).toEqual([]);
});

it('holds a budget to the last digit', () => {
  const jobs = [job('a', 0.1, 5), job('b', 0.2, 5), job('c', 0.3, 4)];
  expect(best(problem(jobs, { budget: 0.3 })).chosen).toEqual(['a', 'b']);
  expect(best(problem(jobs, { budget: 0.2999 })).chosen).toEqual(['a']);
});

it('counts a shop’s hours from when it can begin; one that begins after the sale does nothing', () => {
  const shops = [{ id: 'paint', hoursPerDay: 4, waitsDays: 8 }];
  const jobs = [job('a', 10, 100, { hours: 8, shop: 'paint' }), job('b', 10, 90, { hours: 1, shop: 'paint' })];
  expect(best(problem(jobs, { shops })).chosen).toEqual(['a']);
  expect(best(problem(jobs, { shops, days: 8 })).chosen).toEqual([]);
});

it('takes one at most of doing it and making an allowance', () => {
  const jobs = [job('do', 300, 500, { oneOf: 'left door' }), job('allow', 150, 330, { oneOf: 'left door' })];
  expect(best(problem(jobs)).chosen).toEqual(['do']);
  expect(best(problem(jobs, { budget: 200 })).chosen).toEqual(['allow']);
});

it('says the next best set and what more budget would net', () => {
  const found = prepareWithNext(
    problem([job('a', 100, 300), job('b', 100, 250), job('c', 150, 400)], { budget: 200 }),
    solve,
    100,
  );
  if ('ok' in found) throw new Error(found.reason);
  expect(found.best.chosen).toEqual(['a', 'b']);
  expect(found.next).toMatchObject({ chosen: ['c'], net: 250 });
  expect(found.moreBudget).toEqual({ by: 100, net: 100 });
});

it.each([
  ['a job twice', problem([job('a', 1, 2), job('a', 1, 2)]), 'job-twice', 'a'],
  ['a shop that is not there', problem([job('a', 1, 2, { shop: 'tin' })]), 'unknown-shop', 'tin'],
  ['a predecessor that is not there', problem([job('a', 1, 2, { after: ['z'] })]), 'unknown-job', 'z'],
] as const)('refuses %s', (_what, p, reason, of) => {
  expect(prepare(p, solve)).toEqual({ ok: false, reason, of });
});

it('proves a sale of sixty lots with eight jobs each within one part in a hundred', () => {
  const random = seeded(7);
  const shops = ['paint', 'body', 'trim', 'mechanic'].map((id) => ({ id, hoursPerDay: 8, waitsDays: 2 }));
  const jobs = Array.from({ length: 480 }, (_, i) => {
    const cost = 40 + 900 * random() ** 2;
    return job(`lot${Math.floor(i / 8)}-${i % 8}`, cost, cost * (0.6 + 1.3 * random()), {
      hours: cost / 50,
      shop: shops[i % 4]!.id,
      after: i % 8 > 5 ? [`lot${Math.floor(i / 8)}-0`] : [],
    });
  });
  const found = prepare(problem(jobs, { shops, budget: 20_000, days: 21 }), solve, { gap: 0.01, seconds: 20 });
  expect(found).toMatchObject({ ok: true, proved: true });
  expect(found.ok && found.gap).toBeLessThanOrEqual(0.01);
});
