import { COLOUR_LIMITS as L } from './limits';

/** Why a comparison is refused, and what its result is called. Apart from the computation, which loads a colour library. */
export const COLOUR_REFUSALS = ['outside', 'too-small', 'clipped', 'too-dark', 'card-not-grey', 'card-uneven'] as const;
export type ColourRefusal = (typeof COLOUR_REFUSALS)[number];
export const COLOUR_VERDICTS = ['not-seen', 'trained-eye', 'noticeable', 'plain'] as const;
export type ColourVerdict = (typeof COLOUR_VERDICTS)[number];

/** What a difference is called. */
export function verdictOf(deltaE: number): ColourVerdict {
  if (deltaE < L.notSeen) return 'not-seen';
  if (deltaE < L.trained) return 'trained-eye';
  return deltaE < L.noticeable ? 'noticeable' : 'plain';
}
