import type { Random } from '../src/core/stats/random';
import { normalDraw } from '../src/core/stats/random';

/** What a panel of a demo car really is; readings are drawn from it. */
export interface PanelTruth {
  readonly medianUm: number;
  /** Standard deviation of ln(thickness). */
  readonly spread: number;
}

export interface CarTruth {
  readonly film: PanelTruth;
  readonly panels: Readonly<Record<string, PanelTruth>>;
}

/**
 * Lot 1: claimed original, three panels repainted, the left quarter filled. Lot 2: an older full respray. Lot 3: factory
 * film on aluminium, thin on the wings' crowns. Lot 4: factory lacquer worn thin on top. Lot 5: tidy respray, filler at
 * one rear corner. Lot 8: old repairs. Others: as built.
 */
export const TRUTHS: Readonly<Record<number, CarTruth>> = {
  1: {
    film: { medianUm: 121, spread: 0.1 },
    panels: {
      'door.left.front': { medianUm: 262, spread: 0.24 },
      deck: { medianUm: 247, spread: 0.26 },
      'fender.right': { medianUm: 236, spread: 0.25 },
      'quarter.left': { medianUm: 960, spread: 0.42 },
    },
  },
  2: { film: { medianUm: 265, spread: 0.22 }, panels: { deck: { medianUm: 330, spread: 0.26 } } },
  3: {
    film: { medianUm: 108, spread: 0.14 },
    panels: { 'door.left.front': { medianUm: 225, spread: 0.25 }, tailgate: { medianUm: 210, spread: 0.24 } },
  },
  4: {
    film: { medianUm: 92, spread: 0.16 },
    panels: { roof: { medianUm: 48, spread: 0.3 }, hood: { medianUm: 55, spread: 0.28 } },
  },
  5: { film: { medianUm: 255, spread: 0.2 }, panels: { 'quarter.right': { medianUm: 1100, spread: 0.45 } } },
  6: { film: { medianUm: 124, spread: 0.1 }, panels: {} },
  8: {
    film: { medianUm: 128, spread: 0.13 },
    panels: {
      'fender.left': { medianUm: 310, spread: 0.3 },
      'door.left.rear': { medianUm: 290, spread: 0.28 },
      'quarter.right': { medianUm: 780, spread: 0.5 },
      'rocker.left': { medianUm: 540, spread: 0.45 },
      'rocker.right': { medianUm: 520, spread: 0.45 },
    },
  },
  9: { film: { medianUm: 230, spread: 0.25 }, panels: { roof: { medianUm: 118, spread: 0.1 } } },
  15: {
    film: { medianUm: 135, spread: 0.14 },
    panels: { tailgate: { medianUm: 280, spread: 0.3 }, 'bed.left': { medianUm: 260, spread: 0.25 } },
  },
};

/** What a gauge with that ceiling shows on a panel: whole µm, or over. */
export function gaugeShows(
  truth: CarTruth,
  zone: string,
  ceilingUm: number,
  random: Random,
): { state: 'read' | 'over'; thicknessUm: number } {
  const panel = truth.panels[zone] ?? truth.film;
  const um = panel.medianUm * Math.exp(panel.spread * normalDraw(random)) * (1 + 0.01 * normalDraw(random));
  return um >= ceilingUm
    ? { state: 'over', thicknessUm: ceilingUm }
    : { state: 'read', thicknessUm: Math.max(35, Math.round(um)) };
}
