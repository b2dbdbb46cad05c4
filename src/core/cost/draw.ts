import type { Trade } from '../catalogue/remedies';
import { quantile } from '../stats/quantile';
import { normalDraw, type Random, seeded } from '../stats/random';
import { drawFrom, ready, type Triple } from '../stats/triangular';
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
  /** The aspect of it that nobody saw. */
  readonly of: string;
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
const MOST_SORTED = 1000;

function quantilesOf(values: Float64Array): Quantiles {
  const sorted = Float64Array.from(values).sort();
  return { p10: quantile(sorted, TENTH)!, p50: quantile(sorted, 0.5)!, p90: quantile(sorted, 1 - TENTH)! };
}

/** Means of the whole where a driver is among its lowest tenth and among its highest. */
function movedBy(driver: Float64Array, whole: Float64Array): { low: number; high: number } {
  // Where its tenths begin is told well enough by a part of the draws.
  const step = Math.max(1, Math.floor(driver.length / MOST_SORTED));
  const sorted = Float64Array.from({ length: Math.ceil(driver.length / step) }, (_, i) => driver[i * step]!).sort();
  const [from, to] = [quantile(sorted, TENTH)!, quantile(sorted, 1 - TENTH)!];
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
  const { jobs, surprises, unseen, rates, tradeSd } = input;
  const random = seeded(seed);
  const trades = [...new Set([...jobs, ...surprises].flatMap((j) => j.trades))];
  const index = new Map(trades.map((t, i) => [t, i]));
  const fresh = () => new Float64Array(draws);
  const [whole, known, unknown] = [fresh(), fresh(), fresh()];
  const factors = trades.map(fresh);
  const byTrade = trades.map(fresh);
  const hoursOf = new Float64Array(trades.length);
  const tradeRates = Float64Array.from(trades, (t) => rates[t] ?? 0);
  const prepared = (j: Pick<Job, 'trades' | 'hours' | 'parts'>) => ({
    owners: j.trades.map((t) => index.get(t)!),
    rate: j.trades.reduce((s, t) => s + (rates[t] ?? 0), 0) / j.trades.length,
    hours: ready(j.hours),
    parts: ready(j.parts),
  });
  const own = jobs.map((j) => ({ ...prepared(j), unsure: input.unsure.has(j.work), drawn: fresh() }));
  const beside = surprises.map((s) => ({ ...prepared(s), chance: s.chance, drawn: fresh() }));
  const more = ready(input.unsureTimes);
  for (const f of factors)
    for (let i = 0; i < draws; i++) f[i] = Math.exp(tradeSd * normalDraw(random) - tradeSd ** 2 / 2);
  const [h, p] = [fresh(), fresh()];
  /** Adds what was drawn last to the trades that share it, trade by trade: what is written lies side by side. */
  const share = (owners: readonly number[]): void => {
    const n = owners.length;
    for (const k of owners) {
      const [factor, money, rate] = [factors[k]!, byTrade[k]!, tradeRates[k]!];
      let hours = 0;
      for (let i = 0; i < draws; i++) {
        const own = (h[i]! / n) * factor[i]!;
        const paid = own * rate + p[i]! / n;
        hours += own;
        money[i]! += paid;
        known[i]! += paid;
      }
      hoursOf[k]! += hours;
    }
  };
  for (const { owners, rate, hours, parts, unsure, drawn } of own) {
    for (let i = 0; i < draws; i++) {
      h[i] = drawFrom(hours, random()) * (unsure ? drawFrom(more, random()) : 1);
      p[i] = drawFrom(parts, random());
      // What makes a job dear by itself; its trade's factor is told by itself too.
      drawn[i] = h[i]! * rate + p[i]!;
    }
    share(owners);
  }
  for (const { owners, rate, hours, parts, chance, drawn } of beside) {
    for (let i = 0; i < draws; i++) {
      const needed = random() < chance;
      h[i] = needed ? drawFrom(hours, random()) : 0;
      p[i] = needed ? drawFrom(parts, random()) : 0;
      drawn[i] = h[i]! * rate + p[i]!;
    }
    share(owners);
  }
  const car = fresh().fill(1);
  if (unseen.length > 0)
    for (let i = 0; i < draws; i++) car[i] = Math.exp(input.unseenSd * normalDraw(random) - input.unseenSd ** 2 / 2);
  for (const u of unseen)
    for (let i = 0; i < draws; i++) if (random() < u.chance * car[i]!) unknown[i]! += u.whole * shareDraw(u, random);
  for (let i = 0; i < draws; i++) whole[i] = known[i]! + unknown[i]!;
  const movers: Mover[] = [
    ...trades.map((t, k): Mover => ({ key: t, sort: 'trade', ...movedBy(factors[k]!, whole) })),
    ...jobs.map((j, k): Mover => ({ key: j.key, sort: 'job', ...movedBy(own[k]!.drawn, whole) })),
    ...surprises.map((s, k): Mover => ({ key: s.key, sort: 'surprise', ...movedBy(beside[k]!.drawn, whole) })),
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
