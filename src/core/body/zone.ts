import type { DrawnAs } from './details';
import type { Point } from './geometry';
import type { Hung } from './hanging';

export const VIEWS = ['outside', 'underneath', 'engine', 'cabin', 'trunk'] as const;
export type View = (typeof VIEWS)[number];

export const ASPECTS = [
  'paint',
  'shape',
  'fit',
  'corrosion',
  'brightwork',
  'glass',
  'rubber',
  'trim',
  'function',
  'leaks',
  'structure',
  'tire',
  'identity',
] as const;
export type Aspect = (typeof ASPECTS)[number];

/** What a zone is made of underneath any coating; decides whether a thickness gauge can read it. */
export const METALS = [
  'steel',
  'aluminium',
  'glass-fibre',
  'wood',
  'glass',
  'chromed',
  'rubber',
  'textile',
  'mixed',
] as const;
export type Metal = (typeof METALS)[number];

/** Things without which a car cannot be used. */
export const NEEDS = ['engine', 'brakes', 'screen', 'rear-lamps', 'tires'] as const;
export type Need = (typeof NEEDS)[number];

/** Facts of a zone that its name does not tell. */
export interface ZoneFacts {
  /** How it hangs, where it opens. */
  readonly hung?: Hung;
  /** It carries steering, springs, brakes or seat belts. */
  readonly loadPath?: boolean;
  /** Water that gets in must be able to leave it. */
  readonly drains?: boolean;
  /** What would run out of it. */
  readonly holds?: 'brake-fluid' | 'fuel';
  /** What the car cannot be used without. */
  readonly need?: Need;
  /** Brittle with age: looked at, not pressed. */
  readonly fragile?: boolean;
  /** Whose seat it is. */
  readonly seat?: 'front' | 'rear';
  /** How it is drawn, where its outline alone does not say what it is. */
  readonly drawn?: DrawnAs;
  /** Its place follows the steering wheel; drawn on the left and mirrored for right-hand drive. */
  readonly followsWheel?: boolean;
}

/** A zone as a style definition states it: the left one or the centre one; the right twin is its mirror image. */
export interface ZonePiece extends ZoneFacts {
  /** Slug with `left` where the zone has a twin, for example `door.left.front`. */
  readonly slug: string;
  readonly view: View;
  /** Closed outline on the sheet, mm. */
  readonly outline: readonly Point[];
  /** `body` takes the car's own base metal. */
  readonly metal: Metal | 'body';
  readonly aspects: readonly Aspect[];
  readonly structural?: boolean;
  /** Where the label stands; the centre of area when not given. */
  readonly label?: Point;
  /** Pieces of a lap: nose and tail are walked once, a flank once each side. */
  readonly part: 'nose' | 'flank' | 'roof' | 'tail' | 'inner';
}

/** The kind of part that a zone is, by its slug's first word: `door` of `door.left.front`. */
export const partOf = (slug: string): string => slug.split('.')[0]!;

/** Where two zones meet, with the meeting line as it lies on each outline (they are cut apart on the sheet). */
export interface SeamPiece {
  readonly zones: readonly [string, string];
  readonly onA: readonly Point[];
  readonly onB: readonly Point[];
}

/** A body style: one file. */
export interface BodyStyle {
  readonly slug: string;
  readonly doors: 2 | 4;
  readonly zones: readonly ZonePiece[];
  readonly seams: readonly SeamPiece[];
  /** Fold and roof lines drawn dashed, on the left half; mirrored. */
  readonly folds: readonly (readonly Point[])[];
}

export interface Seam {
  /** The two zone slugs joined with `|`, alphabetically. */
  readonly slug: string;
  readonly zones: readonly [string, string];
  /** The meeting line on the first zone's outline and on the second's, front to rear, sheet mm. */
  readonly lines: readonly [readonly Point[], readonly Point[]];
  readonly lengthMm: number;
}

export interface Zone extends ZoneFacts {
  readonly slug: string;
  readonly view: View;
  readonly outline: readonly Point[];
  readonly areaM2: number;
  readonly metal: Metal;
  readonly structural: boolean;
  readonly aspects: readonly Aspect[];
  /** The same panel on the other side, if there is one. */
  readonly twin: string | null;
  /** Place on the lap of its view, from 1. */
  readonly lap: number;
  readonly label: Point;
  readonly side: 'left' | 'right' | 'centre';
  readonly upright: boolean;
  readonly seams: readonly string[];
}
