import { boxOf, contains } from '../body/geometry';
import { toSheet } from '../body/plan';
import type { Zone } from '../body/zone';
import type { FilmReading } from './film-reading';
import { type PlacedFilm, panelField } from './panel-field';

/** The film over a panel on a grid in the panel's frame (docs/formats/readings.md), row by row from v = 0. */
export interface PanelMap {
  readonly cols: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Median thickness, µm; NaN outside the outline. */
  readonly um: Float32Array;
  /** Standard deviation of ln(thickness); as large as the panel's own spread where nothing was measured. */
  readonly sd: Float32Array;
  readonly placed: number;
}

/** The doubt changes slowly: it is computed at every n-th place and interpolated between. */
const COARSE = 5;

/** Readings that say where they were taken. */
export function placedFilm(readings: readonly FilmReading[]): PlacedFilm[] {
  return readings.flatMap((r) =>
    r.place && r.thicknessUm !== null && r.state !== 'none'
      ? [{ ...r.place, lnUm: Math.log(Math.max(1, r.thicknessUm)), over: r.state === 'over' }]
      : [],
  );
}

/**
 * The map of one panel from its placed readings; null without one. Places inside the outline only; readings at the
 * ceiling pull the film up to it and say no more.
 */
export function panelMap(
  zone: Zone,
  readings: readonly FilmReading[],
  level: number,
  spread: number,
  cols = 60,
  rows = 60,
): PanelMap | null {
  const placed = placedFilm(readings);
  if (placed.length === 0) return null;
  const field = panelField(placed, level, spread);
  const box = boxOf(zone.outline);
  const [widthMm, heightMm] = [box.maxX - box.minX, box.maxY - box.minY];
  const u = (i: number) => ((i + 0.5) * widthMm) / cols;
  const v = (j: number) => ((j + 0.5) * heightMm) / rows;
  const um = new Float32Array(cols * rows);
  const sd = new Float32Array(cols * rows);
  const [cc, cr] = [Math.ceil(cols / COARSE) + 1, Math.ceil(rows / COARSE) + 1];
  const means = new Float32Array(cc * cr);
  const coarse = new Float32Array(cc * cr);
  for (let j = 0; j < cr; j++)
    for (let i = 0; i < cc; i++) {
      const { mean, sd: s } = field.at(u(i * COARSE), v(j * COARSE));
      means[j * cc + i] = mean;
      coarse[j * cc + i] = s;
    }
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < cols; i++) {
      const at = j * cols + i;
      if (!contains(zone.outline, toSheet(zone, { uMm: u(i), vMm: v(j) }))) {
        um[at] = Number.NaN;
        sd[at] = Number.NaN;
        continue;
      }
      const [fx, fy] = [i / COARSE, j / COARSE];
      um[at] = Math.exp(between(means, cc, fx, fy));
      sd[at] = between(coarse, cc, fx, fy);
    }
  return { cols, rows, widthMm, heightMm, um, sd, placed: placed.length };
}

function between(values: Float32Array, cols: number, fx: number, fy: number): number {
  const [x, y] = [Math.floor(fx), Math.floor(fy)];
  const [tx, ty] = [fx - x, fy - y];
  const at = (i: number, j: number) => values[j * cols + i]!;
  const top = at(x, y) * (1 - tx) + at(x + 1, y) * tx;
  const low = at(x, y + 1) * (1 - tx) + at(x + 1, y + 1) * tx;
  return top * (1 - ty) + low * ty;
}
