import { useMemo } from 'react';
import type { School } from '@/core/catalogue/schools';
import { SCHOOL_ORDER, STATIONS, type StationId } from '@/core/days/stations';
import { useKeptOnDevice } from '@/ui/kept-on-device';

const keyOf = (school: School) => `farvin-own-order-${school}`;
const NAMES: ReadonlySet<string> = new Set(STATIONS);

/** An order as it was kept: stations that there are, each once; null where none was kept. */
export function readOwnOrder(kept: string | null): readonly StationId[] | null {
  if (kept === null) return null;
  const ids = [...new Set(kept.split(' '))].filter((id): id is StationId => NAMES.has(id));
  return ids.length > 0 ? ids : null;
}

/** An own order with one station a place further towards its beginning or end. */
export function movedStation(order: readonly StationId[], id: StationId, by: -1 | 1): readonly StationId[] {
  const i = order.indexOf(id);
  const j = i + by;
  if (i < 0 || j < 0 || j >= order.length) return order;
  const next = [...order];
  [next[i], next[j]] = [next[j]!, next[i]!];
  return next;
}

/** The order of stations that the person of this device goes by, kept on it: the school's, until one is moved. */
export function useOwnOrder(school: School) {
  const [kept, keep] = useKeptOnDevice(keyOf(school));
  const own = useMemo(() => readOwnOrder(kept), [kept]);
  const set = (order: readonly StationId[] | null) => keep(order?.join(' ') ?? null);
  return { own, order: own ?? SCHOOL_ORDER[school], set };
}
