import type { Span } from './visit-order';

/** Minutes from car to car, by how far apart they stand, and to fetch a key where it hangs. */
export const MOVING_MIN = { bay: 1, row: 3, place: 8, unknown: 4, key: 5, source: 'house starting values' } as const;

/** Keys that hang somewhere: how long fetching them takes, and between which hours they are handed out. */
export interface HungKeys {
  readonly minutes: number;
  readonly within: Span;
}

const partsOf = (stands: string): string[] =>
  stands
    .toLowerCase()
    .split(/[,;/]/)
    .map((p) => p.trim())
    .filter(Boolean);

/**
 * Minutes on foot between two cars, from where each stands as it is written, from the large to the small ("Tramshed, row A, bay
 * 3"): the next bay where only the last part differs, another row where the place is the same, else another place. `from`
 * undefined: the day's first car, to which nobody walked from another. Where one of them is not told: house starting value.
 */
export function moveMinutes(from: string | undefined, to: string | undefined): number {
  if (from === undefined || to === undefined) return 0;
  const [a, b] = [partsOf(from), partsOf(to)];
  if (a.length === 0 || b.length === 0) return MOVING_MIN.unknown;
  if (a[0] !== b[0]) return MOVING_MIN.place;
  const row = (p: readonly string[]) => p.slice(0, Math.max(1, p.length - 1)).join();
  return row(a) === row(b) ? MOVING_MIN.bay : MOVING_MIN.row;
}

/**
 * When somebody stands at a car with its key, who was free at a moment at another: the key is fetched first, in its hours. Null
 * where it is handed out no more that day. Minutes from midnight.
 */
export function atCar(
  free: number,
  last: string | undefined,
  lot: { readonly stands?: string; readonly keys?: HungKeys },
): number | null {
  const walk = moveMinutes(last, lot.stands);
  if (!lot.keys) return free + walk;
  const asks = Math.max(free, lot.keys.within[0]);
  return asks > lot.keys.within[1] ? null : asks + lot.keys.minutes + walk;
}
