import { type Hung, hangingOf } from '../body/hanging';
import type { Estimate } from '../stats/estimate';
import { fitThree, type Observation, type ThreeFreedoms } from './rigid';
import { RIGID_LIMITS } from './rigid-limits';

export const SIDES = ['front', 'rear', 'top', 'bottom'] as const;
export type Side = (typeof SIDES)[number];

/** A place on a panel's edge where gap and flushness were measured: mm in the panel's plane, x forward, y up. */
export interface FitStation {
  readonly side: Side;
  readonly xMm: number;
  readonly yMm: number;
  readonly nominalMm: number;
  readonly gapMm: number | null;
  readonly gapSeMm: number | null;
  /** How proud the panel stands of its neighbour; negative: sunk. */
  readonly flushMm: number | null;
  readonly flushSeMm: number | null;
}

export const FIT_VERDICTS = ['good', 'adjust', 'partly', 'reshape', 'beyond-slots'] as const;
export type FitVerdict = (typeof FIT_VERDICTS)[number];

export interface Movement {
  readonly dxMm: number;
  readonly dyMm: number;
  readonly dzMm: number;
}

export interface StationResidual {
  readonly index: number;
  readonly side: Side;
  readonly xMm: number;
  readonly yMm: number;
  readonly residualMm: number;
  readonly what: 'gap' | 'flush';
}

/** Where a panel is against its ideal place. Rotations about the origin of the stations' coordinates. */
export interface PanelPlaceFit {
  readonly inPlane: { readonly dxMm: Estimate; readonly dyMm: Estimate; readonly rotMrad: Estimate };
  /** z out of the panel's face, with x and y a right-handed frame: flush = dz + tiltX · y − tiltY · x. */
  readonly outOfPlane: {
    readonly dzMm: Estimate;
    readonly tiltAboutXMrad: Estimate;
    readonly tiltAboutYMrad: Estimate;
  };
  /** Share of the squared misfit that this movement takes away, 0 to 1; 1 for a panel without misfit. */
  readonly explained: number;
  /** Root mean square of what is left, mm. */
  readonly residualMm: number;
  readonly worst: StationResidual | null;
  readonly residuals: readonly StationResidual[];
  /** Stations taken for slips of measuring. */
  readonly slips: readonly StationResidual[];
  readonly verdict: FitVerdict;
  /** How each hinge must move to bring the panel to its place. */
  readonly hinges: Readonly<Record<string, Movement & { readonly xMm: number; readonly yMm: number }>>;
  /** How the free edge moves with that, at its middle. */
  readonly latch: Movement;
  /** Names of freedoms that the stations do not tell. */
  readonly untold: readonly string[];
}

export type PanelFitResult =
  | ({ readonly ok: true } & PanelPlaceFit)
  | { readonly ok: false; readonly reason: 'too-few-stations' };

export interface PanelFitOptions {
  readonly hung?: Hung;
  /** How far a gap and a flushness may be off and still be good, mm. */
  readonly goodMm?: number;
  readonly flushMm?: number;
}

const NORMAL: Readonly<Record<Side, readonly [number, number]>> = {
  front: [1, 0],
  rear: [-1, 0],
  top: [0, 1],
  bottom: [0, -1],
};
const NOT_MEASURED: Estimate = { value: null, low: null, high: null, n: 0 };
/** Rotations are fitted in mm at this arm, so that the three freedoms are of one size. */
const ARM_MM = 1000 * (RIGID_LIMITS.priorMm / RIGID_LIMITS.priorMrad);

interface Seen {
  readonly index: number;
  readonly station: FitStation;
  readonly obs: Observation;
}

/** The gap grows by what the panel moved away along the side's outward normal, to first order. */
function gapSeen(s: FitStation, index: number, cx: number, cy: number): Seen[] {
  if (s.gapMm === null) return [];
  const [nx, ny] = NORMAL[s.side];
  const turn = (-(s.yMm - cy) * nx + (s.xMm - cx) * ny) / ARM_MM;
  const obs: Observation = {
    a: [-nx, -ny, -turn],
    seen: s.gapMm - s.nominalMm,
    se: s.gapSeMm ?? RIGID_LIMITS.typedSeMm,
  };
  return [{ index, station: s, obs }];
}

function flushSeen(s: FitStation, index: number, cx: number, cy: number): Seen[] {
  if (s.flushMm === null) return [];
  const obs: Observation = {
    a: [1, (s.yMm - cy) / ARM_MM, -(s.xMm - cx) / ARM_MM],
    seen: s.flushMm,
    se: s.flushSeMm ?? RIGID_LIMITS.typedSeMm,
  };
  return [{ index, station: s, obs }];
}

/** The observations beside one on its own side: the next on either hand. */
function besides(seen: readonly Seen[]): (k: number) => number[] {
  const along = ({ station: s }: Seen) => (s.side === 'front' || s.side === 'rear' ? s.yMm : s.xMm);
  return (k) => {
    const own = seen[k]!;
    const at = along(own);
    const others = seen
      .map((s, i) => ({ i, apart: along(s) - at, same: s.station.side === own.station.side }))
      .filter((o) => o.same && o.i !== k);
    const nearest = (list: typeof others) => list.sort((a, b) => Math.abs(a.apart) - Math.abs(b.apart)).slice(0, 1);
    return [...nearest(others.filter((o) => o.apart <= 0)), ...nearest(others.filter((o) => o.apart > 0))].map(
      (o) => o.i,
    );
  };
}

/**
 * Where a panel that opens hangs, from gaps and flushness at stations around it: two shifts and a rotation in its plane,
 * a shift and two tilts out of it (first order, least squares, see fitThree), how much of the misfit that explains, what is
 * left at each station, the movement of the hinges that undoes it, and a verdict. Rotations in mrad about the origin of the
 * coordinates. Refuses fewer than three gaps; without three flushness figures the out-of-plane part is empty.
 */
export function fitPanel(stations: readonly FitStation[], options: PanelFitOptions = {}): PanelFitResult {
  const { hung = 'door', goodMm = RIGID_LIMITS.goodMm, flushMm = RIGID_LIMITS.flushMm } = options;
  const hanging = hangingOf(hung);
  const measured = stations.filter((s) => s.gapMm !== null || s.flushMm !== null);
  const centre = (of: (s: FitStation) => number) => measured.reduce((t, s) => t + of(s), 0) / (measured.length || 1);
  const [cx, cy] = [centre((s) => s.xMm), centre((s) => s.yMm)];
  const gaps = stations.flatMap((s, i) => gapSeen(s, i, cx, cy));
  if (gaps.length < RIGID_LIMITS.leastStations) return { ok: false, reason: 'too-few-stations' };
  const allFlush = stations.flatMap((s, i) => flushSeen(s, i, cx, cy));
  const flush = allFlush.length < RIGID_LIMITS.leastStations ? [] : allFlush;
  const prior = [RIGID_LIMITS.priorMm, RIGID_LIMITS.priorMm, RIGID_LIMITS.priorMm] as const;
  const plane = fitThree(
    gaps.map((g) => g.obs),
    prior,
    besides(gaps),
  );
  const out =
    flush.length > 0
      ? fitThree(
          flush.map((f) => f.obs),
          prior,
          besides(flush),
        )
      : null;
  const [dx, dy, turn] = plane.values.map((v) => v.value!) as [number, number, number];
  const theta = turn / ARM_MM;
  const [dz, alpha, beta] = out ? (out.values.map((v) => v.value!) as [number, number, number]) : [0, 0, 0];
  const placeAt = (x: number, y: number): Movement => ({
    dxMm: dx - theta * (y - cy),
    dyMm: dy + theta * (x - cx),
    dzMm: dz + (alpha * (y - cy) - beta * (x - cx)) / ARM_MM,
  });
  const residuals = [...told(gaps, plane, 'gap'), ...(out ? told(flush, out, 'flush') : [])];
  const isSlip = (r: Told) => r.slip;
  const held = residuals.filter((r) => !isSlip(r));
  const before = held.reduce((t, r) => t + (r.seenMm / r.se) ** 2, 0);
  const after = held.reduce((t, r) => t + (r.residualMm / r.se) ** 2, 0);
  const { latch, ...hinges } = movementsOf({ ...hanging.hinges, latch: hanging.latch }, measured, placeAt);
  const explained = before > 0 ? Math.max(0, 1 - after / before) : 1;
  const verdict = verdictOf(held, explained, hinges, { goodMm, flushMm });
  const names = ['dxMm', 'dyMm', 'rotMrad', 'dzMm', 'tiltAboutXMrad', 'tiltAboutYMrad'];
  const bare = ({ index, side, xMm, yMm, residualMm, what }: Told) => ({ index, side, xMm, yMm, residualMm, what });
  const worst = [...held].sort((a, b) => Math.abs(b.residualMm) - Math.abs(a.residualMm))[0];
  return {
    ok: true,
    inPlane: {
      dxMm: moved(plane.values[0], theta * cy, plane.values[2], cy / ARM_MM),
      dyMm: moved(plane.values[1], -theta * cx, plane.values[2], cx / ARM_MM),
      rotMrad: scaled(plane.values[2], MRAD),
    },
    outOfPlane: out ? outOfPlaneOf(out, cx, cy) : NOT_OUT_OF_PLANE,
    explained,
    residualMm: Math.sqrt(held.reduce((t, r) => t + r.residualMm ** 2, 0) / held.length),
    worst: worst ? bare(worst) : null,
    residuals: residuals.map(bare),
    slips: residuals.filter(isSlip).map(bare),
    verdict,
    hinges,
    latch: latch!,
    untold: names.filter((_, i) => (i < 3 ? !plane.told[i] : out !== null && !out.told[i - 3])),
  };
}

const MRAD = 1000 / ARM_MM;
const NOT_OUT_OF_PLANE = { dzMm: NOT_MEASURED, tiltAboutXMrad: NOT_MEASURED, tiltAboutYMrad: NOT_MEASURED };

/** How far a panel stands proud and is tilted about the origin, of what was fitted about the stations' middle. */
function outOfPlaneOf({ values: [proud, aboutX, aboutY] }: ThreeFreedoms, cx: number, cy: number) {
  const lift = (-aboutX.value! * cy + aboutY.value! * cx) / ARM_MM;
  return {
    dzMm: moved(moved(proud, lift, aboutX, cy / ARM_MM), 0, aboutY, cx / ARM_MM),
    tiltAboutXMrad: scaled(aboutX, MRAD),
    tiltAboutYMrad: scaled(aboutY, MRAD),
  };
}

/** What has to be done, by the stations that agree: whether their misfit is in limits, undone by moving, and within the slots. */
function verdictOf(
  held: readonly Told[],
  explained: number,
  hinges: PanelPlaceFit['hinges'],
  { goodMm, flushMm }: { readonly goodMm: number; readonly flushMm: number },
): FitVerdict {
  const limit = (r: Told) => (r.what === 'gap' ? goodMm : flushMm);
  if (held.every((r) => Math.abs(r.seenMm) <= limit(r))) return 'good';
  if (explained < RIGID_LIMITS.explained) return 'reshape';
  const furthest = Math.max(...Object.values(hinges).flatMap((h) => [h.dxMm, h.dyMm, h.dzMm].map(Math.abs)));
  if (furthest > RIGID_LIMITS.slotsMm) return 'beyond-slots';
  const undone = (r: Told) => Math.abs(r.residualMm) <= Math.max(limit(r), RIGID_LIMITS.noiseSd * r.se);
  return held.every(undone) ? 'adjust' : 'partly';
}

interface Told extends StationResidual {
  readonly seenMm: number;
  readonly se: number;
  readonly slip: boolean;
}

function told(seen: readonly Seen[], fit: ThreeFreedoms, what: 'gap' | 'flush'): Told[] {
  return seen.map(({ index, station: s, obs }, k) => ({
    index,
    side: s.side,
    xMm: s.xMm,
    yMm: s.yMm,
    residualMm: fit.residuals[k]!,
    what,
    seenMm: obs.seen,
    se: obs.se,
    slip: fit.slips.includes(k),
  }));
}

/** An estimate shifted by a lever times a rotation; about the stations' middle shift and rotation are all but independent. */
function moved(e: Estimate, by: number, rotation: Estimate, lever: number): Estimate {
  const half = Math.hypot((e.high! - e.low!) / 2, ((rotation.high! - rotation.low!) / 2) * lever);
  const value = e.value! + by;
  return { value, low: value - half, high: value + half, n: e.n };
}

function scaled(e: Estimate, by: number): Estimate {
  return { value: e.value! * by, low: e.low! * by, high: e.high! * by, n: e.n };
}

/** The movements that undo where a panel is, at places told as shares of its extent. */
function movementsOf(
  places: Readonly<Record<string, readonly [x: number, y: number]>>,
  stations: readonly FitStation[],
  placeAt: (x: number, y: number) => Movement,
): PanelPlaceFit['hinges'] {
  const [xs, ys] = [stations.map((s) => s.xMm), stations.map((s) => s.yMm)];
  const span = (v: number[], share: number) => Math.min(...v) + share * (Math.max(...v) - Math.min(...v));
  return Object.fromEntries(
    Object.entries(places).map(([name, [sx, sy]]) => {
      const [xMm, yMm] = [span(xs, sx), span(ys, sy)];
      const { dxMm, dyMm, dzMm } = placeAt(xMm, yMm);
      return [name, { xMm, yMm, dxMm: -dxMm, dyMm: -dyMm, dzMm: -dzMm }];
    }),
  );
}

/** What the gap and the flushness at a station become when the panel is moved: shifts in mm, rotations in mrad about a pivot. */
export function afterMoving(
  s: Pick<FitStation, 'side' | 'xMm' | 'yMm' | 'gapMm' | 'flushMm'>,
  move: {
    readonly dxMm: number;
    readonly dyMm: number;
    readonly rotMrad: number;
    readonly dzMm: number;
    readonly tiltAboutXMrad: number;
    readonly tiltAboutYMrad: number;
    readonly pivot: readonly [xMm: number, yMm: number];
  },
): { gapMm: number | null; flushMm: number | null } {
  const [x, y] = [s.xMm - move.pivot[0], s.yMm - move.pivot[1]];
  const [nx, ny] = NORMAL[s.side];
  const theta = move.rotMrad / 1000;
  const along = nx * (move.dxMm - theta * y) + ny * (move.dyMm + theta * x);
  const proud = move.dzMm + (move.tiltAboutXMrad * y - move.tiltAboutYMrad * x) / 1000;
  return {
    gapMm: s.gapMm === null ? null : s.gapMm - along,
    flushMm: s.flushMm === null ? null : s.flushMm + proud,
  };
}
