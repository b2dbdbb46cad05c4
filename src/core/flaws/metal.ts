import type { Flaw } from './flaw';

/** Corrosion by stage, and old repairs of it. */
export const METAL: readonly Flaw[] = [
  { id: 'rust-film', family: 'metal', aspects: ['corrosion'], loss: 0.06, typicalMm: 60, contrast: 0.5, remedies: ['clean', 'touch-in'], stage: 1 },
  { id: 'rust-blister', family: 'metal', aspects: ['corrosion', 'paint'], loss: 0.2, typicalMm: 30, contrast: 0.4, remedies: ['specialist-test', 'patch'], stage: 2 },
  { id: 'rust-scale', family: 'metal', aspects: ['corrosion'], loss: 0.35, typicalMm: 80, contrast: 0.6, remedies: ['patch', 'specialist-test'], stage: 3 },
  { id: 'perforated', family: 'metal', aspects: ['corrosion'], loss: 0.55, typicalMm: 40, contrast: 0.8, remedies: ['patch', 'replace'], stage: 4 },
  { id: 'structural-loss', family: 'metal', aspects: ['structure', 'corrosion'], loss: 1.6, typicalMm: 80, contrast: 0.6, remedies: ['specialist-test', 'replace'], stage: 5 },
  { id: 'galvanic', family: 'metal', aspects: ['corrosion', 'paint'], loss: 0.2, typicalMm: 60, contrast: 0.3, remedies: ['watch', 'patch'], stage: 2 },
  { id: 'patch-neat', family: 'metal', aspects: ['corrosion'], loss: 0.12, typicalMm: 150, contrast: 0.2, remedies: ['leave'] },
  { id: 'patch-crude', family: 'metal', aspects: ['corrosion'], loss: 0.35, typicalMm: 150, contrast: 0.4, remedies: ['patch', 'specialist-test'] },
  { id: 'fresh-underseal', family: 'metal', aspects: ['corrosion'], loss: 0.08, typicalMm: 300, contrast: 0.3, remedies: ['specialist-test'] },
];
