import { z } from 'zod';

export const PAINT_STATES = ['factory', 'resprayed', 'heavy', 'filled'] as const;
export type PaintState = (typeof PAINT_STATES)[number];

const beliefSchema = z.object({
  /** How common the state is before any reading, relative. */
  prior: z.number().positive(),
  /** Typical median film in µm and its spread between cars, as a factor. */
  medianUm: z.number().positive(),
  medianFactor: z.number().gt(1),
  /** Typical spread within a panel (standard deviation of ln thickness) and its spread, as a factor. */
  spread: z.number().positive(),
  spreadFactor: z.number().gt(1),
});

export const profileSchema = z.object({
  id: z.string(),
  name: z.string(),
  says: z.string(),
  source: z.string(),
  /** Upper ends of the bands drawn behind the strip plot, µm; the last state has no upper end. */
  bandsUm: z.object({ factory: z.number(), resprayed: z.number(), heavy: z.number() }),
  states: z.object({ factory: beliefSchema, resprayed: beliefSchema, heavy: beliefSchema, filled: beliefSchema }),
  /** Likelihood ratio for filler of one point on steel or aluminium that shows nothing when its neighbours read. */
  noReadingRatio: z.number().min(1),
});
export type PaintProfile = z.infer<typeof profileSchema>;

const HOUSE = 'house starting value; bands after the handbook of the trade, checked in use';

/** The two schools of judgement. Editable: an organisation's own rows replace these. */
export const DEFAULT_PROFILES: readonly PaintProfile[] = [
  {
    id: 'survivor',
    name: 'Survivor',
    says: 'Pays for paint that left the factory. Above about 180 µm is repaint until shown otherwise.',
    source: HOUSE,
    bandsUm: { factory: 180, resprayed: 330, heavy: 500 },
    states: {
      factory: { prior: 0.4, medianUm: 115, medianFactor: 1.3, spread: 0.12, spreadFactor: 1.4 },
      resprayed: { prior: 0.35, medianUm: 245, medianFactor: 1.28, spread: 0.26, spreadFactor: 1.4 },
      heavy: { prior: 0.15, medianUm: 400, medianFactor: 1.2, spread: 0.28, spreadFactor: 1.5 },
      filled: { prior: 0.15, medianUm: 680, medianFactor: 1.5, spread: 0.42, spreadFactor: 1.7 },
    },
    noReadingRatio: 2,
  },
  {
    id: 'rebuilt',
    name: 'Rebuilt',
    says: 'Knows the car is restored. Below about 760 µm is acceptable build; what matters is departure from the car’s own level.',
    source: HOUSE,
    bandsUm: { factory: 180, resprayed: 480, heavy: 760 },
    states: {
      factory: { prior: 0.15, medianUm: 115, medianFactor: 1.3, spread: 0.12, spreadFactor: 1.4 },
      resprayed: { prior: 0.55, medianUm: 290, medianFactor: 1.4, spread: 0.24, spreadFactor: 1.45 },
      heavy: { prior: 0.2, medianUm: 560, medianFactor: 1.2, spread: 0.26, spreadFactor: 1.5 },
      filled: { prior: 0.1, medianUm: 1000, medianFactor: 1.6, spread: 0.55, spreadFactor: 1.6 },
    },
    noReadingRatio: 2,
  },
];

/** What is believed of any film before readings: wide, so that a handful of readings outweighs it. */
export const WEAK_FILM_PRIOR = {
  medianUm: 220,
  medianFactor: 3.2,
  spread: 0.2,
  spreadFactor: 2.1,
  source: HOUSE,
} as const;

/** How many readings a panel needs; small pieces such as pillars need fewer. */
export const SAMPLING = {
  atLeast: 5,
  oneMorePerM2: 0.25,
  aboveM2: 0.5,
  inLowestQuarter: 2,
  smallBelowM2: 0.15,
  forSmall: 2,
  source: 'sampling floor of the house',
} as const;

/** Spread of panel medians, and of the spreads within panels, between panels of one paint job: standard deviations of ln. */
export const JOB_SPREAD = {
  withinJob: 0.11,
  withinJobSpread: 0.45,
  penaltyPerJob: 3.2,
  source: 'house starting value',
} as const;

/** How film varies across one panel, for the map: mm and standard deviations of ln(thickness). */
export const FIELD = { lengthMm: 220, leastSpread: 0.12, noise: 0.05, source: 'house starting value' } as const;

/** How much a panel with few readings borrows from the car's own level. */
export const POOLING = {
  /** Chance, before readings, that a panel belongs to the car's largest paint job. */
  share: 0.5,
  /** Spread of ln(spread within a panel) between panels of one job. */
  lnSpreadSd: 0.35,
  source: 'house starting value',
} as const;
