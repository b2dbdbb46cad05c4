import type { School } from '../catalogue/schools';
import { quantile } from '../stats/quantile';
import { visitMinutes } from './lots-to-route';
import { STATION_TABLE, type StationId } from './stations';

/** A visit that was made: by which working order, and how long it took. */
export interface VisitTook {
  readonly school: School;
  readonly minutes: number;
}
/** How long a visit of a working order takes a house: its own times and the shipped ones, weighed. */
export interface Learnt {
  readonly minutes: number;
  /** The tenths of the house's own visits; null for fewer than three. */
  readonly low: number | null;
  readonly high: number | null;
  readonly visits: number;
  readonly shipped: number;
}

/** So many visits weigh as much as the shipped time; shorter ones than a share of it were parts of a visit, and count for nothing. */
const LEARNING = { source: 'house starting values', shippedWeighs: 3, partBelow: 0.3 } as const;
const FOR_SPREAD = 3;

/**
 * What a house learnt of the time that a working order takes: the median of its visits, pulled towards the shipped time as if
 * that were three visits more. Minutes.
 */
export function learntOf(took: readonly VisitTook[], school: School): Learnt {
  const shipped = visitMinutes(school).minutes;
  const own = took
    .filter((t) => t.school === school && t.minutes >= LEARNING.partBelow * shipped)
    .map((t) => t.minutes)
    .sort((a, b) => a - b);
  const n = own.length;
  if (n === 0) return { minutes: shipped, low: null, high: null, visits: 0, shipped };
  const middle = quantile(own, 0.5)!;
  const spread = n >= FOR_SPREAD;
  return {
    minutes: (n * middle + LEARNING.shippedWeighs * shipped) / (n + LEARNING.shippedWeighs),
    low: spread ? quantile(own, 0.1) : null,
    high: spread ? quantile(own, 0.9) : null,
    visits: n,
    shipped,
  };
}

/** Minutes of each station as a house takes them: the shipped ones, all longer or shorter by what its visits are. */
export function stationMinutes(school: School, { minutes, shipped }: Pick<Learnt, 'minutes' | 'shipped'>) {
  const times = shipped > 0 ? minutes / shipped : 1;
  return Object.fromEntries(
    STATION_TABLE.flatMap((s) => (s.minutes[school] === undefined ? [] : [[s.id, s.minutes[school]! * times]])),
  ) as Partial<Record<StationId, number>>;
}
