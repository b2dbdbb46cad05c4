import { KM_PER_MILE, type OdometerTable } from './odometer-table';

/** What an odometer showed on a day. */
export interface OdometerReading {
  /** A day, ISO 8601. */
  readonly on: string;
  readonly value: number;
  readonly source: string;
  /** From this reading on it is another odometer, or one that was set: what the car had run before is not in it. */
  readonly changed?: boolean;
}
export interface OdometerAsked {
  /** Digits that count up before it is at nought again; tenths do not count. */
  readonly digits: number;
  readonly unit: 'km' | 'mi';
  /** What the car is said to have run; null: that it has run what is shown. */
  readonly claim: number | null;
  /** Day of building; null: not known, and nothing is told of the time before the first reading. */
  readonly built: string | null;
}

/** A reading as distance run, in the odometer's unit. */
export interface RunReading extends OdometerReading {
  readonly total: number;
  /** The distance from the reading before, a year; null for the first. */
  readonly perYear: number | null;
}
export interface OdometerHistory {
  readonly readings: readonly RunReading[];
  readonly total: number;
  /** Times that it went round. */
  readonly rounds: number;
  /** After a change it is at least that: what lay between the last reading of the old and the change is not known. */
  readonly atLeast: boolean;
}

export type OdometerStatus = 'supported' | 'not supported' | 'contradicted';
/** Why, with what it speaks of. */
export type OdometerWhy =
  | { readonly what: 'no-readings' }
  | { readonly what: 'falls'; readonly from: OdometerReading; readonly to: OdometerReading }
  | { readonly what: 'too-far'; readonly from: OdometerReading; readonly to: OdometerReading }
  | { readonly what: 'no-history-fits'; readonly least: number }
  | { readonly what: 'may-have-gone-round'; readonly from: OdometerReading | null; readonly to: OdometerReading }
  | { readonly what: 'few-readings'; readonly n: number; readonly need: number }
  | { readonly what: 'changed'; readonly at: OdometerReading }
  | { readonly what: 'before-the-first' }
  | { readonly what: 'chain'; readonly n: number };

export interface OdometerAnswer {
  readonly status: OdometerStatus;
  /** Every consistent history, the one that went round least often first; empty where none is. */
  readonly histories: readonly OdometerHistory[];
  /** There are more than are listed. */
  readonly more: boolean;
  readonly why: readonly OdometerWhy[];
}

const YEAR_MS = 365.2425 * 86_400_000;
const yearsBetween = (a: string, b: string) => Math.max(0, (Date.parse(b) - Date.parse(a)) / YEAR_MS);

interface Limits {
  readonly round: number;
  readonly most: (years: number) => number;
  readonly usual: (years: number) => number;
}

function limitsOf({ digits, unit }: OdometerAsked, t: OdometerTable): Limits {
  const per = unit === 'mi' ? KM_PER_MILE : 1;
  return {
    round: 10 ** digits,
    most: (years) => (t.mostKmPerYear * years + t.atOnceKm) / per,
    usual: (years) => (t.usualKmPerYear * years + t.atOnceKm) / per,
  };
}

/**
 * Distances that can lie between two readings: as shown, or round as often as it must to rise; and further rounds as far as is
 * usual in that time. None where it must have run further than any car does.
 */
function between(rise: number, years: number, l: Limits): readonly number[] {
  const least = rise >= 0 ? rise : rise + l.round * Math.ceil(-rise / l.round);
  if (least > l.most(years)) return [];
  const out = [least];
  for (let d = least + l.round; d <= l.usual(years); d += l.round) out.push(d);
  return out;
}

/** In the order of their days; of one day as given. */
const inOrder = (readings: readonly OdometerReading[]) =>
  readings
    .map((r, i) => [r, i] as const)
    .sort(([a, i], [b, k]) => (a.on < b.on ? -1 : a.on > b.on ? 1 : i - k))
    .map(([r]) => r);

interface Grown {
  readonly readings: readonly RunReading[];
  readonly rounds: number;
  readonly atLeast: boolean;
}

function firstOnes(first: OdometerReading, asked: OdometerAsked, l: Limits): readonly Grown[] {
  const years = asked.built === null ? null : yearsBetween(asked.built, first.on);
  const starts = [first.value];
  if (years !== null && !first.changed)
    for (let v = first.value + l.round; v <= l.usual(years); v += l.round) starts.push(v);
  return starts.map((total, rounds) => ({
    readings: [{ ...first, total, perYear: null }],
    rounds,
    atLeast: first.changed === true,
  }));
}

function grown(from: Grown, next: OdometerReading, l: Limits): readonly Grown[] {
  const last = from.readings[from.readings.length - 1]!;
  const years = yearsBetween(last.on, next.on);
  const perYear = (d: number) => (years > 0 ? d / years : null);
  if (next.changed)
    // The new one shows what it shows: since the reading before nothing is known but that it did not run back.
    return [{ ...from, atLeast: true, readings: [...from.readings, { ...next, total: last.total, perYear: null }] }];
  return between(next.value - last.value, years, l).map((d) => ({
    readings: [...from.readings, { ...next, total: last.total + d, perYear: perYear(d) }],
    rounds: from.rounds + Math.round((d - (next.value - last.value)) / l.round),
    atLeast: from.atLeast,
  }));
}

/** The step that no history can take, where there is none. */
function brokenAt(list: readonly OdometerReading[], l: Limits): OdometerWhy | null {
  for (const [i, next] of list.entries()) {
    const last = list[i - 1];
    if (!last || next.changed) continue;
    if (between(next.value - last.value, yearsBetween(last.on, next.on), l).length > 0) continue;
    return { what: next.value < last.value ? 'falls' : 'too-far', from: last, to: next };
  }
  return null;
}

/** Steps in which it may have gone round unseen: a reading between would settle it. */
function openSteps(histories: readonly OdometerHistory[]): readonly OdometerWhy[] {
  const [first, ...others] = histories;
  if (!first) return [];
  return first.readings.flatMap((r, i): OdometerWhy[] => {
    const step = (h: OdometerHistory) => h.readings[i]!.total - (h.readings[i - 1]?.total ?? 0);
    return others.some((h) => step(h) !== step(first))
      ? [{ what: 'may-have-gone-round', from: first.readings[i - 1] ?? null, to: r }]
      : [];
  });
}

/**
 * Whether readings carry a distance. Every history is found in which the distance never falls but by going round or by a
 * recorded change, and no more is driven in a year than any car is. Contradicted: no history, or none that comes to the claim.
 * Supported: every one comes to it, by a chain of readings. Not supported otherwise, with what would settle it. Readings in
 * any order; values and claim in the odometer's unit. Never more than the readings tell: a clock set back between two of them
 * and driven up again is not seen.
 */
export function odometerHistories(
  given: readonly OdometerReading[],
  asked: OdometerAsked,
  t: OdometerTable,
): OdometerAnswer {
  const list = inOrder(given);
  if (list.length === 0) return { status: 'not supported', histories: [], more: false, why: [{ what: 'no-readings' }] };
  const l = limitsOf(asked, t);
  // Bounded: histories with more rounds than the listed ones are dropped as they grow.
  let all = firstOnes(list[0]!, asked, l);
  let more = false;
  for (const next of list.slice(1)) {
    all = all.flatMap((g) => grown(g, next, l)).sort((a, b) => a.rounds - b.rounds);
    if (all.length > t.mostHistories) {
      all = all.slice(0, t.mostHistories);
      more = true;
    }
  }
  const histories = all
    .map(({ readings, rounds, atLeast }) => ({
      readings,
      rounds,
      atLeast,
      total: readings[readings.length - 1]!.total,
    }))
    .sort((a, b) => a.rounds - b.rounds || a.total - b.total);
  if (histories.length === 0) return { status: 'contradicted', histories, more, why: [brokenAt(list, l)!] };
  const claim = asked.claim ?? list[list.length - 1]!.value;
  const off = Math.max(t.claimOffShare * claim, t.claimOffKm / (asked.unit === 'mi' ? KM_PER_MILE : 1));
  const comes = (h: OdometerHistory) => Math.abs(h.total - claim) <= off || (h.atLeast && h.total <= claim + off);
  const fitting = histories.filter(comes);
  if (fitting.length === 0)
    return {
      status: 'contradicted',
      histories,
      more,
      why: [{ what: 'no-history-fits', least: Math.min(...histories.map((h) => h.total)) }],
    };
  const change = list.find((r) => r.changed);
  const why: OdometerWhy[] = [
    ...openSteps(histories),
    ...(list.length < t.leastReadings
      ? [{ what: 'few-readings' as const, n: list.length, need: t.leastReadings }]
      : []),
    ...(change ? [{ what: 'changed' as const, at: change }] : []),
  ];
  const open = why.length > 0 || fitting.length < histories.length || more;
  if (open) return { status: 'not supported', histories, more, why };
  return {
    status: 'supported',
    histories,
    more,
    why: [{ what: 'chain', n: list.length }, ...(asked.built === null ? [{ what: 'before-the-first' as const }] : [])],
  };
}
