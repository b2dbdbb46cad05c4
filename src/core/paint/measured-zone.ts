import type { Plan } from '../body/plan';
import type { Metal } from '../body/zone';
import { remembered } from '../stats/remembered';
import { type CensoredSample, type FilmFit, fitCensored } from './censored-fit';
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

/** Fits kept: those of the panels of two or three cars. After a reading only the panel that it is on is fitted anew. */
const FITS_KEPT = 160;

const fitOf = remembered(
  (sample: CensoredSample) => fitCensored(sample, WEAK),
  ({ readUm, overUm }) => `${readUm.join()}>${overUm.join()}`,
  FITS_KEPT,
);

/** A zone's readings, in µm, summed up and fitted; `fit` is null where no reading has a thickness. */
export function measureZone(zone: string, readings: readonly FilmReading[], plan: Plan | null): MeasuredZone {
  const sample = sampleOf(readings);
  const silent = readings.filter((r) => r.state === 'none');
  const planned = plan?.zones.get(zone) ?? null;
  return {
    zone,
    sample,
    silent,
    fit: fitOf(sample),
    metal: planned?.metal ?? null,
    areaM2: planned?.areaM2 ?? null,
  };
}
