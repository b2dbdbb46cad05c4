import { z } from 'zod';
import { defineTable } from '../model/table';
import { type CodePart, type Days, dateFormatSchema, shifted } from './date-code';

const days = z.number().int().min(0).max(20_000);

export const datesTable = defineTable({
  stored: 'date-codes',
  schema: z
    .object({
      source: z.string(),
      formats: z.array(dateFormatSchema).max(100),
      /** Days by which each sort of part is made before the car is built: at least, at most. */
      leads: z.record(
        z.string().regex(/^[a-z][a-z-]*$/),
        z.object({ least: days, most: days, wears: z.boolean().default(false) }),
      ),
      /** Parts that bear dates: what they are called, their sort, the formats that are tried on them, where they lie. */
      parts: z.record(
        z.string().regex(/^[a-z][a-z-]*(\.[a-z][a-z-]*){0,3}$/),
        z.object({
          name: z.string().min(2).max(80),
          sort: z.string(),
          formats: z.array(z.string()).min(1),
          zone: z.string().nullable().default(null),
        }),
      ),
    })
    .refine((t) => Object.values(t.parts).every((p) => p.sort in t.leads), {
      message: 'each part is of a sort of the table',
    })
    .refine((t) => Object.values(t.parts).every((p) => p.formats.every((f) => t.formats.some((x) => x.id === f))), {
      message: 'each part’s formats stand in the table',
    }),
  defaults: {
    source: 'house starting values: leads common in the trade; forms of the made-up makes',
    formats: [
      {
        id: 'letter-day-digit',
        name: 'month letter, day, last digit of the year',
        parts: [{ is: 'month-letter', letters: 'ABCDEFGHJKLM' }, { is: 'day' }, { is: 'year', digits: 1 }],
      },
      {
        id: 'letter-year',
        name: 'month letter, two digits of the year',
        parts: [
          { is: 'month-letter', letters: 'ABCDEFGHJKLM' },
          { is: 'year', digits: 2 },
        ],
      },
      {
        id: 'month-year',
        name: 'month and two digits of the year',
        parts: [
          { is: 'month', digits: 1 },
          { is: 'year', digits: 2 },
        ],
      },
      { id: 'week-year', name: 'week and two digits of the year', parts: [{ is: 'week' }, { is: 'year', digits: 2 }] },
      {
        id: 'quarter-year',
        name: 'quarter and two digits of the year',
        parts: [{ is: 'quarter' }, { is: 'year', digits: 2 }],
      },
      { id: 'year', name: 'two digits of the year', parts: [{ is: 'year', digits: 2 }] },
      {
        id: 'day-month-year',
        name: 'day, month, two digits of the year',
        parts: [{ is: 'day' }, { is: 'month', digits: 2 }, { is: 'year', digits: 2 }],
      },
      {
        id: 'whole',
        name: 'day, month and whole year',
        parts: [{ is: 'day' }, { is: 'month', digits: 2 }, { is: 'year', digits: 4 }],
      },
    ] as { id: string; name: string; parts: CodePart[] }[],
    leads: {
      casting: { least: 2, most: 120, wears: false },
      assembly: { least: 0, most: 60, wears: false },
      glass: { least: 0, most: 365, wears: false },
      electrical: { least: 0, most: 183, wears: false },
      belt: { least: 0, most: 183, wears: false },
      tire: { least: 0, most: 183, wears: true },
      build: { least: 0, most: 0, wears: false },
    },
    parts: {
      build: {
        name: 'build date on the plate',
        sort: 'build',
        formats: ['whole', 'day-month-year', 'letter-day-digit', 'letter-year', 'month-year'],
        zone: 'bulkhead',
      },
      'casting.block': {
        name: 'engine block, casting',
        sort: 'casting',
        formats: ['letter-day-digit', 'letter-year', 'whole'],
        zone: 'engine',
      },
      'casting.head': {
        name: 'cylinder head, casting',
        sort: 'casting',
        formats: ['letter-day-digit', 'letter-year'],
        zone: 'engine',
      },
      'casting.gearbox': {
        name: 'gearbox, casting',
        sort: 'casting',
        formats: ['letter-day-digit', 'letter-year'],
        zone: 'tunnel',
      },
      'casting.axle': {
        name: 'axle, casting',
        sort: 'casting',
        formats: ['letter-day-digit', 'letter-year'],
        zone: 'tank',
      },
      'engine.assembly': {
        name: 'engine, assembly stamp',
        sort: 'assembly',
        formats: ['letter-day-digit', 'day-month-year'],
        zone: 'engine',
      },
      'glass.windshield': {
        name: 'front glass',
        sort: 'glass',
        formats: ['letter-year', 'quarter-year', 'year'],
        zone: 'glass.windshield',
      },
      'glass.rear': {
        name: 'rear glass',
        sort: 'glass',
        formats: ['letter-year', 'quarter-year', 'year'],
        zone: 'glass.rear',
      },
      'glass.side': {
        name: 'side glass',
        sort: 'glass',
        formats: ['letter-year', 'quarter-year', 'year'],
        zone: 'glass.left.front',
      },
      generator: {
        name: 'generator or alternator',
        sort: 'electrical',
        formats: ['week-year', 'month-year', 'letter-year'],
        zone: 'engine',
      },
      starter: {
        name: 'starter motor',
        sort: 'electrical',
        formats: ['week-year', 'month-year', 'letter-year'],
        zone: 'engine',
      },
      distributor: {
        name: 'distributor',
        sort: 'electrical',
        formats: ['week-year', 'month-year', 'letter-year'],
        zone: 'engine',
      },
      'wiper-motor': {
        name: 'wiper motor',
        sort: 'electrical',
        formats: ['week-year', 'month-year'],
        zone: 'bulkhead',
      },
      clock: { name: 'clock', sort: 'electrical', formats: ['month-year', 'week-year'], zone: 'dash' },
      'seat-belt': {
        name: 'seat belt label',
        sort: 'belt',
        formats: ['month-year', 'week-year', 'whole'],
        zone: 'seat.left.front',
      },
    },
  },
});
export type DatesTable = (typeof datesTable)['defaults'];

export const DATE_FITS = ['fits', 'too-late', 'too-early'] as const;
export type DateFit = (typeof DATE_FITS)[number];

/** Between which days a part of a sort is made for a car that was built on one of these days. */
export const windowOf = (built: Days, { least, most }: { least: number; most: number }): Days => ({
  from: shifted(built.from, -most),
  to: shifted(built.to, -least),
});

/**
 * Whether a part's days fit the day of building: some day of it lies in the window; too late: all after it; too early: all
 * before. Days and window with both ends.
 */
export function dateFit(made: Days, built: Days, lead: { least: number; most: number }): DateFit {
  const window = windowOf(built, lead);
  return made.from > window.to ? 'too-late' : made.to < window.from ? 'too-early' : 'fits';
}
