import type { TableName } from '@/core/grade/all-tables';
import { respelt, type Vocabulary } from './vocabulary';

/** What each table of numbers is called, and what hangs on it. */
export const TABLE_WORDS: Readonly<Record<TableName, { readonly name: string; readonly says: string }>> = {
  grade: { name: 'Grade', says: 'Lenses, curves, bands and rules by which a car is graded.' },
  cost: {
    name: 'Cost',
    says: 'How long work waits, what jobs share, how far estimates miss, and what a car fetches by its grade.',
  },
  work: { name: 'Work', says: 'Hours, parts, trades and rates of putting right.' },
  yardstick: {
    name: 'Yardstick',
    says: 'What made cars of an age are like: measured from the other numbers, never typed.',
  },
  profiles: {
    name: 'Film bands and schools',
    says: 'From which thickness film is factory, resprayed or heavy, by school.',
  },
  paintLosses: { name: 'Losses by paint', says: 'What filler and heavy film cost the finish.' },
  tolerances: { name: 'Gaps and tolerances', says: 'Nominal gaps by years, make, model and seam, and what is good.' },
  fitLosses: { name: 'Losses by fit', says: 'What gaps out of tolerance cost.' },
  waveLosses: { name: 'Losses by waves', says: 'What panels that are not straight cost.' },
  colourLosses: { name: 'Losses by colour', says: 'What colours that differ from panel to panel cost.' },
  weakSpots: {
    name: 'Weak spots',
    says: 'Where cars rust by construction and model, and which places share their water.',
  },
  spotTests: { name: 'Tests at a spot', says: 'What magnet, tap, press and mirror give, by what the spot is.' },
  exposure: {
    name: 'Loss of metal',
    says: 'Loss by place and time, pits, depths and sheets: from these years are foretold.',
  },
  pieces: {
    name: 'Pieces',
    says: 'Bright pieces and what comes along: what each is made of, and which are hard to find.',
  },
  pieceLosses: {
    name: 'Losses by pieces',
    says: 'What missing, wrong and faulty pieces cost, and how much completeness weighs.',
  },
  functions: {
    name: 'Functions',
    says: 'What should work, where it is tried, in which order, what it costs when it does not.',
  },
  leakGraph: { name: 'Leaks', says: 'Where fluids come out, where they run, how likely, by layout of the car.' },
  fluids: { name: 'Fluids', says: 'What the level and the look of each fluid mean.' },
  numberTemplates: {
    name: 'Chassis numbers',
    says: 'How makes number their cars, field by field, and how the engine’s number follows.',
  },
  dates: { name: 'Date codes', says: 'Forms of date codes, and how long before the car each sort of part is made.' },
  odometer: { name: 'Odometer', says: 'How far cars are driven in a year, and what makes a chain of readings.' },
  partOriginality: {
    name: 'Originality of parts',
    says: 'What a part that is not the works’ costs authenticity, and what caps it.',
  },
  claims: {
    name: 'Claims',
    says: 'What speaks for and against what sellers say, how strongly, and what shares a cause.',
  },
  runningBands: { name: 'Running', says: 'Where thermostat, oil pressure and charging should lie, by make.' },
  driveSigns: {
    name: 'Felt on the road',
    says: 'What vibrates and sounds on the road, as what it is known, and the look that tells it.',
  },
  mechanical: { name: 'Running gear', says: 'Parts gone over from below, which driving depends on, what they cost.' },
  tires: { name: 'Tires', says: 'Least tread, ages by which they are judged, what their faults cost.' },
  platingLosses: { name: 'Losses by plating', says: 'What pitted and peeling plating costs, by its rating.' },
  findingCaps: { name: 'Caps by findings', says: 'Above which grade a car with such a finding cannot stand.' },
  identityCaps: { name: 'Caps by identity', says: 'Above which grade a car without its numbers cannot stand.' },
};

/** A table of numbers as the reader spells it. */
export function tableWords(of: TableName, words: Vocabulary): { readonly name: string; readonly says: string } {
  const { name, says } = TABLE_WORDS[of];
  return { name: respelt(name, words), says: respelt(says, words) };
}

const UNITS: readonly (readonly [RegExp, string])[] = [
  [/Um$|Um › [^›]+$/, 'µm'],
  [/Mm$/, 'mm'],
  [/Kmh$/, 'km/h'],
  [/PerM2$|^perM2$/, 'h/m²'],
  [/[a-z]M$/, 'm'],
  [/hours/, 'h'],
  [/DeltaE$/, 'ΔE'],
  [/(parts|rates)/, 'money'],
  [/[Yy]ear$/, 'year'],
];

/** How a place in a table is called: its names in plain words, without the unit, which stands beside the number. */
export function placeWords(place: string): string {
  return place
    .split(' › ')
    .map((p) =>
      p
        .replace(/(Um|Mm|Kmh|PerM2|DeltaE)$/, '')
        .replace(/([a-z0-9])([A-Z])/g, '$1 $2')
        .toLowerCase(),
    )
    .filter(Boolean)
    .join(' › ');
}

/** The unit of a number in a table, by how its place is called; empty where it is a plain number or a share. */
export const unitOfPlace = (place: string): string => UNITS.find(([pattern]) => pattern.test(place))?.[1] ?? '';
