import type { Trade } from '../catalogue/remedies';
import { normalDraw, type Random, seeded } from '../stats/random';
import { type Triple, triangular } from '../stats/triangular';
import type { Job } from './jobs';

/** Something that may be needed beside the jobs: with a chance, so much money of a trade. */
export interface Surprise {
  readonly key: string;
  readonly chance: number;
  readonly trades: readonly Trade[];
  readonly hours: Triple;
  readonly parts: Triple;
}
/** A place of which nothing was seen: what it would take is spread as on cars like this one. */
export interface UnseenPlace {
  readonly zone: string;
  /** Money of redoing it. */
  readonly whole: number;
  readonly chance: number;
  readonly meanLog: number;
  readonly sdLog: number;
}

export interface DrawInput {
  readonly jobs: readonly Job[];
  readonly surprises: readonly Surprise[];
  readonly unseen: readonly UnseenPlace[];
  /** How far whole cars differ in what nobody saw of them: standard deviation of the logarithm. */
  readonly unseenSd: number;
  /** Money an hour. */
  readonly rates: Readonly<Record<Trade, number>>;
  /** Standard deviation of the logarithm of a trade's factor. */
  readonly tradeSd: number;
  /** Work whose extent shows only when it is begun, and its factor on hours. */
  readonly unsure: ReadonlySet<string>;
  readonly unsureTimes: Triple;
}

export interface Quantiles {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}
/** What moves the whole: its middle where this turns out small (the lowest tenth of draws), and where it turns out large. */
export interface Mover {
  readonly key: string;
  readonly sort: 'trade' | 'job' | 'surprise' | 'unseen';
  readonly low: number;
  readonly high: number;
}
export interface Drawn {
  readonly whole: Quantiles;
  /** Of what is known alone: without places that nobody saw. */
  readonly known: Quantiles;
  readonly unseen: Quantiles;
  readonly trades: readonly (Quantiles & { readonly trade: Trade; readonly hours: number })[];
  readonly movers: readonly Mover[];
}

const TENTH = 0.1;
const MOVERS_TOLD = 10;

const at = (sorted: Float64Array, p: number): number => {
  const place = p * (sorted.length - 1);
  const low = Math.floor(place);
  return sorted[low]! + (place - low) * (sorted[Math.min(low + 1, sorted.length - 1)]! - sorted[low]!);
};
function quantilesOf(values: Float64Array): Quantiles {
  const sorted = Float64Array.from(values).sort();
  return { p10: at(sorted, TENTH), p50: at(sorted, 0.5), p90: at(sorted, 1 - TENTH) };
}

/** Means of the whole where a driver is among its lowest tenth and among its highest. */
function movedBy(driver: Float64Array, whole: Float64Array): { low: number; high: number } {
  const sorted = Float64Array.from(driver).sort();
  const [from, to] = [at(sorted, TENTH), at(sorted, 1 - TENTH)];
  let [low, nLow, high, nHigh] = [0, 0, 0, 0];
  for (let i = 0; i < driver.length; i++) {
    if (driver[i]! <= from) {
      low += whole[i]!;
      nLow++;
    }
    if (driver[i]! >= to) {
      high += whole[i]!;
      nHigh++;
    }
  }
  return { low: low / Math.max(1, nLow), high: high / Math.max(1, nHigh) };
}

/** Share of a place that is to be redone, where something is: lognormal, at most the whole. */
const shareDraw = (u: UnseenPlace, random: Random) => Math.min(1, Math.exp(u.meanLog + u.sdLog * normalDraw(random)));

/**
 * What the jobs cost, by drawing: hours and parts triangular, a factor for each trade that is the same for all its jobs of a
 * draw, work of unsure extent multiplied by another draw, surprises with their chance, and places that nobody saw as they are
 * on cars like this one. The same for the same seed. Source: Vose, Risk Analysis, 3rd ed., ch. 11 (shared uncertainty).
 */
export function drawCost(input: DrawInput, { draws, seed }: { draws: number; seed: number }): Drawn {
  const { jobs, surprises, unseen, rates } = input;
  const random = seeded(seed);
  const trades = [...new Set([...jobs, ...surprises].flatMap((j) => j.trades))];
  const index = new Map(trades.map((t, i) => [t, i]));
  const new1 = () => new Float64Array(draws);
  const [whole, known, unknown] = [new1(), new1(), new1()];
  const byTrade = trades.map(new1);
  const hoursOf = new Float64Array(trades.length);
  const factors = trades.map(new1);
  const ofJob = jobs.map(new1);
  const ofSurprise = surprises.map(new1);
  const jobRates = jobs.map((j) => j.trades.reduce((s, t) => s + (rates[t] ?? 0), 0) / j.trades.length);
  const spread = (i: number, owners: readonly Trade[], hours: number, parts: number): number => {
    let sum = 0;
    for (const t of owners) {
      const k = index.get(t)!;
      const own = (hours / owners.length) * factors[k]![i]!;
      const money = own * (rates[t] ?? 0) + parts / owners.length;
      hoursOf[k]! += own;
      byTrade[k]![i]! += money;
      sum += money;
    }
    return sum;
  };
  for (let i = 0; i < draws; i++) {
    for (const f of factors) f[i] = Math.exp(input.tradeSd * normalDraw(random) - input.tradeSd ** 2 / 2);
    for (let j = 0; j < jobs.length; j++) {
      const { hours, parts, trades: own, work } = jobs[j]!;
      const more = input.unsure.has(work) ? triangular(input.unsureTimes, random()) : 1;
      const [h, p] = [triangular(hours, random()) * more, triangular(parts, random())];
      // What makes a job dear by itself; its trade's factor is told by itself too.
      ofJob[j]![i] = h * jobRates[j]! + p;
      known[i]! += spread(i, own, h, p);
    }
    for (let k = 0; k < surprises.length; k++) {
      const s = surprises[k]!;
      const [happens, hours, parts] = [random(), random(), random()];
      if (happens >= s.chance) continue;
      const money = spread(i, s.trades, triangular(s.hours, hours), triangular(s.parts, parts));
      ofSurprise[k]![i] = money;
      known[i]! += money;
    }
    const car = unseen.length === 0 ? 1 : Math.exp(input.unseenSd * normalDraw(random) - input.unseenSd ** 2 / 2);
    for (const u of unseen) if (random() < u.chance * car) unknown[i]! += u.whole * shareDraw(u, random);
    whole[i] = known[i]! + unknown[i]!;
  }
  const movers: Mover[] = [
    ...trades.map((t, k): Mover => ({ key: t, sort: 'trade', ...movedBy(factors[k]!, whole) })),
    ...jobs.map((j, k): Mover => ({ key: j.key, sort: 'job', ...movedBy(ofJob[k]!, whole) })),
    ...surprises.map((s, k): Mover => ({ key: s.key, sort: 'surprise', ...movedBy(ofSurprise[k]!, whole) })),
    ...(unseen.length > 0 ? [{ key: 'unseen', sort: 'unseen' as const, ...movedBy(unknown, whole) }] : []),
  ];
  return {
    whole: quantilesOf(whole),
    known: quantilesOf(known),
    unseen: quantilesOf(unknown),
    trades: trades.map((trade, k) => ({ trade, hours: hoursOf[k]! / draws, ...quantilesOf(byTrade[k]!) })),
    movers: movers.sort((a, b) => b.high - b.low - (a.high - a.low)).slice(0, MOVERS_TOLD),
  };
}
