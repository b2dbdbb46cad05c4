import { z } from 'zod';

/** What can be asked of a panel's paint beside its thickness, and what is seen for or against the works' paint. */
export const MARK_IDS = [
  'jamb-same',
  'jamb-other',
  'fasteners-untouched',
  'fasteners-turned',
  'stripe-no-edge',
  'stripe-over-edge',
  'label-in-place',
  'label-missing',
  'sealer-undisturbed',
  'sealer-other',
  'hidden-runs',
  'underside-same',
  'underside-other',
  'chip-primer-only',
] as const;
export type MarkId = (typeof MARK_IDS)[number];
export const markIdSchema = z.enum(MARK_IDS);

export const MARK_THEMES = ['jamb', 'fasteners', 'stripe', 'label', 'sealer', 'runs', 'underside', 'chip'] as const;
export type MarkTheme = (typeof MARK_THEMES)[number];

export interface Mark {
  readonly theme: MarkTheme;
  readonly speaks: 'for' | 'against';
  /** How many times likelier it is seen on paint from the works than on later paint; below 1 for marks against. */
  readonly ratio: number;
}

/** The marks with their strengths, likelihood ratios without unit; house starting values, directions after the handbook of the trade. */
export const MARKS: Readonly<Record<MarkId, Mark>> = {
  'jamb-same': { theme: 'jamb', speaks: 'for', ratio: 2 },
  'jamb-other': { theme: 'jamb', speaks: 'against', ratio: 0.08 },
  'fasteners-untouched': { theme: 'fasteners', speaks: 'for', ratio: 2.5 },
  'fasteners-turned': { theme: 'fasteners', speaks: 'against', ratio: 0.35 },
  'stripe-no-edge': { theme: 'stripe', speaks: 'for', ratio: 3 },
  'stripe-over-edge': { theme: 'stripe', speaks: 'against', ratio: 0.1 },
  'label-in-place': { theme: 'label', speaks: 'for', ratio: 3 },
  'label-missing': { theme: 'label', speaks: 'against', ratio: 0.6 },
  'sealer-undisturbed': { theme: 'sealer', speaks: 'for', ratio: 1.6 },
  'sealer-other': { theme: 'sealer', speaks: 'against', ratio: 0.3 },
  'hidden-runs': { theme: 'runs', speaks: 'for', ratio: 1.8 },
  'underside-same': { theme: 'underside', speaks: 'for', ratio: 1.6 },
  'underside-other': { theme: 'underside', speaks: 'against', ratio: 0.3 },
  'chip-primer-only': { theme: 'chip', speaks: 'for', ratio: 1.5 },
};
