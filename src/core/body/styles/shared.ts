import type { Point } from '../geometry';
import { circle, crossStrip, roundedBox } from '../strokes';
import type { Aspect, ZoneFacts, ZonePiece } from '../zone';

/** Width of the cut between two pattern pieces on the sheet, mm: for the eye only, no gap of the car. */
export const CUT_MM = 22;

export const OUTER: readonly Aspect[] = ['paint', 'shape', 'corrosion'];
export const CLOSING: readonly Aspect[] = ['paint', 'shape', 'fit', 'corrosion'];
export const BRIGHT: readonly Aspect[] = ['brightwork', 'fit', 'corrosion'];

export const GLASS: readonly Aspect[] = ['glass', 'rubber'];
export const LOAD_BEARING: readonly Aspect[] = ['paint', 'corrosion', 'structure'];

type PieceOptions = Pick<ZonePiece, 'label' | 'structural' | keyof ZoneFacts>;

/** A part that carries the car. */
export const CARRIES = { structural: true, loadPath: true } as const;
/** A hollow sill that carries it, with drains below. */
export const SILL = { ...CARRIES, drains: true } as const;
/** A door: hinged at its front edge, hollow. */
export const DOOR = { hung: 'door', drains: true, drawn: 'handle' } as const;

/** An outer panel of the body's own metal. */
export function panel(
  slug: string,
  part: ZonePiece['part'],
  aspects: readonly Aspect[],
  outline: readonly Point[],
  options: PieceOptions = {},
): ZonePiece {
  return { slug, view: 'outside', part, metal: 'body', aspects, outline, ...options };
}

/** A pane of glass. */
export function pane(
  slug: string,
  part: ZonePiece['part'],
  aspects: readonly Aspect[],
  outline: readonly Point[],
  facts: ZoneFacts = {},
): ZonePiece {
  return { slug, view: 'outside', part, metal: 'glass', aspects, outline, ...facts };
}

/** The pane that a driver looks through. */
export const SCREEN: ZoneFacts = { need: 'screen' };

/** Folds a side view outwards: height z above the ground becomes distance from the sheet's outer edge. */
export function foldLeft(sheetHalfMm: number): (points: readonly Point[]) => Point[] {
  return (points) => points.map(([x, z]) => [x, -(sheetHalfMm - z)] as const);
}

/** Moves points by dx, dz. */
export function shift(points: readonly Point[], dx: number, dz = 0): Point[] {
  return points.map(([x, z]) => [x + dx, z + dz] as const);
}

/** Nose pieces ahead of the hood. `x` is the rear edge of the nose panel; `half` its half-width. */
export function nosePieces(x: number, half: number): ZonePiece[] {
  const c = CUT_MM;
  const row1 = x - 110 - c;
  const row0 = row1 - 190;
  const lampIn = half * 0.64;
  return [
    {
      slug: 'valance.front',
      view: 'outside',
      part: 'nose',
      metal: 'body',
      aspects: OUTER,
      outline: crossStrip(row0 - 2 * c - 260, row0 - 2 * c - 150, half * 0.84, half * 0.96, 26, 22),
    },
    {
      slug: 'bumper.front',
      drawn: 'bumper',
      view: 'outside',
      part: 'nose',
      metal: 'chromed',
      aspects: BRIGHT,
      outline: crossStrip(row0 - c - 140, row0 - c, half * 1.08, half * 1.1, 34, 12),
    },
    {
      slug: 'grille',
      drawn: 'bars',
      view: 'outside',
      part: 'nose',
      metal: 'mixed',
      aspects: BRIGHT,
      outline: roundedBox(row0, -lampIn + c, row1, lampIn - c, 30),
    },
    {
      slug: 'lamp.left.head',
      drawn: 'lamp',
      view: 'outside',
      part: 'nose',
      metal: 'glass',
      aspects: ['glass', 'function'],
      outline: roundedBox(row0, -half, row1, -lampIn, 90),
    },
    {
      slug: 'panel.front',
      view: 'outside',
      part: 'nose',
      metal: 'body',
      aspects: OUTER,
      outline: crossStrip(x - 110, x, half * 0.985, half, 18, 18),
    },
  ];
}

/** Tail pieces behind the deck. `x` is the front edge of the rear panel. */
export function tailPieces(x: number, half: number): ZonePiece[] {
  const c = CUT_MM;
  const lampIn = half * 0.6;
  return [
    {
      slug: 'panel.rear',
      view: 'outside',
      part: 'tail',
      metal: 'body',
      aspects: OUTER,
      outline: roundedBox(x, -lampIn + c, x + 190, lampIn - c, 24),
    },
    {
      slug: 'lamp.left.tail',
      drawn: 'tail-lamp',
      need: 'rear-lamps',
      view: 'outside',
      part: 'tail',
      metal: 'glass',
      aspects: ['glass', 'function'],
      outline: roundedBox(x + 15, -half, x + 175, -lampIn, 34),
    },
    {
      slug: 'bumper.rear',
      drawn: 'bumper',
      view: 'outside',
      part: 'tail',
      metal: 'chromed',
      aspects: BRIGHT,
      outline: crossStrip(x + 190 + c, x + 325, half * 1.14, half * 1.1, -10, -30),
    },
    {
      slug: 'valance.rear',
      view: 'outside',
      part: 'tail',
      metal: 'body',
      aspects: OUTER,
      outline: crossStrip(x + 325 + c + 14, x + 325 + c + 120, half * 0.96, half * 0.84, -24, -26),
    },
  ];
}

/** A wheel with its tyre inside an arch of the flank. */
export function wheelPiece(
  end: 'front' | 'rear',
  cx: number,
  cz: number,
  radius: number,
  fold: (p: readonly Point[]) => Point[],
): ZonePiece {
  return {
    slug: `wheel.left.${end}`,
    view: 'outside',
    part: 'flank',
    metal: 'rubber',
    aspects: ['tire', 'brightwork'],
    need: 'tires',
    drawn: 'wheel',
    outline: fold(circle(cx, cz, radius)),
  };
}

const roundedTop = (x0: number, x1: number, z0: number, z1: number): Point[] => [
  [x0, z0],
  [x0, z1],
  [x1, z1],
  [x1, z0],
];

/** The rocker below the doors, side view. */
export function rockerOutline(x0: number, x1: number): Point[] {
  return roundedTop(x0, x1, 182, 278);
}
