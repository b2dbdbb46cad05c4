import type { Gauge } from '../kinds/visit';
import { GAUGE_LIMITS } from './limits';

type Check = Gauge['checks'][number];

export type CheckRun =
  | { readonly ok: true; readonly check: Check }
  | {
      readonly ok: false;
      readonly reason: 'few-on-plate' | 'few-on-foil' | 'unsteady-plate' | 'unsteady-foil' | 'no-foil';
    };

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
const tenth = (v: number) => Math.round(v * 10) / 10;

/**
 * One check of a gauge from what it showed on the bare plate and on a foil of known thickness, µm: the means, to a tenth.
 * Refuses fewer than the asked number of readings on either, a foil without thickness, and readings that scatter more
 * than a steady hand's on one place (see GAUGE_LIMITS).
 */
export function checkRun(
  when: Check['when'],
  plateUm: readonly number[],
  foilUm: number | null,
  shownUm: readonly number[],
): CheckRun {
  const refuse = (reason: Extract<CheckRun, { ok: false }>['reason']): CheckRun => ({ ok: false, reason });
  const unsteady = (values: readonly number[]) =>
    Math.max(...values) - Math.min(...values) >
    GAUGE_LIMITS.checkScatterUm + GAUGE_LIMITS.checkScatterShare * mean(values);
  if (plateUm.length < GAUGE_LIMITS.checkReadings) return refuse('few-on-plate');
  if (unsteady(plateUm)) return refuse('unsteady-plate');
  if (foilUm === null || !(foilUm > 0)) return refuse('no-foil');
  if (shownUm.length < GAUGE_LIMITS.checkReadings) return refuse('few-on-foil');
  if (unsteady(shownUm)) return refuse('unsteady-foil');
  return { ok: true, check: { when, zeroUm: tenth(mean(plateUm)), foilUm, foilReadUm: tenth(mean(shownUm)) } };
}
