import { edgeSoftnessPx } from '../../image/edge-softness';
import type { Point } from '../../image/homography';
import type { Pixels } from '../../image/pixels';
import { slopeOf } from '../../image/sample';
import { GAP_LIMITS } from '../gap-limits';
import { meanProfile, type SeamStrip } from '../seam-strip';

const { abs, max, min, sqrt } = Math;
const { isFinite: known } = Number;

/** Whether the card's edges are softer than gaps can be read through. */
export function isShaken(pixels: Pixels, card: readonly Point[], mmPerPx: number): boolean {
  const soft = edgeSoftnessPx(pixels, card);
  return soft !== null && soft > GAP_LIMITS.blurPx && soft * mmPerPx > GAP_LIMITS.blurMm;
}

/** Whether what little changes there are across the seam are as wide as blur makes them. */
export function looksBlurred(strip: SeamStrip, pxPerMm: number): boolean {
  const profile = meanProfile(strip, 0, strip.rows);
  const slope = slopeOf(profile, 2);
  let best = 0;
  for (let k = 0; k < slope.length; k++) if (abs(slope[k]!) > abs(slope[best]!)) best = k;
  const range =
    profile.reduce((m, v) => (known(v) ? max(m, v) : m), 0) - profile.reduce((m, v) => (known(v) ? min(m, v) : m), 255);
  const sigmaPx = (0.5 * range) / (abs(slope[best]!) * sqrt(2 * Math.PI));
  return range > 4 * GAP_LIMITS.contrast && sigmaPx > GAP_LIMITS.blurPx && sigmaPx / pxPerMm > GAP_LIMITS.blurMm;
}
