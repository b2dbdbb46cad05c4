import { z } from 'zod';
import { text } from '../kinds/common';

/** A name to which a row is confined, compared in lower case; null: any. */
const confined = text(100).toLowerCase().min(1).nullable().default(null);
const year = z.number().int().min(1880).max(2100).nullable();

const toleranceSchema = z
  .object({
    /** First and last year of manufacture; null: open. */
    from: year,
    to: year,
    make: confined,
    model: confined,
    /** A seam (`door.left.front|fender.left`), a zone of it (`hood`) or a kind of zone (`door`). */
    seam: confined,
    nominalMm: z.number().positive().max(30),
    goodMm: z.number().positive().max(15),
    flushMm: z.number().positive().max(15),
    /** Difference of ride height across the car from which it is worth a word: worn springs, a repaired corner, a wrong part. */
    leanMm: z.number().positive().max(200).default(20),
    source: text(300).min(1),
  })
  .refine((r) => r.from === null || r.to === null || r.from <= r.to, {
    message: 'the first year is after the last',
    path: ['to'],
  });
export const tolerancesSchema = z
  .array(toleranceSchema)
  .min(1)
  .max(300)
  .refine((rows) => rows.some((r) => r.make === null && r.model === null && r.seam === null), {
    message: 'one row must hold for any make, model and seam',
  });
export type Tolerance = z.infer<typeof toleranceSchema>;

const HOUSE = 'house starting value by era; cars left the works uneven, so judged against their era';

/** Nominal gaps and tolerances by era, mm. A row for a make or model, put before these, wins. Editable per organisation. */
export const DEFAULT_TOLERANCES: readonly Tolerance[] = [
  {
    from: null,
    to: 1945,
    make: null,
    model: null,
    seam: null,
    nominalMm: 5,
    goodMm: 2,
    flushMm: 2,
    leanMm: 20,
    source: HOUSE,
  },
  {
    from: 1946,
    to: 1960,
    make: null,
    model: null,
    seam: null,
    nominalMm: 5,
    goodMm: 1.5,
    flushMm: 1.5,
    leanMm: 20,
    source: HOUSE,
  },
  {
    from: 1961,
    to: 1979,
    make: null,
    model: null,
    seam: null,
    nominalMm: 4.5,
    goodMm: 1.25,
    flushMm: 1.25,
    leanMm: 20,
    source: HOUSE,
  },
  {
    from: 1980,
    to: null,
    make: null,
    model: null,
    seam: null,
    nominalMm: 4,
    goodMm: 1,
    flushMm: 1,
    leanMm: 20,
    source: HOUSE,
  },
];

/** An era without an end reaches beyond any car. */
const OPEN_END = 9999;

/** Whether a row confined to `of` speaks of a seam: the seam itself, one of its zones, or a kind of zone. */
function ofSeam(of: string | null, seam: string | undefined): boolean {
  if (of === null) return true;
  return seam !== undefined && (of === seam || seam.split('|').some((z) => z === of || z.split('.')[0] === of));
}

/**
 * The row for a car, or for one of its seams or panels: the most particular one (seam, then model, then make) that its
 * year falls in. A car whose year no row covers is judged by the nearest era, one without a year by the newest; never by
 * a row of another make or model.
 */
export function toleranceFor(
  car: { readonly make?: string; readonly model?: string; readonly year: number | null },
  rows: readonly Tolerance[] = DEFAULT_TOLERANCES,
  seam?: string,
): Tolerance {
  const same = (a: string | null, b: string | undefined) => a === null || a === (b ?? '').trim().toLowerCase();
  const own = rows.filter((r) => same(r.make, car.make) && same(r.model, car.model) && ofSeam(r.seam, seam));
  const particular = (r: Tolerance) => (r.seam ? 4 : 0) + (r.model ? 2 : 0) + (r.make ? 1 : 0);
  const { year } = car;
  /** Years from the car to the row's era; without a year, from the newest era. */
  const yearsOff = (r: Tolerance) => {
    if (year === null) return OPEN_END - (r.to ?? OPEN_END);
    return Math.max(0, (r.from ?? year) - year, year - (r.to ?? year));
  };
  // Stable: of equal rows the first in the table.
  return [...own].sort(
    (a, b) =>
      (year === null ? 0 : Number(yearsOff(a) > 0) - Number(yearsOff(b) > 0)) ||
      (year === null || yearsOff(a) === 0 ? particular(b) - particular(a) : 0) ||
      yearsOff(a) - yearsOff(b) ||
      particular(b) - particular(a),
  )[0]!;
}
