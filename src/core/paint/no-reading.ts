import type { Metal } from '../body/zone';
import { GAUGE_LIMITS } from '../gauge/limits';

/** Why a gauge showed nothing (handbook: four causes). */
export const NONE_CAUSES = ['material', 'wrong-gauge', 'cold', 'thick', 'probe'] as const;
export type NoneCause = (typeof NONE_CAUSES)[number];

export interface NoneContext {
  readonly metal: Metal | null;
  readonly temperatureC: number | null;
  readonly gauge: 'magnetic' | 'eddy' | 'combined' | null;
  /** Silent points, points read and points at the ceiling on the panel. */
  readonly none: number;
  readonly read: number;
  readonly over: number;
}

/**
 * The likeliest cause of points that showed nothing, from base metal, gauge, temperature and what the panel showed
 * elsewhere; null when there is none. Material and gauge explain all points; cold those of a cold visit; points beside
 * readings at the ceiling, or several silent ones on a metal that reads, lie above the range; a single one beside good
 * readings is a probe not held square, to be repeated.
 */
export function noneCause(c: NoneContext): NoneCause | null {
  if (c.none === 0) return null;
  if (c.metal !== null && c.metal !== 'steel' && c.metal !== 'aluminium') return 'material';
  if ((c.metal === 'steel' && c.gauge === 'eddy') || (c.metal === 'aluminium' && c.gauge === 'magnetic'))
    return 'wrong-gauge';
  if (c.temperatureC !== null && c.temperatureC < GAUGE_LIMITS.coldC) return 'cold';
  if (c.over > 0 || c.none > 1) return 'thick';
  return c.read > 0 ? 'probe' : 'thick';
}
