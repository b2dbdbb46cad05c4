import load from 'highs';
import { DEFAULT_TABLES } from '../grade/all-tables';
import type { Solve } from '../prepare/prepare';
import { solveProgram } from '../program/integer-program';
import type { Preparable } from './prepare-car';
import { prepareSale } from './prepare-sale';

let solve: Solve;
beforeAll(async () => {
  const highs = await load();
  solve = (program, limits) => solveProgram(highs, program, limits);
});
const { cost } = DEFAULT_TABLES;
const job = (key: string, more: Partial<Preparable> = {}): Preparable => ({
  key,
  work: 'refinish',
  zone: 'hood',
  cost: 200,
  allow: 200,
  gain: 500,
  hours: 5,
  waitsDays: 0,
  shop: 'paint',
  needs: [],
  serves: true,
  ...more,
});
const shop = (trade: 'paint' | 'body', hoursPerDay: number, waitsDays = 0) => ({ trade, hoursPerDay, waitsDays });
const plan = (more: object = {}) => ({ budget: 1000, days: 10, shops: [shop('paint', 8)], ...more });
const of = (lots: Parameters<typeof prepareSale>[0], p = plan()) => prepareSale(lots, p, cost, solve)!;

it('spends one budget where it nets most, whichever lot that is', () => {
  const lots = [
    { lot: 'a', jobs: [job('x@hood', { gain: 270 })] },
    { lot: 'b', jobs: [job('x@hood', { gain: 600 })] },
  ];
  const found = of(lots, plan({ budget: 200 }));
  expect(found.lots.map((l) => l.chosen)).toEqual([[], ['x@hood']]);
  // 0.8 of 270 is more than the 200 that are taken off: lot a is allowed for.
  expect(found.lots[0]!.allowed).toEqual([{ job: 'x@hood', amount: 200 }]);
  expect(found).toMatchObject({ cost: 200, net: 416, proved: true });
});

it('shares a shop’s hours between the lots, and allows for what the shop cannot take', () => {
  const lots = ['a', 'b', 'c'].map((lot) => ({ lot, jobs: [job('x@hood', { hours: 30 })] }));
  const found = of(lots);
  expect(found.lots.filter((l) => l.chosen.length === 1)).toHaveLength(2);
  expect(found.lots.filter((l) => l.allowed.length === 1)).toHaveLength(1);
  expect(found.shops).toEqual([{ shop: 'paint', hours: 60, of: 80 }]);
});

it('allows nothing that is too little to speak of', () => {
  const small = job('x@hood', { cost: 150, allow: 150, waitsDays: 40 });
  expect(of([{ lot: 'a', jobs: [small] }]).lots[0]!.allowed).toEqual([]);
});

it('takes a shop that the plan does not name as one without hours', () => {
  const found = of([{ lot: 'a', jobs: [job('x@hood', { shop: 'body', gain: 240 })] }]);
  expect(found.lots[0]!).toMatchObject({ chosen: [], allowed: [] });
});

it('names what is too late, with what needs it', () => {
  const jobs = [job('m@rocker', { waitsDays: 42, serves: false, gain: 0 }), job('p@hood', { needs: ['m@rocker'] })];
  const [lot] = of([{ lot: 'a', jobs }]).lots;
  expect(lot!.tooLate).toEqual(['m@rocker', 'p@hood']);
  expect(lot!.allowed.map((a) => a.job)).toEqual(['p@hood']);
});
