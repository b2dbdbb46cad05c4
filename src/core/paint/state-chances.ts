import { type FilmFit, type FilmPrior, logEvidence } from './censored-fit';
import { PAINT_STATES, type PaintProfile, type PaintState, WEAK_FILM_PRIOR } from './profiles';

export function asPrior(b: {
  medianUm: number;
  medianFactor: number;
  spread: number;
  spreadFactor: number;
}): FilmPrior {
  return {
    lnMedian: { mean: Math.log(b.medianUm), sd: Math.log(b.medianFactor) },
    lnSpread: { mean: Math.log(b.spread), sd: Math.log(b.spreadFactor) },
  };
}

/** What is believed of any film before it is read. */
export const WEAK = asPrior(WEAK_FILM_PRIOR);

/** Chances of factory, resprayed, heavy and filled for one fitted zone under one school; they sum to 1. */
export function stateChances(fit: FilmFit, noneCount: number, profile: PaintProfile): Record<PaintState, number> {
  const logs = PAINT_STATES.map((s) => {
    const belief = profile.states[s];
    // Several silent points share one cause, so their ratio grows with the square root of their number.
    const silent = s === 'filled' ? Math.sqrt(noneCount) * Math.log(profile.noReadingRatio) : 0;
    return Math.log(belief.prior) + logEvidence(fit, asPrior(belief)) + silent;
  });
  const top = Math.max(...logs);
  const weights = logs.map((l) => Math.exp(l - top));
  const sum = weights.reduce((a, b) => a + b, 0);
  return Object.fromEntries(PAINT_STATES.map((s, i) => [s, weights[i]! / sum])) as Record<PaintState, number>;
}
