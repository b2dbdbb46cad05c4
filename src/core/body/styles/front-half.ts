import type { Point } from '../geometry';
import { bow, crossEdge, crossStrip, wheelArch } from '../strokes';
import type { SeamPiece, ZonePiece } from '../zone';
import {
  CUT_MM as C,
  CARRIES,
  CLOSING,
  DOOR,
  foldLeft,
  GLASS,
  LOAD_BEARING,
  nosePieces,
  OUTER,
  pane,
  panel,
  rockerOutline,
  SCREEN,
  SILL,
  shift,
  wheelPiece,
} from './shared';

/** The measures of a body from its nose to its last door; side view, mm: x rearwards, z above the ground. */
export interface FrontHalf {
  readonly sheetHalf: number;
  readonly frontAxle: number;
  readonly rearAxle: number;
  readonly axleZ: number;
  readonly arch: number;
  readonly wheel: number;
  /** Lower edge of doors and fenders. */
  readonly low: number;
  /** Fender's front: its x, and the heights of its lower and upper corner. */
  readonly nose: { readonly x: number; readonly z0: number; readonly z1: number; readonly half: number };
  /** Hood: rear edge x, half-widths front and rear, how far its edges bow forward. */
  readonly hood: {
    readonly x1: number;
    readonly half: readonly [number, number];
    readonly bow: readonly [number, number];
  };
  /** Depth of the cowl, and where the windshield ends with its half-width there. */
  readonly cowl: number;
  readonly screen: { readonly x1: number; readonly half: number };
  /** Cuts ahead of, between and behind the doors, each from the belt down. */
  readonly cuts: readonly (readonly Point[])[];
  /** Outline of the pillar beside the windshield; none on bodies that have none of their own. */
  readonly pillar: readonly Point[] | null;
  /** Windows of the doors, front to rear. */
  readonly panes: readonly (readonly Point[])[];
  /** Ends of the rocker. */
  readonly rocker: readonly [number, number];
}

/** A cut between two closing panels from the belt down, bending by `bend` at half its height. */
export function cut(top: Point, low: Point, bend = 0): Point[] {
  return bow(top, [(top[0] + low[0]) / 2 + bend, (top[1] + low[1]) / 2], low, 10);
}

const ENDS = ['front', 'rear'] as const;
const doorSlug = (i: number) => `door.left.${ENDS[i]}`;

/** Zones and seams of a body from its nose to its last door: what most bodies with a bonnet share. */
export function frontHalf(m: FrontHalf): { zones: ZonePiece[]; seams: SeamPiece[]; fold: ReturnType<typeof foldLeft> } {
  const fold = foldLeft(m.sheetHalf);
  const { nose, hood, cuts, low } = m;
  const first = cuts[0]!;
  const top = first[0]!;
  const hoodEdge = bow([nose.x, nose.z1], [(nose.x + top[0]) / 2, nose.z1 + 0.8 * (top[1] - nose.z1)], top, 12);
  const fender: Point[] = [
    ...bow([nose.x - 20, nose.z0], [nose.x - 80, (nose.z0 + nose.z1) / 2], [nose.x, nose.z1], 10),
    ...hoodEdge.slice(1),
    ...first.slice(1),
    ...wheelArch(m.frontAxle, m.axleZ, m.arch, low).reverse(),
    [nose.x + 40, low],
  ];
  const cowl1 = hood.x1 + C + m.cowl;
  const doors = cuts.slice(0, -1).map((front, i) => {
    const rear = cuts[i + 1]!;
    const [a, b] = [front[0]!, rear[0]!];
    return [
      ...bow([a[0] + C, a[1]], [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2 + 4], b, 8),
      ...rear.slice(1),
      ...shift(front, C).reverse().slice(0, -1),
    ];
  });
  const zones: ZonePiece[] = [
    ...nosePieces(24, nose.half),
    panel('hood', 'nose', CLOSING, crossStrip(24 + C, hood.x1, hood.half[0], hood.half[1], hood.bow[0], hood.bow[1]), {
      hung: 'hood',
    }),
    panel(
      'cowl',
      'nose',
      OUTER,
      crossStrip(hood.x1 + C, cowl1, hood.half[1], hood.half[1] - 12, hood.bow[1], hood.bow[1] + 8),
    ),
    pane(
      'glass.windshield',
      'nose',
      GLASS,
      crossStrip(cowl1 + C, m.screen.x1, hood.half[1] - 22, m.screen.half, hood.bow[1] + 8, hood.bow[1]),
      SCREEN,
    ),
    panel('fender.left', 'flank', CLOSING, fold(fender), {
      label: fold([[(m.frontAxle + m.arch + top[0]) / 2 + 20, (low + top[1]) / 2]])[0]!,
    }),
    wheelPiece('front', m.frontAxle, m.axleZ, m.wheel, fold),
    ...(m.pillar ? [panel('pillar.left.a', 'flank', LOAD_BEARING, fold(m.pillar), CARRIES)] : []),
    ...doors.flatMap((outline, i) => [
      panel(doorSlug(i), 'flank', [...CLOSING, 'function'], fold(outline), DOOR),
      ...(m.panes[i]
        ? [pane(`glass.left.${ENDS[i]}`, 'flank', ['glass', 'rubber', 'function'], fold(m.panes[i]!))]
        : []),
    ]),
    panel('rocker.left', 'flank', LOAD_BEARING, fold(shift(rockerOutline(...m.rocker), 0, low - 300)), SILL),
  ];
  const seams: SeamPiece[] = [
    {
      zones: ['hood', 'fender.left'],
      onA: [
        [24 + C, -hood.half[0]],
        [hood.x1, -hood.half[1]],
      ],
      onB: fold(hoodEdge),
    },
    {
      zones: ['hood', 'cowl'],
      onA: crossEdge(hood.x1, hood.half[1], hood.bow[1]),
      onB: crossEdge(hood.x1 + C, hood.half[1], hood.bow[1]),
    },
    {
      zones: ['hood', 'panel.front'],
      onA: crossEdge(24 + C, hood.half[0], hood.bow[0]),
      onB: crossEdge(24, nose.half, 18),
    },
    { zones: ['door.left.front', 'fender.left'], onA: fold(shift(first, C)), onB: fold(first) },
    ...doors.flatMap((_, i): SeamPiece[] => {
      const [a, b] = [cuts[i]!.at(-1)![0] + C, cuts[i + 1]!.at(-1)![0]];
      const z = low - 22;
      const sill: SeamPiece = {
        zones: [doorSlug(i), 'rocker.left'],
        onA: fold([
          [a, low],
          [b, low],
        ]),
        onB: fold([
          [a, z],
          [b, z],
        ]),
      };
      const between: SeamPiece = {
        zones: [doorSlug(i - 1), doorSlug(i)],
        onA: fold(cuts[i]!),
        onB: fold(shift(cuts[i]!, C)),
      };
      return i > 0 ? [between, sill] : [sill];
    }),
  ];
  return { zones, seams, fold };
}

/** The rear fender behind the last cut: `top` runs from the cut's upper end to the tail, clockwise. */
export function quarterPiece(
  m: FrontHalf,
  top: readonly Point[],
  tail: readonly Point[],
  label: Point,
): { zone: ZonePiece; seam: SeamPiece } {
  const fold = foldLeft(m.sheetHalf);
  const last = m.cuts.at(-1)!;
  const outline = [
    ...top,
    ...tail,
    ...wheelArch(m.rearAxle, m.axleZ, m.arch, m.low).reverse(),
    ...shift(last, C).reverse().slice(0, -1),
  ];
  return {
    zone: panel('quarter.left', 'flank', CLOSING, fold(outline), { label: fold([label])[0]! }),
    seam: {
      zones: [doorSlug(m.cuts.length - 2), 'quarter.left'],
      onA: fold(last),
      onB: fold(shift(last, C)),
    },
  };
}

/** Deck between the rear window and the rear panel, with its two seams. `edge` is where it meets the quarter, side view. */
export function deckPiece(
  x0: number,
  x1: number,
  half: readonly [number, number],
  edge: readonly Point[],
  fold: ReturnType<typeof foldLeft>,
): { zone: ZonePiece; seams: SeamPiece[] } {
  const lampIn = half[1] * 0.6;
  return {
    zone: panel('deck', 'tail', CLOSING, crossStrip(x0, x1, half[0], half[1], -18, -26), { hung: 'deck' }),
    seams: [
      {
        zones: ['deck', 'quarter.left'],
        onA: [
          [x0, -half[0]],
          [x1, -half[1]],
        ],
        onB: fold(edge),
      },
      {
        zones: ['deck', 'panel.rear'],
        onA: crossEdge(x1, half[1], -26),
        onB: [
          [x1 + C + 26, -lampIn + C + 24],
          [x1 + C + 26, lampIn - C - 24],
        ],
      },
    ],
  };
}
