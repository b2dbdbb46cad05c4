import type { Storage } from '../catalogue/papers';
import type { BodyOf, StoredRecord } from '../kinds';
import type { Storage as Climate } from '../metal/exposure-table';
import { type OdometerAnswer, type OdometerReading, odometerHistories } from '../odometer/histories';
import { KM_PER_MILE, type OdometerTable } from '../odometer/odometer-table';

/** Somebody who kept the car, with the time that nobody tells of before. */
export interface KeptTime {
  readonly record: StoredRecord<'keeper'>;
  /** Days between the keeper before and this one of which nobody tells; 0 where they join. */
  readonly gapDays: number;
}

const DAY_MS = 86_400_000;
/** Two keepers join where so many days lie between them at most. */
const JOINS_DAYS = 31;

/** Keepers in the order of their time; those without a first day come first, as they were entered. */
export function keptTimes(keepers: readonly StoredRecord<'keeper'>[]): readonly KeptTime[] {
  const sorted = [...keepers].sort((a, b) => (a.body.from ?? '').localeCompare(b.body.from ?? ''));
  return sorted.map((record, i) => {
    const [end, from] = [sorted[i - 1]?.body.to, record.body.from];
    const days = end && from ? Math.round((Date.parse(from) - Date.parse(end)) / DAY_MS) : 0;
    return { record, gapDays: days > JOINS_DAYS ? days : 0 };
  });
}

/** How the car stood last, by its keepers; null where nobody says. Feeds the climate of the corrosion forecast. */
export const lastStorage = (times: readonly KeptTime[]): Storage | null =>
  times.findLast((t) => t.record.body.storage !== 'unknown')?.record.body.storage ?? null;

/** The corrosivity of how a car stood (ISO 9223); null: not told. */
export const CLIMATE_OF = {
  dry: 'C2',
  damp: 'C3',
  outdoors: 'C4',
  salt: 'C5',
  unknown: null,
} as const satisfies Readonly<Record<Storage, Climate | null>>;

/** An odometer of so many digits where none were read: from 100,000 on it shows six; before, five are the doubtful case. */
const [FIVE, SIX] = [5, 6] as const;

export interface MileageAsked {
  /** What is claimed; null: what is shown. */
  readonly claim: number | null;
  readonly unit: 'km' | 'mi';
}

/** What the papers and the clock say of the distance; null where the odometer was not read. */
export function mileageOf(
  car: BodyOf<'car'> | null,
  papers: readonly StoredRecord<'paper'>[],
  today: string | null,
  built: string | null,
  asked: MileageAsked | null,
  t: OdometerTable,
): (OdometerAnswer & { readonly unit: 'km' | 'mi'; readonly digits: number; readonly digitsRead: boolean }) | null {
  const shown = car?.odometer;
  // Of which day it is only a visit says.
  if (!shown || today === null) return null;
  const { unit } = shown;
  const inUnit = (value: number, of: 'km' | 'mi') =>
    of === unit ? value : of === 'mi' ? value * KM_PER_MILE : value / KM_PER_MILE;
  const readings: OdometerReading[] = papers.flatMap(({ body: p }) =>
    p.odometer && p.on
      ? [{ on: p.on, value: Math.round(inUnit(p.odometer.value, p.odometer.unit)), source: p.sort, changed: p.changed }]
      : [],
  );
  const most = Math.max(shown.value, ...readings.map((r) => r.value));
  const digits = car.odometerDigits ?? (most >= 10 ** FIVE ? SIX : FIVE);
  const answer = odometerHistories(
    [...readings, { on: today, value: Math.floor(shown.value), source: 'as read' }],
    { digits, unit, claim: asked?.claim == null ? null : inUnit(asked.claim, asked.unit), built },
    t,
  );
  return { ...answer, unit, digits, digitsRead: car.odometerDigits !== null };
}
