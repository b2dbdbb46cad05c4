/** The made-up makes: what their bodies are and how their factory film lies. Data of the demo world only. */
export const MAKES = {
  quillon: { name: 'Quillon', metal: 'steel', filmUm: 118, film: 0.12, note: 'steel, unitary' },
  aldmoor: {
    name: 'Aldmoor',
    metal: 'aluminium',
    filmUm: 105,
    film: 0.14,
    note: 'aluminium skin on a steel box frame',
  },
  sarvane: { name: 'Sarvane', metal: 'steel', filmUm: 110, film: 0.13, note: 'steel, separate frame' },
  brannock: { name: 'Brannock', metal: 'steel', filmUm: 90, film: 0.15, note: 'wood-framed body' },
  tolve: { name: 'Tolve', metal: 'steel', filmUm: 112, film: 0.12, note: 'rear engine' },
  haskett: { name: 'Haskett', metal: 'steel', filmUm: 124, film: 0.11, note: 'steel, separate frame' },
  ormelle: { name: 'Ormelle', metal: 'glass-fibre', filmUm: 300, film: 0.2, note: 'glass fibre on a backbone frame' },
} as const;
export type MakeId = keyof typeof MAKES;
