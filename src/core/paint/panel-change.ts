import { boxOf } from '../body/geometry';
import type { Zone } from '../body/zone';
import { seeded } from '../stats/random';
import { CHANGE_LIMITS, type ChangeAlong, changeAlong, type PathReading } from './change-along';
import type { FilmReading } from './film-reading';

/** A place on a panel, mm in its own frame (docs/formats/readings.md). */
export interface PanelPlace {
  readonly uMm: number;
  readonly vMm: number;
}

export interface PanelChange {
  readonly from: PanelPlace;
  readonly to: PanelPlace;
  /** Readings that lie along the path. */
  readonly n: number;
  readonly found: ChangeAlong;
}

/** Always the same shuffles: the same readings give the same answer. */
const SEED = 1;

/** Readings beside a path, by their distance from its start along it; those further off than `reachMm` are left out. */
export function alongPath(
  readings: readonly FilmReading[],
  from: PanelPlace,
  to: PanelPlace,
  reachMm: number,
): PathReading[] {
  const [du, dv] = [to.uMm - from.uMm, to.vMm - from.vMm];
  const length = Math.hypot(du, dv);
  if (length === 0) return [];
  return readings.flatMap((r) => {
    if (!r.place || r.thicknessUm === null || r.state === 'none') return [];
    const [u, v] = [r.place.uMm - from.uMm, r.place.vMm - from.vMm];
    const sMm = (u * du + v * dv) / length;
    const aside = Math.abs(u * dv - v * du) / length;
    return sMm < 0 || sMm > length || aside > reachMm ? [] : [{ sMm, um: r.thicknessUm, over: r.state === 'over' }];
  });
}

/** Where the film changes its level along a straight path over a panel, from the readings beside it (see changeAlong). */
export function panelChange(
  readings: readonly FilmReading[],
  from: PanelPlace,
  to: PanelPlace,
  reachMm: number = CHANGE_LIMITS.reachMm,
): PanelChange {
  const path = alongPath(readings, from, to, reachMm);
  return { from, to, n: path.length, found: changeAlong(path, seeded(SEED)) };
}

/**
 * The plainest change along the panel's length or over its height, from all its placed readings; null when neither
 * shows one. Two directions are tried, so the chance of a change by luck is about twice that of one path.
 */
export function plainestChange(zone: Zone, readings: readonly FilmReading[]): PanelChange | null {
  const box = boxOf(zone.outline);
  const [w, h] = [box.maxX - box.minX, box.maxY - box.minY];
  const tried = [
    panelChange(readings, { uMm: 0, vMm: h / 2 }, { uMm: w, vMm: h / 2 }, h),
    panelChange(readings, { uMm: w / 2, vMm: 0 }, { uMm: w / 2, vMm: h }, w),
  ];
  const p = (c: PanelChange) => (c.found.ok ? c.found.p : 1);
  const clear = (c: PanelChange) => (c.found.ok ? Math.abs(Math.log(c.found.ratio)) : 0);
  const [best] = tried.filter((c) => c.found.ok).sort((a, b) => p(a) - p(b) || clear(b) - clear(a));
  return best ?? null;
}
