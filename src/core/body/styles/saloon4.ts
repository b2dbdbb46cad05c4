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

// Side view, mm: x rearwards from the front of the body, z above the ground. Four doors, three boxes.
const LENGTH = 4560;
const FRONT_AXLE = 790;
const REAR_AXLE = 3490;
const AXLE_Z = 310;
const ARCH = 362;
const LOW = 300;
const SHEET_HALF = 2030;

const fold = foldLeft(SHEET_HALF);

const hoodEdge: Point[] = bow([110, 812], [600, 884], [1330, 900], 12);
const frontCut: Point[] = bow([1330, 900], [1318, 600], [1350, LOW], 10);
const middleCut: Point[] = bow([2230, 914], [2226, 600], [2224, LOW], 8);
const rearCut: Point[] = [
  ...bow([3080, 924], [3092, 800], [3060, 690], 6),
  ...bow([3030, 640], [2960, 480], [2950, LOW], 8),
];

const fender: Point[] = [
  ...bow([90, 340], [30, 600], [110, 812], 10),
  ...hoodEdge.slice(1),
  ...frontCut.slice(1),
  ...wheelArch(FRONT_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  [150, LOW],
];
const doorFront: Point[] = [
  ...bow([1330 + C, 900], [1800, 908], [2230, 914], 8),
  ...middleCut.slice(1),
  ...shift(frontCut, C).reverse().slice(0, -1),
];
const doorRear: Point[] = [
  ...bow([2230 + C, 914], [2700, 920], [3080, 924], 8),
  ...rearCut.slice(1),
  ...shift(middleCut, C).reverse().slice(0, -1),
];
const deckEdge: Point[] = bow([3640, 942], [4050, 934], [4430, 884], 10);
const quarter: Point[] = [
  [3080 + C, 924],
  [3180, 930],
  ...bow([3010, 1190], [3130, 1210], [3250, 1180], 4),
  ...bow([3300, 1150], [3480, 980], [3620, 944], 8),
  ...deckEdge,
  ...bow([4470, 872], [4560, 620], [4500, 400], 10),
  [4420, 330],
  ...wheelArch(REAR_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  ...shift(rearCut, C).reverse().slice(0, -1),
];

const glassFront: Point[] = [[1556, 930], ...bow([1880, 1206], [2060, 1246], [2200, 1250], 6), [2214, 938]];
const glassRear: Point[] = [
  [2240, 938],
  [2228, 1250],
  ...bow([2500, 1252], [2800, 1236], [2966, 1190], 6),
  [3090, 948],
];
const pillar: Point[] = [
  [1400, 924],
  [1516, 928],
  [1848, 1210],
  [1800, 1234],
];

const zones: ZonePiece[] = [
  ...nosePieces(24, 710),
  panel('hood', 'nose', CLOSING, crossStrip(24 + C, 1290, 670, 710, 12, 18), { hung: 'hood' }),
  panel('cowl', 'nose', OUTER, crossStrip(1290 + C, 1390, 710, 700, 18, 26)),
  pane('glass.windshield', 'nose', GLASS, crossStrip(1390 + C, 1850, 690, 590, 26, 18), SCREEN),
  panel('fender.left', 'flank', CLOSING, fold(fender), { label: fold([[1200, 660]])[0]! }),
  wheelPiece('front', FRONT_AXLE, AXLE_Z, 290, fold),
  panel('pillar.left.a', 'flank', LOAD_BEARING, fold(pillar), CARRIES),
  panel('door.left.front', 'flank', [...CLOSING, 'function'], fold(doorFront), DOOR),
  pane('glass.left.front', 'flank', ['glass', 'rubber', 'function'], fold(glassFront)),
  panel('rocker.left', 'flank', LOAD_BEARING, fold(rockerOutline(1180, 3100)), SILL),
  panel('door.left.rear', 'flank', [...CLOSING, 'function'], fold(doorRear), DOOR),
  pane('glass.left.rear', 'flank', ['glass', 'rubber', 'function'], fold(glassRear)),
  panel('quarter.left', 'flank', CLOSING, fold(quarter), { label: fold([[3700, 800]])[0]! }),
  wheelPiece('rear', REAR_AXLE, AXLE_Z, 290, fold),
  panel('roof', 'roof', OUTER, crossStrip(1850 + C, 3000, 584, 590, 18, -10)),
  pane('glass.rear', 'tail', GLASS, crossStrip(3000 + C, 3420, 596, 660, -10, -20)),
  panel('deck', 'tail', CLOSING, crossStrip(3420 + C, 4300, 668, 690, -20, -26), { hung: 'deck' }),
  ...tailPieces(4300 + C + 26, 690),
  ...underneathPieces(LENGTH, FRONT_AXLE, REAR_AXLE, 1280),
  ...enginePieces(70, 1320),
  ...cabinPieces(1300, 2600, 4),
  ...trunkPieces(3420),
];

const seams: SeamPiece[] = [
  {
    zones: ['hood', 'fender.left'],
    onA: [
      [24 + C, -670],
      [1290, -710],
    ],
    onB: fold(hoodEdge),
  },
  { zones: ['hood', 'cowl'], onA: crossEdge(1290, 710, 18), onB: crossEdge(1290 + C, 710, 18) },
  { zones: ['hood', 'panel.front'], onA: crossEdge(24 + C, 670, 12), onB: crossEdge(24, 710, 18) },
  { zones: ['door.left.front', 'fender.left'], onA: fold(shift(frontCut, C)), onB: fold(frontCut) },
  { zones: ['door.left.front', 'door.left.rear'], onA: fold(middleCut), onB: fold(shift(middleCut, C)) },
  { zones: ['door.left.rear', 'quarter.left'], onA: fold(rearCut), onB: fold(shift(rearCut, C)) },
  {
    zones: ['door.left.front', 'rocker.left'],
    onA: fold([
      [1350 + C, LOW],
      [2224, LOW],
    ]),
    onB: fold([
      [1350 + C, 278],
      [2224, 278],
    ]),
  },
  {
    zones: ['door.left.rear', 'rocker.left'],
    onA: fold([
      [2224 + C, LOW],
      [2950, LOW],
    ]),
    onB: fold([
      [2224 + C, 278],
      [2950, 278],
    ]),
  },
  {
    zones: ['deck', 'quarter.left'],
    onA: [
      [3420 + C, -668],
      [4300, -690],
    ],
    onB: fold(deckEdge),
  },
  {
    zones: ['deck', 'panel.rear'],
    onA: crossEdge(4300, 690, -26),
    onB: [
      [4300 + C + 26, -690 * 0.6 + C + 24],
      [4300 + C + 26, 690 * 0.6 - C - 24],
    ],
  },
];

export const saloon4: BodyStyle = {
  slug: 'saloon4',
  doors: 4,
  zones,
  seams,
  folds: [fold(bow([1360, 590], [2200, 624], [3040, 600], 10))],
};
