import type { Point } from '../geometry';
import { bow, crossStrip } from '../strokes';
import type { BodyStyle } from '../zone';
import { cut, deckPiece, type FrontHalf, frontHalf, quarterPiece } from './front-half';
import { cabinPieces, enginePieces, trunkPieces, underneathPieces } from './inner';
import { CUT_MM as C, CARRIES, GLASS, LOAD_BEARING, OUTER, pane, panel, tailPieces, wheelPiece } from './shared';

// Two doors, three boxes, a pillar behind the door.
const M: FrontHalf = {
  sheetHalf: 2030,
  frontAxle: 780,
  rearAxle: 3380,
  axleZ: 310,
  arch: 360,
  wheel: 288,
  low: 300,
  nose: { x: 110, z0: 340, z1: 812, half: 700 },
  hood: { x1: 1270, half: [662, 700], bow: [12, 18] },
  cowl: 78,
  screen: { x1: 1820, half: 584 },
  cuts: [cut([1310, 896], [1340, 300], -16), cut([2470, 912], [2440, 300], 20)],
  pillar: [
    [1386, 918],
    [1500, 922],
    [1820, 1206],
    [1772, 1230],
  ],
  panes: [[[1540, 926], ...bow([1860, 1202], [2100, 1246], [2376, 1250], 6), [2430, 932]]],
  rocker: [1170, 2990],
};
const deckEdge: Point[] = bow([3500, 938], [3930, 930], [4300, 884], 10);
const sail: Point[] = [
  [2470 + C, 912],
  [3040, 926],
  ...bow([2930, 1170], [3060, 1200], [3180, 1160], 4),
  ...bow([3230, 1130], [3380, 980], [3480, 940], 8),
  ...deckEdge,
];
const front = frontHalf(M);
const quarter = quarterPiece(M, sail, [...bow([4340, 872], [4430, 620], [4370, 400], 10), [4290, 330]], [2790, 760]);
const deck = deckPiece(3330 + C, 4180, [662, 684], deckEdge, front.fold);

export const saloon2: BodyStyle = {
  slug: 'saloon2',
  doors: 2,
  zones: [
    ...front.zones,
    panel(
      'pillar.left.b',
      'flank',
      LOAD_BEARING,
      front.fold([
        [2456, 936],
        [2520, 938],
        [2500, 1250],
        [2404, 1252],
      ]),
      CARRIES,
    ),
    pane(
      'glass.left.rear',
      'flank',
      GLASS,
      front.fold([[2546, 940], [2524, 1248], ...bow([2640, 1246], [2780, 1230], [2880, 1190], 5), [2970, 946]]),
    ),
    quarter.zone,
    wheelPiece('rear', M.rearAxle, M.axleZ, M.wheel, front.fold),
    panel('roof', 'roof', OUTER, crossStrip(1820 + C, 2920, 578, 584, 18, -10)),
    pane('glass.rear', 'tail', GLASS, crossStrip(2920 + C, 3330, 590, 652, -10, -18)),
    deck.zone,
    ...tailPieces(4180 + C + 26, 684),
    ...underneathPieces(4430, M.frontAxle, M.rearAxle, 1270),
    ...enginePieces(70, 1310),
    ...cabinPieces(1290, 2560, 2),
    ...trunkPieces(3340),
  ],
  seams: [...front.seams, quarter.seam, ...deck.seams],
  folds: [front.fold(bow([1350, 590], [1900, 620], [2430, 600], 10))],
};
