import type { Flaw } from './flaw';

/** Flaws of the paint (ISO 4628 names where that standard has one). */
export const FINISH: readonly Flaw[] = [
  { id: 'chip', family: 'finish', aspects: ['paint'], loss: 0.03, typicalMm: 3, contrast: 0.8, remedies: ['touch-in', 'leave'] },
  { id: 'peppering', family: 'finish', aspects: ['paint'], loss: 0.1, typicalMm: 150, typicalShare: 0.2, contrast: 0.3, remedies: ['leave', 'refinish'] },
  { id: 'scratch-clear', family: 'finish', aspects: ['paint'], loss: 0.03, typicalMm: 80, contrast: 0.15, remedies: ['polish'] },
  { id: 'scratch-through', family: 'finish', aspects: ['paint'], loss: 0.07, typicalMm: 80, contrast: 0.6, remedies: ['touch-in', 'refinish'] },
  { id: 'swirl', family: 'finish', aspects: ['paint'], loss: 0.05, typicalMm: 300, typicalShare: 0.4, contrast: 0.05, remedies: ['polish'] },
  { id: 'burn-through', family: 'finish', aspects: ['paint'], loss: 0.12, typicalMm: 40, contrast: 0.4, remedies: ['leave', 'refinish'] },
  { id: 'etching', family: 'finish', aspects: ['paint'], loss: 0.04, typicalMm: 15, contrast: 0.25, remedies: ['polish'] },
  { id: 'dust-nib', family: 'finish', aspects: ['paint'], loss: 0.02, typicalMm: 1, contrast: 0.2, remedies: ['polish'], againstFactory: true },
  { id: 'fish-eye', family: 'finish', aspects: ['paint'], loss: 0.04, typicalMm: 4, contrast: 0.3, remedies: ['refinish'], againstFactory: true },
  { id: 'solvent-pop', family: 'finish', aspects: ['paint'], loss: 0.06, typicalMm: 1, contrast: 0.3, remedies: ['refinish'], againstFactory: true },
  { id: 'run', family: 'finish', aspects: ['paint'], loss: 0.05, typicalMm: 40, contrast: 0.2, remedies: ['polish', 'refinish'] },
  { id: 'orange-peel', family: 'finish', aspects: ['paint'], loss: 0.05, typicalMm: 300, typicalShare: 0.5, contrast: 0.04, remedies: ['polish', 'leave'] },
  { id: 'dry-spray', family: 'finish', aspects: ['paint'], loss: 0.06, typicalMm: 120, contrast: 0.15, remedies: ['polish', 'refinish'], againstFactory: true },
  { id: 'sand-scratches', family: 'finish', aspects: ['paint'], loss: 0.06, typicalMm: 150, contrast: 0.12, remedies: ['refinish'], againstFactory: true },
  { id: 'blister', family: 'finish', aspects: ['paint', 'corrosion'], loss: 0.14, typicalMm: 5, contrast: 0.4, remedies: ['specialist-test', 'watch', 'strip-refinish'] },
  { id: 'cracking', family: 'finish', aspects: ['paint'], loss: 0.16, typicalMm: 40, contrast: 0.4, remedies: ['strip-refinish'] },
  { id: 'peeling', family: 'finish', aspects: ['paint'], loss: 0.2, typicalMm: 100, contrast: 0.5, remedies: ['refinish'] },
  { id: 'fading', family: 'finish', aspects: ['paint'], loss: 0.1, typicalMm: 400, typicalShare: 0.4, contrast: 0.2, remedies: ['polish', 'leave', 'refinish'] },
  { id: 'overspray', family: 'finish', aspects: ['paint'], loss: 0.03, typicalMm: 60, contrast: 0.3, remedies: ['leave', 'clean'], againstFactory: true },
  { id: 'masking-line', family: 'finish', aspects: ['paint'], loss: 0.03, typicalMm: 100, contrast: 0.2, remedies: ['leave'], againstFactory: true },
  { id: 'painted-over', family: 'finish', aspects: ['paint', 'rubber'], loss: 0.05, typicalMm: 100, contrast: 0.3, remedies: ['replace', 'leave'], againstFactory: true },
  { id: 'colour-under-chip', family: 'finish', aspects: ['paint'], loss: 0.02, typicalMm: 3, contrast: 0.6, remedies: ['leave'], againstFactory: true },
  { id: 'touch-up', family: 'finish', aspects: ['paint'], loss: 0.02, typicalMm: 5, contrast: 0.3, remedies: ['leave', 'polish'] },
  { id: 'colour-mismatch', family: 'finish', aspects: ['paint'], loss: 0.1, typicalMm: 600, contrast: 0.15, remedies: ['refinish', 'leave'], againstFactory: true },
];
