import type { StationId, StationNeed } from '@/core/days/stations';
import type { Because } from '@/core/days/visit-order';
import { type Both, pick, type Vocabulary } from './vocabulary';

const STATION_WORDS: Readonly<Record<StationId, Both>> = {
  standoff: 'long look from a distance',
  'cold-checks': 'cold checks: fluids, drips, by hand',
  'cold-start': 'cold start, watched at the tailpipe',
  lap: 'lap of the outside',
  film: 'film, panel by panel',
  wheels: { us: 'wheels, tires and brakes', gb: 'wheels, tyres and brakes' },
  trunk: { us: 'trunk', gb: 'boot' },
  'engine-bay': 'engine bay',
  cabin: 'cabin',
  functions: 'functions',
  idle: 'idle, warm: gauges and fresh leaks',
  road: 'road test',
  below: 'from below',
  numbers: 'numbers and papers',
  pictures: 'standard pictures',
};
export const stationName = (s: StationId, words: Vocabulary): string => pick(STATION_WORDS[s], words);

export const BECAUSE_WORDS: Readonly<Record<Because, string>> = {
  school: 'by the working order',
  'cold-first': 'while it is cold: the first start comes before anything that warms it',
  gate: 'only once brakes, tyres, steering and fluids were looked at, and where leave was given',
  'uses-the-warming': 'while the engine warms',
  'while-it-is-there': 'when it can be',
};

export const NEED_WORDS: Readonly<Record<StationNeed, string>> = {
  daylight: 'Daylight',
  dry: 'Dry',
  pit: 'The pit',
  helper: 'A helper',
  key: 'The key',
};
