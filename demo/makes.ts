/** The made-up makes: what their bodies are and how their factory film lies. Data of the demo world only. */
export const MAKES = {
  quillon: { name: 'Quillon', filmUm: 118, film: 0.12, note: 'steel, unitary' },
  aldmoor: { name: 'Aldmoor', filmUm: 105, film: 0.14, note: 'aluminium skin on a steel box frame' },
  sarvane: { name: 'Sarvane', filmUm: 110, film: 0.13, note: 'steel, separate frame' },
  brannock: { name: 'Brannock', filmUm: 90, film: 0.15, note: 'wood-framed body' },
  tolve: { name: 'Tolve', filmUm: 112, film: 0.12, note: 'rear engine' },
  haskett: { name: 'Haskett', filmUm: 124, film: 0.11, note: 'steel, separate frame' },
  ormelle: { name: 'Ormelle', filmUm: 300, film: 0.2, note: 'glass fibre on a backbone frame' },
} as const;
export type MakeId = keyof typeof MAKES;
