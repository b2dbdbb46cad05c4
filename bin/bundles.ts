import { planOfCar } from '@/core/body/plan';
import type { AnyRecord } from '@/core/kinds';
import { type Bundle, readBundle } from '@/core/records/bundle';
import { recordsOf } from '@/core/records/reduce';
import { readText } from './files';
import { Refusal, Usage } from './refusals';

/** A file's JSON; refuses what is none. */
export function readJson(path: string): unknown {
  try {
    return JSON.parse(readText(path));
  } catch (cause) {
    if (cause instanceof Refusal) throw cause;
    throw new Refusal('not-json', { message: `${path} is not JSON` });
  }
}

/** A bundle with its records; refuses one that is not whole, with every problem. */
export function bundleAt(path: string): { bundle: Bundle; records: AnyRecord[] } {
  const read = readBundle(readJson(path));
  if (!read.ok) throw new Refusal('bad-bundle', { problems: read.problems });
  return read;
}

/** The plan of the records' car; null without one. */
export const planFor = (records: readonly AnyRecord[]) => planOfCar(recordsOf(records, 'car')[0]?.body);

/** The year by which a car's age counts: as asked, else this one. */
export function onYear(asked: string | undefined): number {
  const year = asked === undefined ? new Date().getUTCFullYear() : Number(asked);
  if (!Number.isInteger(year) || year < 1900 || year > 2200) throw new Usage('--on-year is a year such as 2027');
  return year;
}
