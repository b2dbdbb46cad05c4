import type { Plan } from '../body/plan';
import type { Metal } from '../body/zone';
import { type FilmFit, fitCensored } from './censored-fit';
import type { FilmReading } from './film-reading';
import { sampleOf } from './sampling';
import { WEAK } from './state-chances';

/** One zone's readings, summed up and fitted. */
export interface MeasuredZone {
  readonly zone: string;
  readonly sample: ReturnType<typeof sampleOf>;
  /** The points that showed nothing. */
  readonly silent: readonly FilmReading[];
  readonly fit: FilmFit | null;
  readonly metal: Metal | null;
  readonly areaM2: number | null;
}

export function measureZone(zone: string, readings: readonly FilmReading[], plan: Plan | null): MeasuredZone {
  const sample = sampleOf(readings);
  const silent = readings.filter((r) => r.state === 'none');
  const planned = plan?.zones.get(zone) ?? null;
  return {
    zone,
    sample,
    silent,
    fit: fitCensored(sample, WEAK),
    metal: planned?.metal ?? null,
    areaM2: planned?.areaM2 ?? null,
  };
}
