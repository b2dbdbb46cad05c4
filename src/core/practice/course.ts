import type { Character, PracticeWish } from './practice-car';

/** A car of the course: what it is made from, how long one has, and what it teaches. */
export interface CourseCar extends Omit<PracticeWish, 'seed'> {
  readonly number: number;
  readonly minutes: number;
  readonly teaches: string;
}

type Row = readonly [
  style: string,
  ageYears: number,
  climate: PracticeWish['climate'],
  seller: Character,
  minutes: number,
  teaches: string,
];
/** House starting values, from easy to hard: few faults and an honest word first, rot, haste and a false word last. */
const ROWS: readonly Row[] = [
  ['pickup', 30, 1, 'honest', 30, 'One lap, every panel looked at'],
  ['hardtop', 54, 1, 'honest', 30, 'Film: readings enough on each panel'],
  ['fastback', 50, 2, 'hopeful', 30, 'Paint that was done again'],
  ['convertible', 55, 2, 'honest', 30, 'Brightwork and rubber'],
  ['saloon4', 52, 3, 'hopeful', 30, 'Rust by its stages'],
  ['estate', 62, 2, 'hopeful', 30, 'The cabin and what works'],
  ['van', 50, 3, 'hiding', 30, 'Words that do not hold'],
  ['sports', 56, 2, 'hopeful', 25, 'A body that no gauge reads'],
  ['utility', 60, 3, 'hopeful', 25, 'Underneath first'],
  ['saloon2', 64, 4, 'hiding', 25, 'Filler and what lies under it'],
  ['fastback', 60, 5, 'hiding', 20, 'Sea air, and little time'],
  ['saloon4', 88, 4, 'hiding', 15, 'Field pass: what to leave out'],
];

/** Twelve cars by difficulty. */
export const COURSE: readonly CourseCar[] = ROWS.map(([style, ageYears, climate, seller, minutes, teaches], i) => ({
  number: i + 1,
  style,
  ageYears,
  climate,
  seller,
  minutes,
  teaches,
}));

/** The wish of a car of the course for a seed, so that each try has another car of the kind. Null for none such. */
export function courseWish(number: number, seed: number): PracticeWish | null {
  const car = COURSE.find((c) => c.number === number);
  return car ? { seed, style: car.style, ageYears: car.ageYears, climate: car.climate, seller: car.seller } : null;
}
