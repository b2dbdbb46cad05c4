import type { StationId } from './stations';
import type { Stop } from './visit-order';

/** Where a visit stands on its order at a moment. */
export interface OnPlan {
  readonly current: Pick<Stop, 'station' | 'from' | 'to'>;
  readonly next: Pick<Stop, 'station' | 'from' | 'to'> | null;
  /** Minutes past the end of the station in hand; 0 while it is in time. */
  readonly behind: number;
}

/** The station in hand: the first of the order that is not done, and how far its time is over. Null once all are done. Minutes from midnight. */
export function onPlan(
  stops: readonly Pick<Stop, 'station' | 'from' | 'to'>[],
  done: ReadonlySet<StationId>,
  now: number,
): OnPlan | null {
  const left = stops.filter((s) => !done.has(s.station));
  const [current, next] = left;
  return current ? { current, next: next ?? null, behind: Math.max(0, now - current.to) } : null;
}
