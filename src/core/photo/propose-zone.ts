import type { AnyRecord } from '../kinds';
import { recordsOf } from '../records/reduce';

/** House values of how a picture's moment tells its place. */
export const PROPOSE_LIMITS = {
  /** Minutes between a picture and the nearest entry beyond which nothing is proposed. */
  farthestMin: 6,
  /** Minutes within which entries count as made while the picture was taken, when the camera's clock is set. */
  togetherMin: 2,
  /** Camera clocks are off by their time zone: whole quarters of an hour up to this many hours. */
  clockHours: 14,
  quarterMin: 15,
} as const;

export interface Proposal {
  readonly photo: string;
  readonly zone: string;
  /** Minutes between the picture and the entry that speaks for the zone. */
  readonly offMin: number;
  /** Entries before and after speak for the same zone. */
  readonly sure: boolean;
}

interface Moment {
  readonly atMs: number;
  readonly zone: string;
}

const MIN_MS = 60_000;

/** Where somebody was and when, from looks, readings and findings, in order of time. */
export function momentsOf(records: Iterable<AnyRecord>): Moment[] {
  const all = [...records];
  return [...recordsOf(all, 'look'), ...recordsOf(all, 'reading'), ...recordsOf(all, 'finding')]
    .map((r) => ({ atMs: Date.parse(r.body.at), zone: r.body.zone }))
    .sort((a, b) => a.atMs - b.atMs);
}

/** Index of the first moment at or after a time (binary search). */
function firstFrom(moments: readonly Moment[], atMs: number): number {
  let [low, high] = [0, moments.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (moments[middle]!.atMs < atMs) low = middle + 1;
    else high = middle;
  }
  return low;
}

const nearestMs = (moments: readonly Moment[], atMs: number): number => {
  const i = firstFrom(moments, atMs);
  return Math.min(...[moments[i - 1], moments[i]].map((m) => (m ? Math.abs(m.atMs - atMs) : Number.POSITIVE_INFINITY)));
};

/**
 * Minutes to add to the pictures' moments so that they agree best with the entries: a camera keeps local time without
 * saying so. Tries whole quarters of an hour and takes the one with the most pictures near an entry; the smallest shift
 * among equals, 0 when no picture is near one.
 */
export function cameraShiftMin(takenMs: readonly number[], moments: readonly Moment[]): number {
  const steps = (PROPOSE_LIMITS.clockHours * 60) / PROPOSE_LIMITS.quarterMin;
  const near = (shiftMin: number) =>
    takenMs.filter((t) => nearestMs(moments, t + shiftMin * MIN_MS) <= PROPOSE_LIMITS.togetherMin * MIN_MS).length;
  let best = { shift: 0, count: near(0) };
  for (let k = 1; k <= steps; k++)
    for (const shift of [k * PROPOSE_LIMITS.quarterMin, -k * PROPOSE_LIMITS.quarterMin]) {
      const count = near(shift);
      if (count > best.count) best = { shift, count };
    }
  return best.shift;
}

/**
 * Proposes the zone of each picture that has a moment and no zone, from what was entered at that moment. Pictures far
 * from every entry get no proposal. `shiftMin` is added to the pictures' moments.
 */
export function proposeZones(records: Iterable<AnyRecord>, shiftMin = 0): Proposal[] {
  const all = [...records];
  const moments = momentsOf(all);
  return recordsOf(all, 'photo').flatMap(({ id, body }): Proposal[] => {
    if (body.zone !== null || body.takenAt === null) return [];
    const atMs = Date.parse(body.takenAt) + shiftMin * MIN_MS;
    const i = firstFrom(moments, atMs);
    const [before, after] = [moments[i - 1], moments[i]];
    const off = (m: Moment | undefined) => (m ? Math.abs(m.atMs - atMs) / MIN_MS : Number.POSITIVE_INFINITY);
    const nearest = off(before) <= off(after) ? before : after;
    if (!nearest || off(nearest) > PROPOSE_LIMITS.farthestMin) return [];
    const sure = before?.zone === after?.zone && off(before) + off(after) <= 2 * PROPOSE_LIMITS.farthestMin;
    return [{ photo: id, zone: nearest.zone, offMin: off(nearest), sure }];
  });
}
