import type { Flaw } from './flaw';

/** Dents, waves and panel fit. */
export const SHAPE: readonly Flaw[] = [
  { id: 'ding', family: 'shape', aspects: ['shape'], loss: 0.05, typicalMm: 20, contrast: 0.2, remedies: ['dent-removal', 'leave'] },
  { id: 'dent', family: 'shape', aspects: ['shape'], loss: 0.14, typicalMm: 80, contrast: 0.3, remedies: ['dent-removal', 'refinish'] },
  { id: 'crease', family: 'shape', aspects: ['shape'], loss: 0.18, typicalMm: 150, contrast: 0.3, remedies: ['refinish'] },
  { id: 'wave', family: 'shape', aspects: ['shape'], loss: 0.1, typicalMm: 300, contrast: 0.08, remedies: ['leave', 'refinish'] },
  { id: 'filler-visible', family: 'shape', aspects: ['shape', 'paint'], loss: 0.2, typicalMm: 150, contrast: 0.15, remedies: ['strip-refinish', 'specialist-test'], againstFactory: true },
  { id: 'gap-uneven', family: 'shape', aspects: ['fit'], loss: 0.14, typicalMm: 400, contrast: 0.2, remedies: ['adjust'] },
  { id: 'proud', family: 'shape', aspects: ['fit'], loss: 0.1, typicalMm: 300, contrast: 0.12, remedies: ['adjust'] },
  { id: 'drops', family: 'shape', aspects: ['fit', 'function'], loss: 0.16, typicalMm: 400, contrast: 0.1, remedies: ['adjust', 'replace'] },
  { id: 'hard-shut', family: 'shape', aspects: ['fit', 'function'], loss: 0.1, typicalMm: 400, contrast: 0.02, remedies: ['adjust'] },
  { id: 'impact-damage', family: 'shape', aspects: ['structure', 'shape'], loss: 0.4, typicalMm: 200, contrast: 0.3, remedies: ['specialist-test', 'replace'] },
];
