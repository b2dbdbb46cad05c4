import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { blindBuyer } from '@/core/practice/blind-buyer';
import { defineVerb, TEXT } from '../verb';
import { wholeFlag } from '../whole';

const MOST_CARS = 5000;
const TOLD_EVERY = 25;

export const verb = defineVerb({
  usage: '--cars N [--seed 1]',
  does: 'Lets a blind buyer read the reports of made cars, looked at in part, and lays the truth beside them.',
  gives:
    'how many statements were true, visible faults disclosed or named as unseen, how often the estimate held, surprises',
  takes: null,
  options: { cars: TEXT, seed: TEXT },
  run: (_none, flags) => {
    const cars = wholeFlag(flags.cars, 'cars', { low: 1, high: MOST_CARS });
    const seed = wholeFlag(flags.seed, 'seed', { otherwise: 1, low: 0, high: 2 ** 31 });
    const found = blindBuyer(cars, seed, DEFAULT_TABLES, (n) => {
      if (n % TOLD_EVERY === 0) console.error(`${n} of ${cars} cars`);
    });
    console.error('Made cars, made looks and house values: it tries the program, not people.');
    return { ok: true, ...found };
  },
});
