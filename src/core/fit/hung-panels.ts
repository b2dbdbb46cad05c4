import { centroid, type Point, pointAlong } from '../body/geometry';
import type { Hung } from '../body/hanging';
import { type Plan, toPanel } from '../body/plan';
import type { Seam, Zone } from '../body/zone';
import { Z_90 } from '../stats/normal';
import type { FitStation, PanelFitResult, Side } from './panel-fit';
import type { SeamFit } from './seams';

/** A panel that opens, and how it hangs. */
export interface HungPanel {
  readonly zone: string;
  readonly hung: Hung;
  readonly fit: PanelFitResult;
}

/** A place of a seam in the plane of one of its panels: x forward, y up (or to the car's left on a lying panel). */
export function placeOn(zone: Zone, seam: Seam, sMm: number): { x: number; y: number; side: Side } {
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
