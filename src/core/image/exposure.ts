import type { Mask } from './masked';
import type { Pixels } from './pixels';

/** What of a picture must be looked at, and how much of that may be burnt out or drowned; coded values 0 to 255. */
export interface ExposureLimits {
  readonly leastPx: number;
  readonly burnt: number;
  readonly burntShare: number;
  readonly drowned: number;
  readonly drownedShare: number;
}

// Looked up once: they run for every pixel.
const { max, min } = Math;

/** Why nothing can be read off a picture's part (`looked` px of it): too small, burnt out, too dark; null where it can. */
export function unfitPicture(
  { data }: Pixels,
  inside: Mask,
  looked: number,
  limits: ExposureLimits,
): 'too-few-pixels' | 'burnt-out' | 'too-dark' | null {
  if (looked < limits.leastPx) return 'too-few-pixels';
  let [white, black] = [0, 0];
  for (let i = 0, k = 0; i < inside.length; i++, k += 4) {
    if (inside[i] === 0) continue;
    if (min(data[k]!, data[k + 1]!, data[k + 2]!) >= limits.burnt) white++;
    else if (max(data[k]!, data[k + 1]!, data[k + 2]!) <= limits.drowned) black++;
  }
  if (white > limits.burntShare * looked) return 'burnt-out';
  return black > limits.drownedShare * looked ? 'too-dark' : null;
}
