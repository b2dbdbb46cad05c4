import { z } from 'zod';
import { CHASSIS_PLACES, type NumberPlace, PART_STATES, type PartState } from '../catalogue/papers';
import { sameName } from '../catalogue/same-name';
import { type Days, type Resolved, readDateCode, resolveDate } from '../dates/date-code';
import { type DateFit, type DatesTable, dateFit, datesTable } from '../dates/windows';
import type { BodyOf, StoredRecord } from '../kinds';
import { defineModel, type ExtraPart, lacking, lackingIf, type PlannedCar } from '../model/model';
import { defineTable } from '../model/table';
import { odometerTable } from '../odometer/odometer-table';
import { recordsOf } from '../records/reduce';
import { bare, readChassis17 } from './chassis-17';
import { engineSays } from './engine';
import { type Compared, compareNumbers } from './look-alikes';
import { keptTimes, lastStorage, mileageOf } from './past';
import { decodersFor } from './template';
import { numberTemplates } from './templates';

const share = z.number().min(0).max(1);
const partsTable = defineTable({
  stored: 'part-originality',
  schema: z.object({
    source: z.string(),
    /** Share of a part's being the works' that is lost by what it is now; what one part weighs against redoing its place. */
    lost: z.record(z.enum(PART_STATES), share.nullable()),
    weighs: z.number().min(0).max(5),
    /** The most that authenticity can be graded with another engine than the car's own, or other numbers on it, 0 to 100. */
    anotherEngine: z.number().min(0).max(100),
    numbersDiffer: z.number().min(0).max(100),
  }),
  defaults: {
    source: 'house starting values',
    lost: { factory: 0, period: 0.15, later: 0.35, reproduction: 0.5, modified: 0.6, missing: 1, unknown: null },
    weighs: 0.15,
    anotherEngine: 80,
    numbersDiffer: 45,
  } as {
    source: string;
    lost: Record<PartState, number | null>;
    weighs: number;
    anotherEngine: number;
    numbersDiffer: number;
  },
});

/** A number that was read, beside the one that should stand there; null: nothing to compare with. */
export interface ReadNumber {
  readonly record: StoredRecord<'number'>;
  readonly against: string | null;
  readonly compared: Compared | null;
}

/** A dated part: when it was made, and whether that fits; null where it cannot be told, with why. */
export interface DatedPart {
  readonly record: StoredRecord<'dated'>;
  readonly name: string;
  readonly made: Resolved | null;
  readonly format: string | null;
  readonly fit: DateFit | null;
  readonly why: 'not-in-table' | 'not-of-its-forms' | 'no-such-day' | 'no-build-date' | null;
}

/** When the car was built: by its plate, by its number or by the year that is stated. */
export interface Built extends Days {
  readonly by: 'plate' | 'number' | 'year';
}

type FormatOf = DatesTable['formats'][number];

function meaningOf(
  { body }: StoredRecord<'dated'>,
  t: DatesTable,
  built: Days | null,
): Omit<DatedPart, 'record' | 'fit' | 'name'> {
  const none = { made: null, format: null } as const;
  if (body.on) return { made: { from: body.on, to: body.on, byBuild: false }, format: null, why: null };
  const part = t.parts[body.part];
  if (!part) return { ...none, why: 'not-in-table' };
  const formats = t.formats.filter((f): f is FormatOf =>
    body.format ? f.id === body.format : part.formats.includes(f.id),
  );
  const order = (f: FormatOf) => part.formats.indexOf(f.id);
  let why: DatedPart['why'] = 'not-of-its-forms';
  for (const f of formats.sort((a, b) => order(a) - order(b))) {
    const read = readDateCode(body.code, f);
    if (!read) continue;
    if (read.length === 0) {
      why = 'no-such-day';
      continue;
    }
    const made = resolveDate(read, built);
    return made ? { made, format: f.id, why: null } : { ...none, format: f.id, why: 'no-build-date' };
  }
  return { ...none, why };
}

const yearDays = (year: number): Days => ({ from: `${year}-01-01`, to: `${year}-12-31` });

function builtOf(
  dated: readonly StoredRecord<'dated'>[],
  numberYear: number | null,
  car: BodyOf<'car'> | null,
  t: DatesTable,
): Built | null {
  const year = numberYear ?? car?.year ?? null;
  const stated: Built | null =
    year === null ? null : { ...yearDays(year), by: numberYear === null ? 'year' : 'number' };
  const plate = dated.filter((d) => t.parts[d.body.part]?.sort === 'build').at(-1);
  const made = plate ? meaningOf(plate, t, stated).made : null;
  return made ? { from: made.from, to: made.to, by: 'plate' } : stated;
}

function datedPart(record: StoredRecord<'dated'>, t: DatesTable, built: Built | null): DatedPart {
  const part = t.parts[record.body.part];
  const said = meaningOf(record, t, built);
  const lead = part && t.leads[part.sort];
  const fit = said.made && built && lead && part.sort !== 'build' ? dateFit(said.made, built, lead) : null;
  return { record, name: part?.name ?? record.body.part, ...said, fit };
}

const ENGINE_PLACES: ReadonlySet<NumberPlace> = new Set(['engine-stamp']);

/** So many last characters of a number at least are the same number. */
const LEAST_TAIL = 4;

function readNumbers(numbers: readonly StoredRecord<'number'>[], chassis: string): readonly ReadNumber[] {
  return numbers.map((record) => {
    const { place, asRead } = record.body;
    const against = CHASSIS_PLACES.includes(place) && bare(chassis) !== '' ? chassis : null;
    const own = bare(asRead);
    if (!against || own === '') return { record, against, compared: null };
    // Glass, and many a frame, bears the last characters only.
    const tail = own.length >= LEAST_TAIL && bare(against).endsWith(own);
    return { record, against, compared: tail ? { same: true } : compareNumbers(asRead, against) };
  });
}

const DAY = 10;
/** The day of the last visit: what is read on the car is of that day. Null before any. */
export const visitedOn = (records: PlannedCar['records']): string | null =>
  recordsOf(records, 'visit')
    .map((v) => v.body.startedAt.slice(0, DAY))
    .sort()
    .at(-1) ?? null;

/** Who the car is by its numbers, its dates, its papers and its parts. */
export const identity = defineModel({
  reads: ['number', 'dated', 'paper', 'keeper', 'part', 'restored', 'visit'],
  tables: { numberTemplates, dates: datesTable, odometer: odometerTable, partOriginality: partsTable },
  judge: ({ records, car }: PlannedCar, { numberTemplates: nt, dates, odometer, partOriginality }) => {
    const chassis = car?.chassisNumber ?? '';
    const numbers = recordsOf(records, 'number');
    const [decoded = null] = bare(chassis) === '' ? [] : decodersFor(chassis, car?.make ?? '', nt.templates);
    const read17 = readChassis17(chassis);
    const byMake = nt.templates.filter((t) => sameName(t.make, car?.make ?? ''));
    const template = nt.templates.find((t) => t.id === decoded?.template) ?? (byMake.length === 1 ? byMake[0]! : null);
    const stamped = numbers.find((n) => ENGINE_PLACES.has(n.body.place) && bare(n.body.asRead) !== '');
    const engineNumber = car?.engineNumber || stamped?.body.asRead || '';
    const dated = recordsOf(records, 'dated');
    const built = builtOf(dated, decoded?.fits ? decoded.year : null, car, dates);
    const all = readNumbers(numbers, chassis);
    const kept = keptTimes(recordsOf(records, 'keeper'));
    const odd = all.flatMap((n) => (n.compared && !n.compared.same ? [{ ...n, compared: n.compared }] : []));
    return {
      decoded,
      chassis17: read17.ok ? read17 : null,
      numbers: all,
      /** Other than the chassis number, beyond what is easily misread; and those that ask for a second look. */
      differs: odd.filter((n) => n.compared.ask.length === 0),
      lookAgain: odd.filter((n) => n.compared.ask.length > 0),
      engineNumber,
      engine: engineSays(engineNumber, chassis, template, built ? Number(built.to.slice(0, 4)) : null),
      built,
      dates: dated.map((d) => datedPart(d, dates, built)),
      kept,
      storage: lastStorage(kept),
      odometer: mileageOf(car, recordsOf(records, 'paper'), visitedOn(records), built?.from ?? null, null, odometer),
      odometerNumbers: odometer,
      parts: recordsOf(records, 'part'),
      restored: recordsOf(records, 'restored'),
      lost: partOriginality,
    };
  },
  parts: ({ parts, lost }, _t, { plan }): readonly ExtraPart[] => {
    const at = [...plan.zones.values()].find((zone) => zone.aspects.includes('identity'));
    return at
      ? parts.flatMap(({ id, body }) => {
          const taken = body.part === null ? null : lost.lost[body.state];
          return taken === null
            ? []
            : [
                {
                  zone: at.slug,
                  of: `part ${id}`,
                  axis: 'authenticity' as const,
                  like: 'identity' as const,
                  weight: lost.weighs,
                  share: taken,
                },
              ];
        })
      : [];
  },
  gates: {
    'numbers-differ': {
      caps: 'authenticity',
      at: (t) => t.partOriginality.numbersDiffer,
      shut: (j) => j.differs.length > 0,
    },
    'another-engine': {
      caps: 'authenticity',
      at: (t) => t.partOriginality.anotherEngine,
      shut: (j) => j.engine.is === 'another' || j.engine.is === 'wrong-type',
    },
  },
  cautions: {
    'numbers-differ': { rank: 48, when: (j) => j.differs.length > 0 },
  },
  missing: {
    'number-look-again': (judged) => {
      const asks = judged ? judged.lookAgain.length + Number(judged.engine.is === 'look-again') : 0;
      return lacking(asks, { detail: judged?.lookAgain[0]?.record.body.place ?? 'engine-stamp' });
    },
    'chassis-not-by-scheme': (judged) => lackingIf(judged?.decoded !== undefined && judged?.decoded?.fits === false),
    'date-not-understood': (judged) => {
      const odd = judged ? judged.dates.filter((d) => d.made === null) : [];
      return lacking(odd.length, { detail: odd[0]?.name ?? '' });
    },
  },
});
export type JudgedIdentity = ReturnType<typeof identity.judge>;
