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
