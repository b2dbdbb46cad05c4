import type { Family } from '../catalogue/flaws/flaw';
import type { Decision } from '../work/cost-table';

/** What must hold for a remedy to be right; all that is named. Where it does not hold, the reason is its own name. */
export interface Precondition {
  /** Bigger, wider spread or more of them is too much for it. */
  readonly upToMm?: number;
  readonly upToShare?: number;
  readonly upToCount?: number;
  /** The works' paint goes for good: only where it is no longer that, or is past keeping. */
  readonly sparesFactoryPaint?: true;
  /** The paint must be whole. */
  readonly wholePaint?: true;
  /** The film must be thick enough to lose some, µm. */
  readonly fromFilmUm?: number;
  /** Not where the part carries the car. */
  readonly noLoad?: true;
  /** Not on these. */
  readonly notOf?: readonly string[];
}
export const REASONS = [
  'upToMm',
  'upToShare',
  'upToCount',
  'sparesFactoryPaint',
  'wholePaint',
  'fromFilmUm',
  'noLoad',
  'notOf',
] as const;
export type Reason = (typeof REASONS)[number];

/** A remedy of some flaws: in the order of the list the first that fits is chosen by rule. */
export interface RemedyRule {
  readonly flaws?: readonly string[];
  readonly families?: readonly Family[];
  readonly remedy: Decision | 'anew' | 'own';
  readonly when?: Precondition;
  /** How often that work is done for one of them; of one that grows, for a typical one. */
  readonly times?: number;
  readonly grows?: 'each' | 'extent' | 'once';
}

/**
 * Remedies by flaw, the gentlest that serves first. `own`: what the catalogue says that a typical one takes; `anew`: redoing
 * the place. Leaving it and saying so is open for everything and stands in no row. A house's own schools differ here: rows
 * are data, each with what must hold.
 */
export const REMEDY_RULES: readonly RemedyRule[] = [
  { flaws: ['gap-uneven', 'proud', 'hard-shut'], remedy: 'adjust', times: 1, grows: 'once' },
  { flaws: ['drops'], remedy: 'hinges', times: 1, grows: 'once' },
  { flaws: ['overspray', 'dirty', 'stained'], remedy: 'clean', times: 0.5, grows: 'once' },
  {
    flaws: ['masking-line', 'colour-under-chip', 'touch-up', 'patch-neat', 'number-mismatch', 'plate-disturbed'],
    remedy: 'leave',
  },
  {
    flaws: ['chip', 'scratch-through'],
    remedy: 'touch-in',
    times: 1,
    grows: 'each',
    when: { upToCount: 30, upToShare: 0.05, upToMm: 400 },
  },
  { flaws: ['rust-film'], remedy: 'touch-in', times: 3, grows: 'once', when: { upToShare: 0.05, noLoad: true } },
  {
    flaws: ['scratch-clear', 'swirl', 'etching', 'dust-nib', 'orange-peel', 'run', 'fading', 'dry-spray'],
    remedy: 'polish',
    times: 1,
    grows: 'once',
    when: { fromFilmUm: 75 },
  },
  {
    flaws: ['ding', 'dent'],
    remedy: 'dent-out',
    times: 1,
    grows: 'each',
    when: { upToMm: 100, wholePaint: true, notOf: ['bumper', 'wheel', 'grille'] },
  },
  {
    flaws: ['dent', 'bent'],
    remedy: 'anew',
    times: 0.5,
    grows: 'once',
    when: {
      notOf: [
        'hood',
        'roof',
        'deck',
        'door',
        'fender',
        'quarter',
        'tailgate',
        'side',
        'cowl',
        'valance',
        'panel',
        'rocker',
        'pillar',
        'bed',
      ],
    },
  },
  {
    flaws: ['burn-through', 'fish-eye', 'scratch-through', 'chip', 'solvent-pop', 'dent'],
    remedy: 'spot',
    times: 1,
    grows: 'once',
    when: { upToMm: 300, upToShare: 0.1, sparesFactoryPaint: true },
  },
  {
    flaws: ['filler-visible', 'blister', 'cracking', 'crease', 'wave'],
    remedy: 'strip-refinish',
    times: 1,
    grows: 'once',
    when: { sparesFactoryPaint: true },
  },
  {
    families: ['finish', 'shape'],
    flaws: ['dent'],
    remedy: 'refinish',
    times: 1,
    grows: 'once',
    when: { sparesFactoryPaint: true, notOf: ['bumper', 'wheel', 'grille', 'glass'] },
  },
  {
    flaws: ['rust-blister', 'rust-scale'],
    remedy: 'patch-outer',
    times: 1,
    grows: 'once',
    when: { upToMm: 200, upToShare: 0.08, noLoad: true },
  },
  { flaws: ['damp', 'moisture', 'number-unreadable'], remedy: 'test', times: 1, grows: 'once' },
  { flaws: ['glass-chip'], remedy: 'test', times: 1, grows: 'each', when: { upToMm: 25 } },
  { families: ['brightwork', 'glass', 'soft', 'missing', 'metal'], remedy: 'anew' },
  { families: ['finish', 'shape', 'function', 'paper'], remedy: 'own' },
];
