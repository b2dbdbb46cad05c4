import type { AnyRecord } from '../kinds';
import { recordsOf } from '../records/reduce';

export interface Stance {
  /** Left less right at the front and at the rear, and rear less front on each side, mm. */
  readonly leanFrontMm: number;
  readonly leanRearMm: number;
  readonly rakeLeftMm: number;
  readonly rakeRightMm: number;
}

/** How the car stands, by the heights measured last; null without any. */
export function stanceOf(records: readonly AnyRecord[]): Stance | null {
  const s = recordsOf(records, 'stance').at(-1)?.body;
  return s
    ? {
        leanFrontMm: s.leftFrontMm - s.rightFrontMm,
        leanRearMm: s.leftRearMm - s.rightRearMm,
        rakeLeftMm: s.leftRearMm - s.leftFrontMm,
        rakeRightMm: s.rightRearMm - s.rightFrontMm,
      }
    : null;
}
