import type { Plan } from '../body/plan';
import { partOf, type Zone } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import type { StoredRecord } from '../kinds';
import type { ExposureTable, OpenStage, Range } from './exposure-table';
import type { WastingSpot } from './forecast';

/** A finding of metal being lost, as the forecast takes it. */
export interface WastingFinding {
  readonly finding: string;
  readonly zone: string;
  readonly spot: WastingSpot;
}

const STAGES: Readonly<Record<number, OpenStage>> = { 1: 'film', 2: 'blister', 3: 'scale' };
/** The stage at which it is through. */
const HOLE_STAGE = 4;
const RAILS = new Set(['rail', 'crossmember', 'outrigger', 'fork', 'backbone']);

/** Whether somebody found a hole: of such a car no first one is foretold. */
export const isHoled = (findings: readonly StoredRecord<'finding'>[]): boolean =>
  findings.some(({ body }) => (flawById(body.flaw).stage ?? 0) >= HOLE_STAGE);

/** Sheet of such a place when new, mm. */
function sheetOf(zone: Zone, t: ExposureTable): Range {
  if (RAILS.has(partOf(zone.slug))) return t.sheetMm.rail;
  return zone.view === 'underneath' || zone.view === 'trunk' ? t.sheetMm.floor : t.sheetMm.skin;
}

/**
 * The findings from which a hole is still to come: film, blister, scale, and aluminium that swells, on steel or aluminium.
 * A cavity that must drain is eaten from both faces once it blisters. Others (holes, patches, brightwork) are left out.
 */
export function wastingFindings(
  plan: Plan,
  findings: readonly StoredRecord<'finding'>[],
  t: ExposureTable,
): WastingFinding[] {
  return findings.flatMap(({ id, body }) => {
    const zone = plan.zones.get(body.zone);
    const stage = STAGES[flawById(body.flaw).stage ?? 0];
    if (!zone || !stage) return [];
    const metal = zone.metal === 'aluminium' || body.flaw === 'galvanic' ? 'aluminium' : 'steel';
    if (!['steel', 'aluminium', 'mixed'].includes(zone.metal)) return [];
    return [
      {
        finding: id,
        zone: body.zone,
        spot: {
          metal,
          sheetMm: sheetOf(zone, t),
          stage,
          faces: zone.drains && stage !== 'film' ? 2 : 1,
          galvanic: metal === 'aluminium' && body.flaw === 'galvanic',
          moving: body.active,
        },
      },
    ];
  });
}
