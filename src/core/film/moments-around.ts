/** A still is looked for so far either side of the moment, in so many places. */
const EITHER_SIDE_S = 1;
const PLACES = 7;
/** The last frame of a film begins a little before its end. */
const LAST_FRAME_S = 0.05;

/** The moments at which a still may be taken, s, the wanted one first; all within the film. */
export function momentsAround(atS: number, lengthS: number): readonly number[] {
  const step = (2 * EITHER_SIDE_S) / (PLACES - 1);
  const all = Array.from({ length: PLACES }, (_x, i) => atS - EITHER_SIDE_S + i * step);
  const within = [...new Set(all.map((t) => Math.min(Math.max(0, t), Math.max(0, lengthS - LAST_FRAME_S))))];
  return within.sort((a, b) => Math.abs(a - atS) - Math.abs(b - atS));
}
