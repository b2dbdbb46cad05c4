import { boxOf, centroid, type Point, pointAlong } from '../body/geometry';
import { mirrorSlug, type Plan, seamSlug, toPanel } from '../body/plan';
import type { Seam, Zone } from '../body/zone';
import type { AnyRecord, BodyOf } from '../kinds';
import { recordsOf } from '../records/reduce';
import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { DEFAULT_TOLERANCES, RIGID_LIMITS, type Tolerance, toleranceFor } from './defaults';
import { type FitStation, fitPanel, type Hung, type PanelFitResult, type Side } from './panel-fit';
import { type SeamSummary, summarise } from './seam-summary';

export interface SeamStation {
  readonly sMm: number;
  readonly gap: Estimate | null;
  readonly flushMm: number | null;
  readonly flushSeMm: number;
}

export interface SeamFit extends SeamSummary {
  readonly seam: string;
  readonly nominalMm: number;
  readonly goodMm: number;
  readonly flushGoodMm: number;
  readonly stations: readonly SeamStation[];
  /** 100 for a seam of one width, 0 for one that varies by as much as the tolerance. */
  readonly evenness: number | null;
  /** Share of its places within the tolerance of its era. */
  readonly within: number | null;
  readonly worstFlushMm: number | null;
}

export const FIT_HINTS = ['worn-top-hinge', 'sagging-body', 'shifted-front', 'lean'] as const;

/** A pattern that suggests a cause; inferred, never a fact. */
export interface FitHint {
  readonly kind: (typeof FIT_HINTS)[number];
  readonly zones: readonly string[];
  /** The figures behind it, mm. */
  readonly figuresMm: readonly number[];
}

export interface Stance {
  /** Left less right at the front and at the rear, and rear less front on each side, mm. */
  readonly leanFrontMm: number;
  readonly leanRearMm: number;
  readonly rakeLeftMm: number;
  readonly rakeRightMm: number;
}

export interface CarFit {
  readonly tolerance: Tolerance;
  readonly seams: readonly SeamFit[];
  readonly evenness: Readonly<Record<'left' | 'right' | 'centre', number | null>>;
  readonly twins: readonly { readonly seam: string; readonly twin: string; readonly differMm: Estimate }[];
  readonly panels: readonly { readonly zone: string; readonly hung: Hung; readonly fit: PanelFitResult }[];
  readonly hints: readonly FitHint[];
  readonly stance: Stance | null;
}

/** House values of what is worth a hint. */
export const HINT_LIMITS = {
  /** Drop of a door's latch edge by its fit or on opening, and the least by its fit beside a drop on opening, mm. */
  dropMm: 1.5,
  hangsMm: 0.6,
  /** Closing of both doors' gaps towards the top, mm. */
  closesMm: 1,
  /** Difference of the gaps beside the hood, mm. */
  shiftMm: 1.5,
  source: 'house starting values',
} as const;

const PANELS: readonly (readonly [RegExp, Hung])[] = [
  [/^door\./, 'door'],
  [/^hood$/, 'hood'],
  [/^deck$/, 'deck'],
];

type Station = BodyOf<'gap'>['stations'][number];
type Stretch = readonly [from: number, to: number];

/** The stretch of a seam that a record speaks of, mm: between its places, and half a step beyond. */
function stretchOf(g: BodyOf<'gap'>, places: readonly number[], lengthMm: number): Stretch {
  const [first, last] = [Math.min(...places), Math.max(...places)];
  // Typed figures are spread over the whole seam; a picture shows a piece of it.
  const step = g.by === 'photo' ? (last - first) / Math.max(1, places.length - 1) : lengthMm / places.length;
  return [first - step / 2, last + step / 2];
}

/**
 * What is true of a seam now: of several records the latest, by instant, at each place. What was measured before an
 * adjustment counts no more where it was measured again; elsewhere it stands. Gap and flushness each for themselves.
 */
function latestStations(gaps: readonly BodyOf<'gap'>[], lengthMm: number): Station[] {
  const covered = { gapMm: [] as Stretch[], flushMm: [] as Stretch[] };
  const newestFirst = gaps
    .map((g, i) => ({ g, i }))
    .sort((a, b) => Date.parse(b.g.at) - Date.parse(a.g.at) || b.i - a.i);
  return newestFirst.flatMap(({ g }) => {
    const taken = g.stations.filter((s) => s.touched !== 'dropped' && (s.gapMm !== null || s.flushMm !== null));
    const news = { ...covered };
    for (const what of ['gapMm', 'flushMm'] as const) {
      const places = taken.filter((s) => s[what] !== null).map((s) => s.sMm);
      if (places.length > 0) news[what] = [...covered[what], stretchOf(g, places, lengthMm)];
    }
    const free = (what: 'gapMm' | 'flushMm', s: Station) =>
      s[what] !== null && !covered[what].some(([from, to]) => from <= s.sMm && s.sMm <= to);
    const left = taken
      .map((s) => ({ ...s, gapMm: free('gapMm', s) ? s.gapMm : null, flushMm: free('flushMm', s) ? s.flushMm : null }))
      .filter((s) => s.gapMm !== null || s.flushMm !== null);
    covered.gapMm = news.gapMm;
    covered.flushMm = news.flushMm;
    return left;
  });
}

function stationsOf(gaps: readonly BodyOf<'gap'>[], lengthMm: number): SeamStation[] {
  return latestStations(gaps, lengthMm)
    .map((s) => {
      const se = s.gapSeMm ?? RIGID_LIMITS.typedSeMm;
      return {
        sMm: s.sMm,
        gap:
          s.gapMm === null
            ? null
            : { value: s.gapMm, low: Math.max(0, s.gapMm - Z_90 * se), high: s.gapMm + Z_90 * se, n: 1 },
        flushMm: s.flushMm,
        flushSeMm: s.flushSeMm ?? RIGID_LIMITS.typedSeMm,
      };
    })
    .sort((a, b) => a.sMm - b.sMm);
}

/** A seam's widths as measured on one picture, summed up against a tolerance, for showing before they are kept. */
export function seamStations(
  stations: readonly { readonly sMm: number; readonly widthMm: Estimate | null }[],
  tolerance: Tolerance = toleranceFor({ year: null }),
): SeamFit {
  const placed = stations.map((s) => ({ sMm: s.sMm, gap: s.widthMm, flushMm: null, flushSeMm: 0 }));
  return seamFit('', placed, tolerance);
}

function seamFit(seam: string, stations: readonly SeamStation[], tolerance: Tolerance): SeamFit {
  const summary = summarise(
    stations.map((s) => ({ sMm: s.sMm, widthMm: s.gap })),
    0,
  );
  const widths = stations.flatMap((s) => (s.gap ? [s.gap.value!] : []));
  const mean = summary.meanMm.value ?? 0;
  const sd = Math.sqrt(widths.reduce((t, w) => t + (w - mean) ** 2, 0) / (widths.length || 1));
  const flush = stations.flatMap((s) => (s.flushMm === null ? [] : [s.flushMm]));
  return {
    ...summary,
    seam,
    nominalMm: tolerance.nominalMm,
    goodMm: tolerance.goodMm,
    flushGoodMm: tolerance.flushMm,
    stations,
    evenness: widths.length < 2 ? null : 100 * (1 - Math.min(1, sd / tolerance.goodMm)),
    within:
      widths.length === 0
        ? null
        : widths.filter((w) => Math.abs(w - tolerance.nominalMm) <= tolerance.goodMm).length / widths.length,
    worstFlushMm: flush.length === 0 ? null : flush.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a)),
  };
}

/** A place of a seam in the plane of one of its panels: x forward, y up (or to the car's left on a lying panel). */
function placeOn(zone: Zone, seam: Seam, sMm: number): { x: number; y: number; side: Side } {
  const line = seam.lines[seam.zones[0] === zone.slug ? 0 : 1];
  const share = Math.min(1, Math.max(0, sMm / seam.lengthMm));
  const at = (s: number) => plane(zone, pointAlong(line, s));
  const [p, a, b] = [at(share), at(Math.max(0, share - 0.1)), at(Math.min(1, share + 0.1))];
  const middle = plane(zone, centroid(zone.outline));
  const upright = Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]);
  const side: Side = upright ? (p[0] > middle[0] ? 'front' : 'rear') : p[1] > middle[1] ? 'top' : 'bottom';
  return { x: p[0], y: p[1], side };
}

function plane(zone: Zone, at: Point): readonly [number, number] {
  const { uMm, vMm } = toPanel(zone, at);
  // Lying panels count v from their left edge: the car's left is up.
  return [-uMm, zone.upright ? vMm : -vMm];
}

/** The stations around one hung panel, from every measured seam that it has. */
export function panelStations(
  plan: Plan,
  zone: Zone,
  seams: ReadonlyMap<string, Pick<SeamFit, 'nominalMm' | 'stations'>>,
): FitStation[] {
  return zone.seams.flatMap((slug) => {
    const [seam, fit] = [plan.seams.get(slug), seams.get(slug)];
    if (!seam || !fit) return [];
    const sign = seam.zones[0] === zone.slug ? 1 : -1;
    return fit.stations.map((s): FitStation => {
      const { x, y, side } = placeOn(zone, seam, s.sMm);
      return {
        side,
        xMm: x,
        yMm: y,
        nominalMm: fit.nominalMm,
        gapMm: s.gap?.value ?? null,
        gapSeMm: s.gap ? (s.gap.high! - s.gap.low!) / (2 * Z_90) : null,
        flushMm: s.flushMm === null ? null : sign * s.flushMm,
        flushSeMm: s.flushMm === null ? null : s.flushSeMm,
      };
    });
  });
}

/** Gap at the upper end of an upright seam less that at its lower end, mm; null without both. */
function widerAtTop(plan: Plan, zone: Zone, fit: SeamFit): number | null {
  const seam = plan.seams.get(fit.seam)!;
  const placed = fit.stations.flatMap((s) => {
    const p = placeOn(zone, seam, s.sMm);
    return s.gap && (p.side === 'front' || p.side === 'rear') ? [{ y: p.y, w: s.gap.value! }] : [];
  });
  if (placed.length < 2) return null;
  placed.sort((a, b) => a.y - b.y);
  return placed.at(-1)!.w - placed[0]!.w;
}

/** How much lower the latch edge of a door hangs than its hinge edge, mm, by its fitted turn. */
function latchDrop(zone: Zone, fit: Extract<PanelFitResult, { ok: true }>): number {
  const box = boxOf(zone.outline);
  return (fit.inPlane.rotMrad.value! / 1000) * (box.maxX - box.minX);
}

function hintsOf(
  plan: Plan,
  records: readonly AnyRecord[],
  seams: ReadonlyMap<string, SeamFit>,
  panels: CarFit['panels'],
  stance: Stance | null,
  leanMm: number,
): FitHint[] {
  const hints: FitHint[] = [];
  const closing = new Map<string, number[]>();
  for (const { zone: slug, hung, fit } of panels) {
    if (hung !== 'door') continue;
    const zone = plan.zones.get(slug)!;
    const side = slug.includes('.left') ? 'left' : 'right';
    const tops = zone.seams.flatMap((s) => {
      const found = seams.get(s);
      return found ? (widerAtTop(plan, zone, found) ?? []) : [];
    });
    closing.set(side, [...(closing.get(side) ?? []), ...tops]);
    const opened = recordsOf(records, 'shut').findLast((s) => s.body.zone === slug)?.body.dropMm ?? 0;
    const hangs = fit.ok && fit.verdict !== 'good' && fit.verdict !== 'reshape' ? latchDrop(zone, fit) : 0;
    // A door that hangs low at its latch and drops further when it is opened: its upper hinge has worn.
    if (hangs >= HINT_LIMITS.dropMm || (opened >= HINT_LIMITS.dropMm && hangs >= HINT_LIMITS.hangsMm))
      hints.push({ kind: 'worn-top-hinge', zones: [slug], figuresMm: opened > 0 ? [hangs, opened] : [hangs] });
  }
  const both = ['left', 'right'].map((s) => closing.get(s) ?? []);
  const mean = (list: readonly number[]) => list.reduce((t, v) => t + v, 0) / list.length;
  if (both.every((l) => l.length > 0 && mean(l) <= -HINT_LIMITS.closesMm))
    hints.push({
      kind: 'sagging-body',
      zones: panels.filter((p) => p.hung === 'door').map((p) => p.zone),
      figuresMm: both.map(mean),
    });
  const [left, right] = ['fender.left', 'fender.right'].map(
    (z) => seams.get(seamSlug(z, 'hood'))?.meanMm.value ?? null,
  );
  if (typeof left === 'number' && typeof right === 'number' && Math.abs(left - right) >= HINT_LIMITS.shiftMm)
    hints.push({ kind: 'shifted-front', zones: ['hood', 'fender.left', 'fender.right'], figuresMm: [left, right] });
  if (stance && Math.max(Math.abs(stance.leanFrontMm), Math.abs(stance.leanRearMm)) >= leanMm)
    hints.push({ kind: 'lean', zones: [], figuresMm: [stance.leanFrontMm, stance.leanRearMm] });
  return hints;
}

/**
 * How the whole car fits: every measured seam against the tolerance of its era, evenness by side, left against right, where
 * each door, hood and deck hangs and whether adjusting brings it right, the stance, and patterns that suggest causes. Empty
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
  const gaps = recordsOf(records, 'gap').map((g) => g.body);
  const seams = new Map<string, SeamFit>();
  for (const seam of plan.seams.values()) {
    const stations = stationsOf(
      gaps.filter((g) => g.seam === seam.slug),
      seam.lengthMm,
    );
    if (stations.length > 0) seams.set(seam.slug, seamFit(seam.slug, stations, toleranceFor(about, rows, seam.slug)));
  }
  const panels = [...plan.zones.values()].flatMap((zone) => {
    const hung = PANELS.find(([is]) => is.test(zone.slug))?.[1];
    const stations = hung ? panelStations(plan, zone, seams) : [];
    const own = toleranceFor(about, rows, zone.slug);
    return hung && stations.length > 0
      ? [
          {
            zone: zone.slug,
            hung,
            fit: fitPanel(stations, { hung, goodMm: own.goodMm, flushMm: own.flushMm }),
          },
        ]
      : [];
  });
  const s = recordsOf(records, 'stance').at(-1)?.body;
  const stance = s
    ? {
        leanFrontMm: s.leftFrontMm - s.rightFrontMm,
        leanRearMm: s.leftRearMm - s.rightRearMm,
        rakeLeftMm: s.leftRearMm - s.leftFrontMm,
        rakeRightMm: s.rightRearMm - s.rightFrontMm,
      }
    : null;
  const sideOf = (slug: string) => (slug.includes('.left') ? 'left' : slug.includes('.right') ? 'right' : 'centre');
  const evenness = (side: 'left' | 'right' | 'centre') => {
    const own = [...seams.values()].filter((f) => sideOf(f.seam) === side && f.evenness !== null);
    const length = own.reduce((t, f) => t + plan.seams.get(f.seam)!.lengthMm, 0);
    return own.length === 0
      ? null
      : own.reduce((t, f) => t + f.evenness! * plan.seams.get(f.seam)!.lengthMm, 0) / length;
  };
  return {
    tolerance,
    seams: [...seams.values()],
    evenness: { left: evenness('left'), right: evenness('right'), centre: evenness('centre') },
    twins: [...seams.values()].flatMap((f) => twinOf(f, seams)),
    panels,
    hints: hintsOf(plan, records, seams, panels, stance, tolerance.leanMm),
    stance,
  };
}

/** Seams by how little of them is within tolerance, then by how uneven they are. */
export function worstFirst(seams: readonly SeamFit[]): SeamFit[] {
  return [...seams].sort((a, b) => (a.within ?? 1) - (b.within ?? 1) || (a.evenness ?? 100) - (b.evenness ?? 100));
}

/** A left seam against the right one, by their means. */
function twinOf(fit: SeamFit, seams: ReadonlyMap<string, SeamFit>): CarFit['twins'] {
  if (!fit.seam.includes('.left')) return [];
  const [a, b] = fit.seam.split('|') as [string, string];
  const twin = seams.get(seamSlug(mirrorSlug(a) ?? a, mirrorSlug(b) ?? b));
  if (!twin || twin.seam === fit.seam || fit.meanMm.value === null || twin.meanMm.value === null) return [];
  const value = fit.meanMm.value - twin.meanMm.value;
  const half = Math.hypot((fit.meanMm.high! - fit.meanMm.low!) / 2, (twin.meanMm.high! - twin.meanMm.low!) / 2);
  return [
    {
      seam: fit.seam,
      twin: twin.seam,
      differMm: { value, low: value - half, high: value + half, n: fit.meanMm.n + twin.meanMm.n },
    },
  ];
}

/** Places along a seam at which so many typed figures were measured: even, clear of the ends; mm. */
export function notches(lengthMm: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => Math.round(((i + 0.5) * lengthMm) / count));
}

/**
 * By how many tolerances each panel's measured gaps and flushness go beyond theirs: the mean over its stations of what
 * exceeds the tolerance, as a share of it. Panels within tolerance have 0; panels not measured are not in the map.
 */
export function beyondTolerance(fit: CarFit): Map<string, number> {
  const sums = new Map<string, { beyond: number; n: number }>();
  for (const f of fit.seams)
    for (const s of f.stations) {
      const off = [
        ...(s.gap ? [Math.abs(s.gap.value! - f.nominalMm) / f.goodMm] : []),
        ...(s.flushMm === null ? [] : [Math.abs(s.flushMm) / f.flushGoodMm]),
      ];
      for (const zone of f.seam.split('|')) {
        const held = sums.get(zone) ?? { beyond: 0, n: 0 };
        sums.set(zone, {
          beyond: held.beyond + off.reduce((t, v) => t + Math.max(0, v - 1), 0),
          n: held.n + off.length,
        });
      }
    }
  return new Map([...sums].map(([zone, { beyond, n }]) => [zone, n === 0 ? 0 : beyond / n]));
}
