import { partOf } from '../body/zone';
import type { Trade } from '../catalogue/remedies';
import { lostShare, type Piece, piecesOf } from '../grade/pieces';
import type { Judgement } from '../judge/judge';
import { quantile } from '../stats/quantile';
import { normalDraw, seeded } from '../stats/random';
import { drawFrom, ready, type Triple } from '../stats/triangular';
import type { CostTable } from '../work/cost-table';
import type { Quantiles } from './draw';

/** A part that could be sold by itself. */
export interface PartForSale {
  readonly zone: string;
  /** Share of it that is sound, 0 to 1; null: nobody looked at it. */
  readonly sound: number | null;
  readonly price: Triple;
  readonly hours: number;
}
export interface PartedOut {
  readonly parts: readonly PartForSale[];
  /** What they bring less taking them off, with its doubt. */
  readonly brings: Quantiles;
  readonly hours: number;
}

const DRAWS = 2000;
const TENTH = 0.1;

/** The inside of a lid is sold with it. */
const INSIDE = /\.inner$/;

/** The pieces of each part that say in what condition it is. */
function piecesByZone(judgement: Judgement): ReadonlyMap<string, readonly Piece[]> {
  const byZone = new Map<string, Piece[]>();
  for (const p of piecesOf(judgement)) {
    if (p.extra || p.of === 'identity' || p.whole === 0) continue;
    const sold = p.zone.replace(INSIDE, '');
    const held = byZone.get(sold);
    if (held) held.push(p);
    else byZone.set(sold, [p]);
  }
  return byZone;
}

/** What mending takes that ends the use of the car, by finding: its axis is pulled as a whole, no share of its place is lost. */
function endedBy({ findings }: Judgement): ReadonlyMap<string, number> {
  const ends = new Set(findings.endings.flatMap((e) => e.findings));
  return new Map(findings.losses.flatMap((l) => (ends.has(l.finding) ? [[l.finding, l.effort] as const] : [])));
}

/** Share of a part that is sound, weighed by what its pieces take to redo; null where none of them was looked at. */
function soundOf(pieces: readonly Piece[], ended: ReadonlyMap<string, number>): number | null {
  const seen = pieces.filter((p) => p.state !== 'unseen');
  const whole = seen.reduce((s, p) => s + p.whole, 0);
  if (whole === 0) return null;
  const lost = (p: Piece) =>
    lostShare(p.losses.map((l) => ({ share: l.share || Math.min(1, (ended.get(l.finding ?? '') ?? 0) / p.whole) })));
  return 1 - seen.reduce((s, p) => s + p.whole * Math.min(1, lost(p)), 0) / whole;
}

/** Zones of which something is said to be missing: there is nothing to sell. */
const missingAt = ({ bright, findings }: Judgement): ReadonlySet<string> =>
  new Set([
    ...bright.ledger.flatMap((l) => (l.record?.body.presence === 'missing' && l.zone ? [l.zone] : [])),
    ...findings.all.filter((f) => f.body.flaw.startsWith('missing')).map((f) => f.body.zone),
  ]);

const times = ([a, b, c]: Triple, by: number): Triple => [a * by, b * by, c * by];

/**
 * What a car brings in parts: each part at its price by condition, one that nobody looked at at a share of it, less the hours
 * of getting them off, drawn 2,000 times with one factor for the market. Buyers for all of them are taken to be found; what is
 * left over is not counted. In the order of the plan.
 */
export function partOut(
  judgement: Judgement,
  { partOut: table }: Pick<CostTable, 'partOut'>,
  rates: Readonly<Record<Trade, number>>,
): PartedOut {
  const byZone = piecesByZone(judgement);
  const ended = endedBy(judgement);
  const gone = missingAt(judgement);
  const own = [...judgement.plan.zones.keys()].flatMap((zone) => {
    const row = table.parts[partOf(zone)];
    const pieces = byZone.get(zone);
    if (!row || !pieces || gone.has(zone)) return [];
    const sound = soundOf(pieces, ended);
    const price = times(row.price, sound === null ? table.unseenTimes : sound ** table.power);
    return [{ zone, sound, price, hours: row.hours, rate: rates[row.trade] }];
  });
  const random = seeded(1);
  const drawn = own.map((p) => ({ price: ready(p.price), hours: ready(p.hours), rate: p.rate }));
  const sums = Float64Array.from({ length: DRAWS }, () => {
    const market = Math.exp(table.marketSd * normalDraw(random) - table.marketSd ** 2 / 2);
    return drawn.reduce((s, p) => s + market * drawFrom(p.price, random()) - drawFrom(p.hours, random()) * p.rate, 0);
  }).sort();
  return {
    parts: own.map(({ zone, sound, price, hours }) => ({ zone, sound, price, hours: hours[1] })),
    brings: { p10: quantile(sums, TENTH)!, p50: quantile(sums, 0.5)!, p90: quantile(sums, 1 - TENTH)! },
    hours: own.reduce((s, p) => s + p.hours[1], 0),
  };
}
