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
  /** Where it is a remedy at all: at these parts, at none of those, only of a thing that is named there ("the check strap"). */
  readonly at?: {
    readonly parts?: readonly string[];
    readonly notParts?: readonly string[];
    readonly named?: true;
  };
  readonly when?: Precondition;
  /** How often that work is done for one of them; of one that grows, for a typical one. */
  readonly times?: number;
  readonly grows?: 'each' | 'extent' | 'once';
}

/** What opens: its handles, locks and stays are set, or go. */
const OPENING = ['door', 'hood', 'deck', 'tailgate', 'hatch'];

/**
 * Remedies by flaw, the gentlest that serves first. `own`: what the catalogue says that a typical one takes; `anew`: redoing
 * the place. Leaving it and saying so is open for everything and stands in no row. A house's own schools differ here: rows
 * are data, each with what must hold.
 */
export const REMEDY_RULES: readonly RemedyRule[] = [
  // A thing that is named is replaced by itself, not with the place that it belongs to.
  { flaws: ['wrong-part'], remedy: 'leave' },
  { flaws: ['missing', 'wrong-part'], at: { named: true, parts: ['dash'] }, remedy: 'small-electrical', grows: 'each' },
  { flaws: ['missing', 'wrong-part'], at: { named: true, notParts: ['dash'] }, remedy: 'trim-piece', grows: 'each' },
  { flaws: ['inoperative', 'works-poorly'], at: { parts: OPENING }, remedy: 'adjust' },
  { flaws: ['inoperative', 'works-poorly'], at: { parts: ['top', 'frame', 'glass', 'sunroof'] }, remedy: 'window' },
  { flaws: ['gap-uneven', 'proud', 'hard-shut'], remedy: 'adjust', times: 1, grows: 'once' },
  { flaws: ['drops'], remedy: 'hinges', times: 1, grows: 'once' },
  { flaws: ['overspray', 'dirty', 'stained'], remedy: 'clean', times: 0.5, grows: 'once' },
  {
    flaws: [
      'masking-line',
      'colour-under-chip',
      'touch-up',
      'patch-neat',
      'number-mismatch',
      'plate-disturbed',
      // Wear that tells of use, and a seam that jacks have bent, are said.
      'worn',
      'pinch-weld-bent',
    ],
    remedy: 'leave',
  },
  // What may be hidden or is not known is looked into before anybody mends it.
  { flaws: ['fresh-underseal', 'corner-replaced', 'gusset-drilled', 'smell-fuel'], remedy: 'test' },
  { flaws: ['underseal-flaking'], remedy: 'clean', times: 2 },
  { flaws: ['pinch-weld-bent'], remedy: 'adjust' },
  { flaws: ['smell-damp', 'smell-mice', 'smell-smoke'], remedy: 'clean' },
  { flaws: ['loose'], remedy: 'refit' },
  { flaws: ['cloudy'], remedy: 'polish' },
  { flaws: ['impact-damage', 'rail-kinked', 'tie-down-torn'], remedy: 'anew' },
  {
    flaws: ['chip', 'scratch-through'],
    remedy: 'touch-in',
    times: 1,
    grows: 'each',
    when: { upToCount: 30, upToShare: 0.05, upToMm: 400 },
  },
  // Rust that lies on the metal has taken nothing of it, wherever that is: it is cleaned off and painted.
  { flaws: ['rust-film'], remedy: 'own' },
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
    flaws: ['rust-blister', 'rust-scale', 'galvanic'],
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
