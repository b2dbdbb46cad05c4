import { contains, distanceToOutline, type Point } from '../body/geometry';
import { boxAround, type Plan, toPanel, toSheet } from '../body/plan';
import type { Zone } from '../body/zone';
import { normalQuantile } from '../stats/normal';
import { keptWith } from '../stats/remembered';
import { type FilmFit, lnMedianMoments, lnSpreadMoments } from './censored-fit';
import type { FilmReading } from './film-reading';
import type { PaintInput } from './paint-input';
import { type PanelField, panelField } from './panel-field';
import { placedFilm } from './panel-map';
import { PAINT_STATES, type PaintProfile } from './profiles';
import { gaugeCanRead, readingsNeeded, sampleOf } from './sampling';
import type { ZonePaint } from './zone-paint';

/** Why a reading is wanted there; the words are in words/paint.ts. */
export type WhyNext =
  | { readonly because: 'none-yet' | 'too-few'; readonly count: number }
  | { readonly because: 'how-far' | 'least-settled' };

export interface NextReading {
  readonly zone: string;
  readonly uMm: number;
  readonly vMm: number;
  readonly why: WhyNext;
}

/** House values of the search. */
const NEXT = {
  /** How many places are given. */
  count: 3,
  /** Keep this far from edges, where gauges misread (ASTM D7091), mm. */
  edgeMm: 40,
  /** Points tried across a panel, each way. */
  tries: 9,
  /** Quantiles at which the next reading is imagined. */
  imagined: [0.08, 0.25, 0.5, 0.75, 0.92],
  /** How much a panel that lacks readings counts beside one whose state is open, in nats. */
  lackingNats: 0.7,
  /** Weight of the doubt about the repair's outline against the doubt about the state. */
  outline: 0.35,
} as const;

const Z = NEXT.imagined.map(normalQuantile);
const entropy = (chances: readonly number[]) => -chances.reduce((s, p) => s + (p > 1e-12 ? p * Math.log(p) : 0), 0);

/** ln of a state's belief over (ln median, ln spread) at a point, without constants that all states share. */
function lnBelief(profile: PaintProfile, lnMedian: number, lnSpread: number): number[] {
  return PAINT_STATES.map((s) => {
    const b = profile.states[s];
    const [mf, sf] = [Math.log(b.medianFactor), Math.log(b.spreadFactor)];
    const zm = (lnMedian - Math.log(b.medianUm)) / mf;
    const zs = (lnSpread - Math.log(b.spread)) / sf;
    return Math.log(b.prior) - 0.5 * (zm * zm + zs * zs) - Math.log(mf * sf);
  });
}

/**
 * How much one more reading on a panel is expected to settle its state, in nats: the mutual information between the next
 * reading and the state, with the panel's fit summed up by its moments (Lindley, Ann. Math. Stat. 27, 1956; the sum as in
 * MacKay, Neural Computation 4, 1992). Each imagined reading moves level and doubt as a normal one would.
 * Added to it is half of the present doubt times the share of the level's doubt that the reading takes away: a panel that is
 * hardly read may teach little by the chances of today and still wants reading first. That part is a rule of ours.
 */
function expectedGain(fit: FilmFit, zone: ZonePaint, profile: PaintProfile): number {
  const level = lnMedianMoments(fit);
  const spread = lnSpreadMoments(fit);
  const within = Math.exp(spread.mean);
  const predictive = Math.sqrt(level.sd ** 2 + within ** 2);
  const chances = Object.values(zone.state?.[profile.id] ?? {});
  if (chances.length === 0) return 0;
  const share = level.sd ** 2 / (level.sd ** 2 + within ** 2);
  const expected = Z.map((z) => {
    const x = level.mean + z * predictive;
    const now = lnBelief(profile, level.mean, spread.mean);
    const then = lnBelief(profile, level.mean + share * (x - level.mean), spread.mean);
    // The present chances carry everything known; the imagined reading moves them by the ratio of beliefs.
    const logs = chances.map((c, i) => Math.log(Math.max(c, 1e-12)) + then[i]! - now[i]!);
    const top = Math.max(...logs);
    const weights = logs.map((l) => Math.exp(l - top));
    const sum = weights.reduce((a, b) => a + b, 0);
    return entropy(weights.map((w) => w / sum));
  });
  const mean = expected.reduce((a, b) => a + b, 0) / expected.length;
  // The entropy of the average of what is imagined is that of the present; its excess over the mean is what is learnt.
  return Math.max(0, entropy(chances) - mean) + 0.5 * share * entropy(chances);
}

interface Candidate {
  readonly sheet: Point;
  readonly uMm: number;
  readonly vMm: number;
  readonly edgeMm: number;
  readonly low: boolean;
}

/** Whether a place lies in the lowest quarter of its panel, where rust begins. */
function isLow(zone: Zone, p: Point): boolean {
  const { minY, maxY } = boxAround(zone);
  return toPanel(zone, p).vMm < (maxY - minY) / 4;
}

/** The places of a panel that are tried, by its shape alone. */
const candidatesOf = keptWith((zone: Zone): readonly Candidate[] => {
  const box = boxAround(zone);
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const steps = Array.from({ length: NEXT.tries - 1 }, (_, k) => k + 1);
  return steps
    .flatMap((i) =>
      steps.map((j): Point => [box.minX + (width * i) / NEXT.tries, box.minY + (height * j) / NEXT.tries]),
    )
    .filter((p) => contains(zone.outline, p))
    .map((sheet) => {
      const at = toPanel(zone, sheet);
      return { sheet, ...at, edgeMm: distanceToOutline(zone.outline, sheet), low: isLow(zone, sheet) };
    });
});

/** Where on the panel the next reading settles most: doubt of the film there, doubt whether it is above the cut, low places first. */
function placeFor(zone: Zone, placed: readonly Point[], field: PanelField | null, cutUm: number): Point {
  const wantLow = zone.upright && placed.filter((p) => isLow(zone, p)).length < 2;
  let best = zone.label;
  let bestScore = -Infinity;
  for (const at of candidatesOf(zone)) {
    const apart = Math.min(...placed.map((q) => Math.hypot(at.sheet[0] - q[0], at.sheet[1] - q[1])), 1500);
    const film = field?.at(at.uMm, at.vMm);
    // Nearest to the cut, in its own doubt, the outline of a repair is least known.
    const outline = film ? film.sd * Math.exp(-0.5 * ((film.mean - Math.log(cutUm)) / (film.sd + 0.05)) ** 2) : 0;
    const score =
      Math.min(apart, 1500) / 1500 +
      (film ? film.sd : 0.3) +
      NEXT.outline * 4 * outline +
      (wantLow && at.low ? 0.6 : 0) -
      (at.edgeMm < NEXT.edgeMm ? 4 : 0) +
      Math.min(at.edgeMm, 120) / 1500;
    if (score > bestScore) {
      best = at.sheet;
      bestScore = score;
    }
  }
  return best;
}

function why(zone: ZonePaint | undefined, needed: number): WhyNext {
  if (!zone || zone.n === 0) return { because: 'none-yet', count: needed };
  if (zone.lacks > 0) return { because: 'too-few', count: zone.lacks };
  return { because: zone.over > 0 ? 'how-far' : 'least-settled' };
}

/**
 * Up to three places for the next readings: on the panels where one more is expected to settle most (of the state and of
 * the number still lacking, weighed by area), each at the place whose film and whose side of the cut are least known, away
 * from edges; the most telling first. Panel millimetres; empty without a plan.
 */
export function nextReadings(
  zones: readonly ZonePaint[],
  fits: ReadonlyMap<string, FilmFit>,
  input: Pick<PaintInput, 'plan' | 'readings' | 'profiles'>,
): NextReading[] {
  const plan: Plan | null = input.plan;
  const profile = input.profiles[0];
  if (!plan || !profile) return [];
  const byZone = new Map(zones.map((z) => [z.zone, z]));
  const scored = [...plan.zones.values()]
    .filter((z) => z.view === 'outside' && z.aspects.includes('paint') && gaugeCanRead(z.metal))
    .map((zone) => {
      const paint = byZone.get(zone.slug);
      const fit = fits.get(zone.slug);
      const needed = readingsNeeded(zone.areaM2);
      const lacking = Math.min(1, (paint ? paint.lacks : needed) / needed);
      const gain =
        paint && fit ? expectedGain(fit, paint, profile) : entropy(PAINT_STATES.map(() => 1 / PAINT_STATES.length));
      return { zone, paint, fit, needed, score: (gain + NEXT.lackingNats * lacking) * Math.sqrt(zone.areaM2) };
    })
    .sort((a, b) => b.score - a.score || (a.zone.slug < b.zone.slug ? -1 : 1))
    .slice(0, NEXT.count);
  return scored.map(({ zone, paint, fit, needed }) => {
    const own = input.readings.filter((r) => r.zone === zone.slug);
    const placed = own.flatMap((r) => (r.place ? [toSheet(zone, r.place)] : []));
    const field = fit ? fieldOf(own, fit) : null;
    const { uMm, vMm } = toPanel(zone, placeFor(zone, placed, field, profile.bandsUm.factory));
    return { zone: zone.slug, uMm: Math.round(uMm), vMm: Math.round(vMm), why: why(paint, needed) };
  });
}

function fieldOf(readings: readonly FilmReading[], fit: FilmFit): PanelField | null {
  const placed = placedFilm(readings);
  const { readUm, overUm } = sampleOf(readings);
  if (placed.length === 0 || readUm.length + overUm.length === 0) return null;
  return panelField(placed, lnMedianMoments(fit).mean, Math.exp(lnSpreadMoments(fit).mean));
}
