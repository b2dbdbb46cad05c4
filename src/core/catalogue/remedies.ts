import { z } from 'zod';

/** Who does a piece of work. */
export const TRADES = [
  'owner',
  'detailer',
  'dent-remover',
  'body',
  'paint',
  'trim',
  'plating',
  'mechanic',
  'electrical',
] as const;
export type Trade = (typeof TRADES)[number];

/** Pieces of work by which effort is reckoned. */
export const REMEDY_IDS = [
  'clean',
  'polish',
  'touch-in',
  'dent-out',
  'spot',
  'refinish',
  'strip-refinish',
  're-plate',
  'polish-metal',
  'patch-outer',
  'lower-piece',
  'sill',
  'floor-section',
  'load-path',
  'adjust',
  'hinges',
  'pane',
  'seal',
  'seat-cover',
  'headliner',
  'top-cover',
  'trim-piece',
  'refit',
  'tire',
  'gasket-above',
  'gasket-below',
  'brake-axle',
  'window',
  'small-electrical',
  'engine-rebuild',
  'test',
] as const;
export type RemedyId = (typeof REMEDY_IDS)[number];
/** Work that follows from other work and is no remedy of a fault by itself. */
export const SHARED_IDS = ['blend', 'respray', 'off-and-on'] as const;
/** What is decided of something that could be put right: a piece of work, or that it stays and is said. */
export const DECISIONS = ['leave', ...REMEDY_IDS] as const;

/** Low, likely, high. */
const triple = z.tuple([z.number().nonnegative(), z.number().nonnegative(), z.number().nonnegative()]);

export const remedySchema = z.object({
  /** Who does it, in equal shares where there are several. */
  trades: z.array(z.enum(TRADES)).min(1),
  hours: triple,
  /** Materials and parts, in the house's currency. */
  parts: triple,
});
export type RemedyRow = z.infer<typeof remedySchema>;

const row = (trades: Trade | Trade[], hours: RemedyRow['hours'], parts: number | RemedyRow['parts']): RemedyRow => ({
  trades: [trades].flat(),
  hours,
  parts: typeof parts === 'number' ? [parts, parts, parts] : parts,
});

/** Hours and parts per piece of work: house starting values, triangular low, likely, high. */
export const DEFAULT_REMEDIES: Readonly<Record<RemedyId, RemedyRow>> = {
  clean: row('detailer', [0.5, 1, 2], 5),
  polish: row('detailer', [0.5, 1, 1.8], 5),
  'touch-in': row('paint', [0.1, 0.15, 0.3], 1),
  'dent-out': row('dent-remover', [0.5, 1, 2.5], 0),
  spot: row('paint', [2.5, 4, 6], 35),
  refinish: row('paint', [5, 8, 12], 90),
  'strip-refinish': row(['body', 'paint'], [12, 20, 36], 160),
  're-plate': row('plating', [0, 0, 0], [650, 950, 1500]),
  'polish-metal': row('trim', [0.7, 1.2, 2], 3),
  'patch-outer': row(['body', 'paint'], [5, 9, 15], 70),
  'lower-piece': row(['body', 'paint'], [10, 16, 26], [200, 260, 340]),
  sill: row(['body', 'paint'], [20, 32, 50], [260, 340, 450]),
  'floor-section': row('body', [8, 14, 24], [110, 150, 210]),
  'load-path': row('body', [25, 45, 90], [330, 450, 700]),
  adjust: row('body', [0.5, 1.5, 3], 0),
  hinges: row('body', [1.5, 2.5, 4], 30),
  pane: row('trim', [2, 3, 5], [180, 320, 600]),
  seal: row('trim', [0.5, 1.2, 2.5], [25, 55, 90]),
  'seat-cover': row('trim', [7, 11, 18], 180),
  headliner: row('trim', [6, 9, 14], 110),
  'top-cover': row('trim', [10, 16, 24], 520),
  'trim-piece': row('trim', [1, 2.5, 5], [50, 110, 220]),
  refit: row('trim', [0.2, 0.4, 1], 2),
  tire: row('mechanic', [0.4, 0.5, 0.8], 110),
  'gasket-above': row('mechanic', [1, 2, 3.5], 15),
  'gasket-below': row('mechanic', [9, 13, 20], 40),
  'brake-axle': row('mechanic', [3, 5, 8], 120),
  window: row('electrical', [1.2, 2, 4], 70),
  'small-electrical': row('electrical', [0.4, 1, 3], [10, 60, 120]),
  'engine-rebuild': row('mechanic', [60, 90, 150], 2400),
  test: row('mechanic', [0.5, 1, 2], 10),
};

/** Money per hour in the house's currency. */
export const DEFAULT_RATES: Readonly<Record<Trade, number>> = {
  owner: 0,
  detailer: 30,
  'dent-remover': 60,
  body: 48,
  paint: 52,
  trim: 45,
  plating: 55,
  mechanic: 50,
  electrical: 50,
};
