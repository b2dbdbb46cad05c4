import type { Estimate } from '../stats/estimate';
import { fitCensored, lnMedianMoments, lnSpreadMoments, medianEstimate } from './censored-fit';
import { type Contrast, contrastsOf } from './contrasts';
import type { FilmReading } from './film-reading';
import { groupJobs } from './jobs';
import { type MeasuredZone, measureZone } from './measured-zone';
import { type NextReading, nextReadings } from './next';
import type { PaintInput } from './paint-input';
import { WEAK } from './state-chances';
import { type CarPaint, likeTheCar, NOTHING, type ZonePaint, zonePaint } from './zone-paint';

export interface PaintAnalysis {
  readonly baselineUm: Estimate;
  readonly zones: readonly ZonePaint[];
  readonly contrasts: readonly Contrast[];
  readonly next: readonly NextReading[];
}

/**
 * Judges the paint of a whole car from its readings: per zone the censored median and spread in µm with 10 and 90 %
 * points (panels with few readings borrow from the car's own level), the model-free median, the share above each cut,
 * the chance of each state under each school with the reasons for it, the paint job it belongs to and whether the
 * readings are enough (what was seen beside the film moves the chances, not the film); the car's own level (the pooled median of the largest job), each panel against its twin, and
 * where three more readings would help most. Zones come in slug order. Refuses nothing: without readings all is empty.
 */
export function analysePaint(input: PaintInput): PaintAnalysis {
  const byZone = new Map<string, FilmReading[]>();
  for (const r of input.readings) {
    const own = byZone.get(r.zone);
    if (own) own.push(r);
    else byZone.set(r.zone, [r]);
  }
  const measured = [...byZone.keys()].sort().map((zone) => measureZone(zone, byZone.get(zone)!, input.plan));
  const fitted = measured.flatMap((m) => (m.fit ? [{ ...m, fit: m.fit }] : []));
  const jobs = groupJobs(
    fitted.map((m) => {
      const spread = lnSpreadMoments(m.fit);
      return {
        zone: m.zone,
        ...lnMedianMoments(m.fit),
        lnSpread: spread.mean,
        lnSpreadSd: spread.sd,
        areaM2: m.areaM2 ?? 1,
      };
    }),
  );
  const own = fitted.filter((m) => jobs.get(m.zone) === 1);
  const car: CarPaint = {
    jobs,
    near: likeTheCar(own.map((m) => m.fit)),
    baselineUm: baseline(own),
    contrasts: contrastsOf(input.plan, measured),
  };
  const zones = measured.map((m) => zonePaint(m, input, car));
  const fits = new Map(fitted.map((m) => [m.zone, m.fit]));
  return {
    baselineUm: car.baselineUm,
    zones,
    contrasts: car.contrasts,
    next: nextReadings(zones, fits, input),
  };
}

function baseline(own: readonly MeasuredZone[]): Estimate {
  const all = { readUm: own.flatMap((m) => m.sample.readUm), overUm: own.flatMap((m) => m.sample.overUm) };
  const fit = fitCensored(all, WEAK);
  return fit ? medianEstimate(fit, all) : NOTHING;
}
