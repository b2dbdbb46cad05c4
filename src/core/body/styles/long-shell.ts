import type { Point } from '../geometry';
import { bow, roundedBox } from '../strokes';
import type { ZonePiece } from '../zone';
import { cut, deckPiece, type FrontHalf, frontHalf, quarterPiece } from './front-half';
import { underneathPieces } from './inner';
import { CUT_MM as C, CARRIES, tailPieces, wheelPiece } from './shared';

// A long, low two-door body on a separate frame: the open and the pillarless one are the same below the belt.
export const LONG_LENGTH = 4980;
const M: FrontHalf = {
  sheetHalf: 2030,
  frontAxle: 860,
  rearAxle: 3780,
  axleZ: 320,
  arch: 374,
  wheel: 300,
  low: 310,
  nose: { x: 110, z0: 350, z1: 830, half: 760 },
  hood: { x1: 1480, half: [700, 742], bow: [14, 20] },
  cowl: 84,
  screen: { x1: 1960, half: 640 },
  cuts: [cut([1520, 884], [1546, 310], -14), cut([2740, 894], [2716, 310], 22)],
  pillar: [
    [1592, 908],
    [1680, 912],
    [1946, 1150],
    [1902, 1176],
  ],
  panes: [[[1720, 914], ...bow([1986, 1146], [2220, 1190], [2560, 1194], 6), [2680, 920]]],
  rocker: [1266, 3370],
};
export const DECK_EDGE: Point[] = bow([3860, 902], [4400, 896], [4880, 850], 10);

/** Body mounts and outriggers of a separate frame, and the frame itself of steel whatever the skin is. */
export function frameMounts(x0: number, x1: number): ZonePiece[] {
  return (['front', 'rear'] as const).map((end, i) => ({
    slug: `outrigger.left.${end}`,
    view: 'underneath' as const,
    part: 'inner' as const,
    metal: 'steel' as const,
    aspects: ['corrosion', 'structure'] as const,
    ...CARRIES,
    drawn: 'rail' as const,
    outline: roundedBox(i === 0 ? x0 : x1, -930, (i === 0 ? x0 : x1) + 130, -792, 14),
  }));
}

/** Everything below the belt, and the tail. `over` is the quarter's upper edge from the door to the deck. */
export function longShell(over: readonly Point[]) {
  const front = frontHalf(M);
  const quarter = quarterPiece(
    M,
    [[2740 + C, 894], ...over, ...DECK_EDGE],
    [...bow([4920, 838], [5000, 600], [4930, 410], 10), [4840, 340]],
    [3180, 700],
  );
  const deck = deckPiece(3700 + C, 4740, [700, 720], DECK_EDGE, front.fold);
  return {
    fold: front.fold,
    zones: [
      ...front.zones,
      quarter.zone,
      wheelPiece('rear', M.rearAxle, M.axleZ, M.wheel, front.fold),
      deck.zone,
      ...tailPieces(4740 + C + 26, 720),
      ...underneathPieces(LONG_LENGTH, M.frontAxle, M.rearAxle, 1480),
      ...frameMounts(1500, 3060),
    ],
    seams: [...front.seams, quarter.seam, ...deck.seams],
    folds: [front.fold(bow([1560, 640], [2200, 664], [2720, 640], 10))],
  };
}
