import type { Plan } from '../body/plan';
import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { permutationP } from '../stats/permutation';
import { seeded } from '../stats/random';
import { remembered } from '../stats/remembered';
import { lnMedianMoments, medianEstimate } from './censored-fit';
import type { MeasuredZone } from './measured-zone';

/** A panel against the same one on the other side. */
export interface Contrast {
  readonly zone: string;
  readonly twin: string;
  readonly ratio: Estimate;
  readonly p: number;
  /** The ratio with a median above the gauge's ceiling put at the ceiling: the least apart they can be. Null without one. */
  readonly leastApart: number | null;
}

/** Relabellings of a twin test, always the same ones: the same readings give the same report. */
const RELABEL = { seed: 1, draws: 1000 } as const;

/** Pairs whose relabellings are kept: those of two or three cars. */
const PAIRS_KEPT = 60;

/** How often luck alone would set two panels' readings as far apart. */
const byLuck = remembered(
  (a: readonly number[], b: readonly number[], ceilingUm: number) =>
    permutationP(a, b, ceilingUm, seeded(RELABEL.seed), RELABEL.draws),
  (a, b, ceilingUm) => `${a.join()}|${b.join()}>${ceilingUm}`,
  PAIRS_KEPT,
);

/** The twins' difference by medians, and how often luck alone would bring it, by relabelling their readings. */
function contrast(a: MeasuredZone, b: MeasuredZone): Contrast | null {
  if (!a.fit || !b.fit) return null;
  const [ma, mb] = [lnMedianMoments(a.fit), lnMedianMoments(b.fit)];
  const diff = ma.mean - mb.mean;
  const sd = Math.hypot(ma.sd, mb.sd);
  const overs = [...a.sample.overUm, ...b.sample.overUm];
  const ceiling = overs.length > 0 ? Math.min(...overs) : Number.POSITIVE_INFINITY;
  const [ea, eb] = [a, b].map((m) => medianEstimate(m.fit!, m.sample));
  const known = (e: Estimate) => e.value ?? e.low!;
  // Of two panels above the ceiling nothing is known but that.
  const censored = (ea!.value === null) !== (eb!.value === null);
  const all = (m: MeasuredZone) => [...m.sample.readUm, ...m.sample.overUm];
  return {
    zone: a.zone,
    twin: b.zone,
    ratio: {
      value: Math.exp(diff),
      low: Math.exp(diff - Z_90 * sd),
      high: Math.exp(diff + Z_90 * sd),
      n: a.fit.n + b.fit.n,
    },
    p: byLuck(all(a), all(b), ceiling),
    leastApart: censored ? known(ea!) / known(eb!) : null,
  };
}

/** Every measured pair of twins. Without a plan a twin is told by its slug. */
export function contrastsOf(plan: Plan | null, measured: readonly MeasuredZone[]): Contrast[] {
  const byZone = new Map(measured.map((m) => [m.zone, m]));
  return measured.flatMap((m) => {
    if (!m.zone.includes('.left')) return [];
    const twin = plan ? plan.zones.get(m.zone)?.twin : m.zone.replace('.left', '.right');
    const other = twin ? byZone.get(twin) : undefined;
    const found = other ? contrast(m, other) : null;
    return found ? [found] : [];
  });
}
