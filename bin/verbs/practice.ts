import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { blindBuyer } from '@/core/practice/blind-buyer';
import { Usage } from '../refusals';
import { defineVerb, TEXT } from '../verb';

const MOST_CARS = 5000;
const TOLD_EVERY = 25;

function whole(given: string | undefined, name: string, otherwise: number | null, low: number, high: number): number {
  const value = given === undefined ? otherwise : Number(given);
  if (value === null || !Number.isInteger(value) || value < low || value > high)
    throw new Usage(`--${name} is a whole number from ${low} to ${high}`);
  return value;
}

export const verb = defineVerb({
  usage: '--cars N [--seed 1]',
  does: 'Lets a blind buyer read the reports of made cars, looked at in part, and lays the truth beside them.',
  gives:
    'how many statements were true, visible faults disclosed or named as unseen, how often the estimate held, surprises',
  takes: null,
  options: { cars: TEXT, seed: TEXT },
  run: (_none, flags) => {
    const cars = whole(flags.cars, 'cars', null, 1, MOST_CARS);
    const seed = whole(flags.seed, 'seed', 1, 0, 2 ** 31);
    const found = blindBuyer(cars, seed, DEFAULT_TABLES, (n) => {
      if (n % TOLD_EVERY === 0) console.error(`${n} of ${cars} cars`);
    });
    console.error('Made cars, made looks and house values: it tries the program, not people.');
    return { ok: true, ...found };
  },
});
