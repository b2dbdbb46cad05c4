import type { AnyRecord, BodyOf } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { plural } from '@/words/plural';
import { CATCH_WORDS } from '@/words/running';
import { STYLE_WORDS } from '@/words/terms';
import { pick, type Wording } from '@/words/vocabulary';

const MI_KM = 1.609344;
const grouped = (n: number) => Math.round(n).toLocaleString('en-GB');

/** An odometer's figure in both units, the one that it counts in first. */
function odometerText({ value, unit }: NonNullable<BodyOf<'car'>['odometer']>): string {
  const other = unit === 'mi' ? `${grouped(value * MI_KM)} km` : `${grouped(value / MI_KM)} mi`;
  return `shows ${grouped(value)} ${unit} (${other}); how far that is borne out stands below`;
}

/** What is on record of starting and driving it; what is not, is said. */
function runsText(records: readonly AnyRecord[]): string {
  const starts = recordsOf(records, 'start');
  const caught = starts.find((s) => s.body.catches !== null)?.body.catches ?? null;
  const road = recordsOf(records, 'road')[0]?.body;
  const started =
    caught !== null
      ? `start: ${CATCH_WORDS[caught]}`
      : starts.length > 0
        ? 'a start was tried'
        : 'no start is on record';
  return `${started}; ${road?.driven ? 'driven by the inspector' : 'not driven by the inspector'}`;
}

/** What the car is, as it stands on record: a stranger's first questions. */
export function whatItIs(
  car: BodyOf<'car'>,
  records: readonly AnyRecord[],
  wording: Wording,
): (readonly [name: string, value: string])[] {
  const style = car.style in STYLE_WORDS ? pick(STYLE_WORDS[car.style]!, wording.words) : '';
  const visits = recordsOf(records, 'visit').length;
  const rows: (readonly [string, string])[] = [
    ['Body', style],
    ['Colour', car.colour],
    ['Steering', `on the ${car.steering}`],
    ['Odometer', car.odometer ? odometerText(car.odometer) : ''],
    ['Runs', runsText(records)],
    ['Looked at', visits > 0 ? `on ${plural(visits, 'visit')}, under what conditions stands below` : ''],
  ];
  return rows.filter(([, value]) => value !== '');
}
