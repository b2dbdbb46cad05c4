import type { ColourVerdict } from '../catalogue/colour-verdicts';
import { COLOUR_LIMITS } from './limits';

/** Why a comparison is refused. Apart from the computation, which loads a colour library. */
export const COLOUR_REFUSALS = ['outside', 'too-small', 'clipped', 'too-dark', 'card-not-grey', 'card-uneven'] as const;
export type ColourRefusal = (typeof COLOUR_REFUSALS)[number];

/** What a difference is called. */
export function verdictOf(deltaE: number): ColourVerdict {
  if (deltaE < COLOUR_LIMITS.notSeen) return 'not-seen';
  if (deltaE < COLOUR_LIMITS.trained) return 'trained-eye';
  return deltaE < COLOUR_LIMITS.noticeable ? 'noticeable' : 'plain';
}

interface Measured {
  readonly deltaE: { readonly value: number | null };
}

/**
 * The angle with the largest difference, refused ones left out: metallic and pearl change with the angle. Null when none
 * was measured.
 */
export function largestOf<T extends object>(angles: readonly T[]): Extract<T, Measured> | null {
  const measured = angles.filter((a): a is Extract<T, Measured> => 'deltaE' in a);
  return measured.length === 0 ? null : measured.reduce((m, a) => (a.deltaE.value! > m.deltaE.value! ? a : m));
}
