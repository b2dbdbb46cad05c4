import type { Aspect } from '../../body/zone';
import type { RemedyId } from '../remedies';

export const FAMILIES = [
  'finish',
  'shape',
  'metal',
  'brightwork',
  'glass',
  'soft',
  'missing',
  'function',
  'paper',
] as const;
/** What a finding's pin looks like and which list it stands in. */
export type Family = (typeof FAMILIES)[number];

export const REMEDIES = [
  'leave',
  'clean',
  'polish',
  'touch-in',
  'refinish',
  'strip-refinish',
  'dent-removal',
  'adjust',
  'patch',
  'replace',
  'straighten',
  're-plate',
  'refit',
  'watch',
  'specialist-test',
] as const;
export type Remedy = (typeof REMEDIES)[number];

/** What putting a typical one right takes. */
export interface Takes {
  /** A piece of work, or redoing the place. */
  readonly remedy: RemedyId | 'anew';
  /** How often that is needed; of redoing the place, which share of it. */
  readonly times: number;
  /** By number and size, the first few whole; by its extent, many or large ones less than in proportion; or not at all. */
  readonly grows: 'each' | 'extent' | 'once';
}

/** What makes schools of judgement disagree: age that shows on what the works made, what lies hidden, what is not there. */
export type Sort = 'patina' | 'hidden' | 'incomplete';

/** One kind of flaw of the catalogue. Its words stand in words/flaws.ts under the same id. */
export interface Flaw {
  readonly id: string;
  readonly family: Family;
  /** The aspects it can be found under; the first is the usual one. None: it speaks of no aspect. */
  readonly aspects: readonly Aspect[];
  /** An old patch: how it is joined is asked. */
  readonly patch?: true;
  /** Parts of the car that alone can have it. */
  readonly only?: readonly string[];
  /** Parts that can have it although they have none of its aspects. */
  readonly alsoAt?: readonly string[];
  /** How grave a typical one is drawn and listed, 0 upwards. What it costs the grade is what putting it right takes. */
  readonly loss: number;
  /** Extent of a typical one, mm. */
  readonly typicalMm: number;
  /** Typical share of the zone where the flaw is judged by area; absent where it is counted. */
  readonly typicalShare?: number;
  /** How it stands out from its ground, 0 (as its ground) to 1 (black on white); low on metallic paint. */
  readonly contrast: number;
  /** The same where it is spread over a share of the place and its pieces blend with the ground between them. */
  readonly veil?: number;
  /** How wide it is where it is a line, mm; how much more (or less) it stands out on dark paint. */
  readonly widthMm?: number;
  readonly onDark?: number;
  /** Counted within a square of 100 mm, not over the whole panel. */
  readonly perDm2?: boolean;
  readonly takes: Takes;
  /** The same where a thing at the place is named: the clock in the dash. */
  readonly takesNamed?: Takes;
  /** Share of the place's paint that a typical one spoils too. */
  readonly marksPaint?: number;
  readonly sort?: Sort;
  readonly remedies: readonly [Remedy, ...Remedy[]];
  /** Corrosion only: place on the scale film < blister < scale < perforated < structural loss, 1 to 5. */
  readonly stage?: 1 | 2 | 3 | 4 | 5;
}
