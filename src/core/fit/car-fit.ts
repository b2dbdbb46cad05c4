import type { Plan } from '../body/plan';
import type { Zone } from '../body/zone';
import type { AnyRecord } from '../kinds';
import { recordsOf } from '../records/reduce';
import { type FitHint, hintsOf } from './hints';
import { type HungPanel, panelStations } from './hung-panels';
import { fitPanel } from './panel-fit';
import { type SeamFit, seamFit, stationsOf } from './seams';
import { type Stance, stanceOf } from './stance';
import { DEFAULT_TOLERANCES, type Tolerance, toleranceFor } from './tolerances';
import { type TwinSeams, twinOf } from './twin-seams';

export interface CarFit {
  readonly tolerance: Tolerance;
  readonly seams: readonly SeamFit[];
  readonly evenness: Readonly<Record<Zone['side'], number | null>>;
  readonly twins: readonly TwinSeams[];
  readonly panels: readonly HungPanel[];
  readonly hints: readonly FitHint[];
  readonly stance: Stance | null;
}

type ToleranceOf = (seamOrZone: string) => Tolerance;

function seamsOf(plan: Plan, records: readonly AnyRecord[], toleranceOf: ToleranceOf): Map<string, SeamFit> {
  const gaps = recordsOf(records, 'gap').map((g) => g.body);
  const seams = new Map<string, SeamFit>();
  for (const seam of plan.seams.values()) {
    const own = gaps.filter((g) => g.seam === seam.slug);
    const stations = stationsOf(own, seam.lengthMm);
    if (stations.length > 0) seams.set(seam.slug, seamFit(seam.slug, stations, toleranceOf(seam.slug)));
  }
  return seams;
}

function panelsOf(plan: Plan, seams: ReadonlyMap<string, SeamFit>, toleranceOf: ToleranceOf): HungPanel[] {
  return [...plan.zones.values()].flatMap((zone) => {
    const { slug, hung } = zone;
    const stations = hung ? panelStations(plan, zone, seams) : [];
    if (!hung || stations.length === 0) return [];
    const { goodMm, flushMm } = toleranceOf(slug);
    return [{ zone: slug, hung, fit: fitPanel(stations, { hung, goodMm, flushMm }) }];
  });
}

/** Evenness of one side's seams, by their length; null where none was measured. */
function evennessOf(plan: Plan, seams: ReadonlyMap<string, SeamFit>, side: Zone['side']): number | null {
  const sideOf = (slug: string) =>
    plan.seams
      .get(slug)!
      .zones.map((z) => plan.zones.get(z)!.side)
      .find((s) => s !== 'centre') ?? 'centre';
  const own = [...seams.values()].filter((f) => sideOf(f.seam) === side && f.evenness !== null);
  const lengthMm = (f: SeamFit) => plan.seams.get(f.seam)!.lengthMm;
  const total = own.reduce((t, f) => t + lengthMm(f), 0);
  return own.length === 0 ? null : own.reduce((t, f) => t + f.evenness! * lengthMm(f), 0) / total;
}

/**
 * How the whole car fits: every measured seam against the tolerance of its era, evenness by side, left against right, where
 * each panel that opens hangs and whether adjusting brings it right, the stance, and patterns that suggest causes. Empty
 * lists where nothing was measured; nothing unmeasured counts as good.
 */
export function fitOfCar(
  plan: Plan,
  records: readonly AnyRecord[],
  rows: readonly Tolerance[] = DEFAULT_TOLERANCES,
): CarFit {
  const car = recordsOf(records, 'car')[0]?.body;
  const about = { make: car?.make, model: car?.model, year: car?.year ?? null };
  const tolerance = toleranceFor(about, rows);
  const toleranceOf = (of: string) => toleranceFor(about, rows, of);
  const seams = seamsOf(plan, records, toleranceOf);
  const panels = panelsOf(plan, seams, toleranceOf);
  const stance = stanceOf(records);
  const [left, right, centre] = (['left', 'right', 'centre'] as const).map((side) => evennessOf(plan, seams, side));
  return {
    tolerance,
    seams: [...seams.values()],
    evenness: { left: left!, right: right!, centre: centre! },
    twins: [...seams.values()].flatMap((f) => twinOf(f, seams)),
    panels,
    hints: hintsOf(plan, records, seams, panels, stance, tolerance.leanMm),
    stance,
  };
}
