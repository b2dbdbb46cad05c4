import type { Aspect } from '../../body/zone';

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
  'straighten-polish',
  're-plate',
  'refit',
  'watch',
  'specialist-test',
] as const;
export type Remedy = (typeof REMEDIES)[number];

/** One kind of flaw of the catalogue. Its words stand in words/flaws.ts under the same id. */
export interface Flaw {
  readonly id: string;
  readonly family: Family;
  /** The aspects it can be found under; the first is the usual one. None: it speaks of no aspect. */
  readonly aspects: readonly Aspect[];
  /** Parts of the car that alone can have it. */
  readonly only?: readonly string[];
  /** Parts that can have it although they have none of its aspects. */
  readonly alsoAt?: readonly string[];
  /** Share of a zone's condition (0 to 1) that one of typical extent takes. Starting value of the house. */
  readonly loss: number;
  /** Extent of a typical one, mm. */
  readonly typicalMm: number;
  /** Typical share of the zone where the flaw is judged by area; absent where it is counted. */
  readonly typicalShare?: number;
  /** How it stands out from its ground, 0 (as its ground) to 1 (black on white); low on metallic paint. */
  readonly contrast: number;
  /** Counted within a square of 100 mm, not over the whole panel. */
  readonly perDm2?: boolean;
  readonly remedies: readonly [Remedy, ...Remedy[]];
  /** Corrosion only: place on the scale film < blister < scale < perforated < structural loss, 1 to 5. */
  readonly stage?: 1 | 2 | 3 | 4 | 5;
}
