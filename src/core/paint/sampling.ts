import type { Metal } from '../body/zone';
import type { CensoredSample } from './censored-fit';
import type { FilmReading } from './film-reading';
import { SAMPLING } from './profiles';

/** Whether a coating-thickness gauge can read on this base metal (ASTM D7091: magnetic on steel, eddy current on aluminium). */
export function gaugeCanRead(metal: Metal): boolean {
  return metal === 'steel' || metal === 'aluminium';
}

/** Readings a panel of that area needs before its median may be relied on. */
export function readingsNeeded(areaM2: number | null): number {
  if (areaM2 !== null && areaM2 < SAMPLING.smallBelowM2) return SAMPLING.forSmall;
  const extra =
    areaM2 === null ? 0 : Math.max(0, Math.ceil((areaM2 - SAMPLING.aboveM2) / SAMPLING.oneMorePerM2 - 1e-9));
  return SAMPLING.atLeast + extra;
}

/** The thicknesses of one zone's readings, ready for the censored fit. */
export function sampleOf(readings: readonly FilmReading[]): CensoredSample & { none: number } {
  const read = readings.filter((r) => r.state === 'read' && r.thicknessUm !== null);
  const over = readings.filter((r) => r.state === 'over' && r.thicknessUm !== null);
  return {
    readUm: read.map((r) => r.thicknessUm as number),
    overUm: over.map((r) => r.thicknessUm as number),
    none: readings.filter((r) => r.state === 'none').length,
  };
}
