import type { Point } from '../geometry';
import { bow, crossEdge, crossStrip, wheelArch } from '../strokes';
import type { BodyStyle, SeamPiece, ZonePiece } from '../zone';
import { cabinPieces, enginePieces, trunkPieces, underneathPieces } from './inner';
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
  tailPieces,
  wheelPiece,
} from './shared';

// Side view, mm: x rearwards from the front of the body, z above the ground. Two doors, a roof that runs down to the tail.
const LENGTH = 4380;
const FRONT_AXLE = 800;
const REAR_AXLE = 3430;
const AXLE_Z = 310;
const ARCH = 366;
const LOW = 300;
const SHEET_HALF = 2010;

const fold = foldLeft(SHEET_HALF);

const hoodEdge: Point[] = bow([120, 782], [700, 868], [1440, 884], 14);
const frontCut: Point[] = bow([1440, 884], [1416, 600], [1462, LOW], 12);
const rearCut: Point[] = bow([2650, 902], [2664, 600], [2602, LOW], 12);
const belt: Point[] = bow([1440 + C, 884], [2040, 896], [2650, 902], 10);
const sail: Point[] = [
  ...bow([2650 + C, 902], [2800, 906], [2962, 916], 4),
  ...bow([2930, 1150], [3300, 1090], [3700, 1000], 12),
  ...bow([3720, 996], [4000, 930], [4290, 880], 10),
];

const fender: Point[] = [
  ...bow([86, 330], [20, 600], [120, 782], 12),
  ...hoodEdge.slice(1),
  ...frontCut.slice(1),
  ...wheelArch(FRONT_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  [150, LOW],
];
const door: Point[] = [...belt, ...rearCut.slice(1), ...shift(frontCut, C).reverse().slice(0, -1)];
const quarter: Point[] = [
  ...sail,
  ...bow([4320, 872], [4400, 640], [4330, 400], 10),
  [4250, 330],
  ...wheelArch(REAR_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  ...shift(rearCut, C).reverse().slice(0, -1),
];

const glassFront: Point[] = [[1668, 914], ...bow([2010, 1196], [2300, 1236], [2560, 1222], 8), [2608, 924]];
const glassRear: Point[] = [
  [2632, 926],
  [2588, 1220],
  ...bow([2620, 1218], [2760, 1200], [2860, 1160], 6),
  [2892, 936],
];
const pillar: Point[] = [
  [1508, 906],
  [1628, 912],
  [1978, 1200],
  [1926, 1222],
];

const zones: ZonePiece[] = [
  ...nosePieces(24, 700),
  panel('hood', 'nose', CLOSING, crossStrip(24 + C, 1400, 660, 710, 16, 20), { hung: 'hood' }),
  panel('cowl', 'nose', OUTER, crossStrip(1400 + C, 1498, 710, 690, 20, 34)),
  pane('glass.windshield', 'nose', GLASS, crossStrip(1498 + C, 1990, 676, 562, 34, 22), SCREEN),
  panel('fender.left', 'flank', CLOSING, fold(fender), { label: fold([[1220, 640]])[0]! }),
  wheelPiece('front', FRONT_AXLE, AXLE_Z, 292, fold),
  panel('pillar.left.a', 'flank', LOAD_BEARING, fold(pillar), CARRIES),
  panel('door.left.front', 'flank', [...CLOSING, 'function'], fold(door), DOOR),
  pane('glass.left.front', 'flank', ['glass', 'rubber', 'function'], fold(glassFront)),
  panel('rocker.left', 'flank', LOAD_BEARING, fold(rockerOutline(1190, 3040)), SILL),
  panel('quarter.left', 'flank', CLOSING, fold(quarter), { label: fold([[3090, 790]])[0]! }),
  pane('glass.left.rear', 'flank', GLASS, fold(glassRear)),
  wheelPiece('rear', REAR_AXLE, AXLE_Z, 292, fold),
  panel('roof', 'roof', OUTER, crossStrip(1990 + C, 2860, 556, 560, 22, -10)),
  pane('glass.rear', 'tail', GLASS, crossStrip(2860 + C, 3520, 560, 590, -10, -16)),
  panel('deck', 'tail', CLOSING, crossStrip(3520 + C, 4210, 596, 640, -16, -26), { hung: 'deck' }),
  ...tailPieces(4210 + C + 26, 650),
  ...underneathPieces(LENGTH, FRONT_AXLE, REAR_AXLE, 1360),
  ...enginePieces(70, 1400),
  ...cabinPieces(1420, 2640, 2),
  ...trunkPieces(3300),
];

const seams: SeamPiece[] = [
  {
    zones: ['hood', 'fender.left'],
    onA: [
      [24 + C, -660],
      [1400, -710],
    ],
    onB: fold(hoodEdge),
  },
  { zones: ['hood', 'cowl'], onA: crossEdge(1400, 710, 20), onB: crossEdge(1400 + C, 710, 20) },
  { zones: ['hood', 'panel.front'], onA: crossEdge(24 + C, 660, 16), onB: crossEdge(24, 700, 18) },
  { zones: ['door.left.front', 'fender.left'], onA: fold(shift(frontCut, C)), onB: fold(frontCut) },
  { zones: ['door.left.front', 'quarter.left'], onA: fold(rearCut), onB: fold(shift(rearCut, C)) },
  {
    zones: ['door.left.front', 'rocker.left'],
    onA: fold([
      [1462 + C, LOW],
      [2602, LOW],
    ]),
    onB: fold([
      [1462 + C, 278],
      [2602, 278],
    ]),
  },
  {
    zones: ['deck', 'quarter.left'],
    onA: [
      [3520 + C, -596],
      [4210, -640],
    ],
    onB: fold(bow([3720, 996], [4000, 930], [4290, 880], 10)),
  },
  {
    zones: ['deck', 'panel.rear'],
    onA: crossEdge(4210, 640, -26),
    onB: [
      [4210 + C + 26, -650 * 0.6 + C + 24],
      [4210 + C + 26, 650 * 0.6 - C - 24],
    ],
  },
];

export const fastback: BodyStyle = {
  slug: 'fastback',
  doors: 2,
  zones,
  seams,
  folds: [fold(bow([1470, 560], [2050, 600], [2640, 570], 8))],
};
