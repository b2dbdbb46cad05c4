import type { Point } from '../geometry';
import { bow, crossEdge, crossStrip, roundedBox, wheelArch } from '../strokes';
import type { BodyStyle, SeamPiece, ZonePiece } from '../zone';
import { cabinPieces, enginePieces, underneathPieces } from './inner';
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

// Side view, mm: x rearwards from the front of the body, z above the ground. A two-door cab and an open bed on a frame.
const LENGTH = 4900;
const FRONT_AXLE = 830;
const REAR_AXLE = 3780;
const AXLE_Z = 360;
const ARCH = 400;
const LOW = 400;
const SHEET_HALF = 2260;

const fold = foldLeft(SHEET_HALF);

const hoodEdge: Point[] = bow([120, 1010], [600, 1080], [1360, 1090], 12);
const frontCut: Point[] = bow([1360, 1090], [1350, 760], [1382, LOW], 10);
const rearCut: Point[] = bow([2420, 1104], [2430, 760], [2420, LOW], 10);
const bedTop: Point[] = [
  [2640, 1096],
  [4780, 1096],
];

const fender: Point[] = [
  ...bow([90, 460], [40, 760], [120, 1010], 10),
  ...hoodEdge.slice(1),
  ...frontCut.slice(1),
  ...wheelArch(FRONT_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  [150, LOW],
];
const door: Point[] = [
  ...bow([1360 + C, 1090], [1900, 1100], [2420, 1104], 8),
  ...rearCut.slice(1),
  ...shift(frontCut, C).reverse().slice(0, -1),
];
const corner: Point[] = [
  [2420 + C, 1104],
  ...bow([2400, 1420], [2520, 1440], [2600, 1400], 4),
  [2616, LOW],
  ...shift(rearCut, C).reverse().slice(0, -1),
];
const bed: Point[] = [
  ...bedTop,
  ...bow([4800, 1080], [4830, 800], [4800, 480], 8),
  [4780, LOW],
  ...wheelArch(REAR_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  [2640, LOW],
];

const NO_REAR_SEAT = new Set(['carpet.left.rear', 'seat.rear', 'parcel']);

const zones: ZonePiece[] = [
  ...nosePieces(24, 720),
  panel('hood', 'nose', CLOSING, crossStrip(24 + C, 1310, 690, 730, 8, 14), { hung: 'hood' }),
  panel('cowl', 'nose', OUTER, crossStrip(1310 + C, 1410, 730, 716, 14, 20)),
  pane('glass.windshield', 'nose', GLASS, crossStrip(1410 + C, 1800, 706, 630, 20, 14), SCREEN),
  panel('fender.left', 'flank', CLOSING, fold(fender), { label: fold([[1270, 780]])[0]! }),
  wheelPiece('front', FRONT_AXLE, AXLE_Z, 330, fold),
  panel(
    'pillar.left.a',
    'flank',
    LOAD_BEARING,
    fold([
      [1440, 1116],
      [1540, 1118],
      [1740, 1400],
      [1690, 1424],
    ]),
    CARRIES,
  ),
  panel('door.left.front', 'flank', [...CLOSING, 'function'], fold(door), DOOR),
  pane(
    'glass.left.front',
    'flank',
    ['glass', 'rubber', 'function'],
    fold([[1576, 1120], ...bow([1770, 1400], [2000, 1436], [2300, 1436], 6), [2360, 1128]]),
  ),
  panel('rocker.left', 'flank', LOAD_BEARING, fold(shift(rockerOutline(1250, 2600), 0, 100)), SILL),
  { slug: 'corner.left', view: 'outside', part: 'flank', metal: 'body', aspects: OUTER, outline: fold(corner) },
  panel('bed.left', 'flank', CLOSING, fold(bed), { label: fold([[3100, 830]])[0]! }),
  wheelPiece('rear', REAR_AXLE, AXLE_Z, 330, fold),
  panel('roof', 'roof', OUTER, crossStrip(1800 + C, 2420, 626, 630, 14, -8)),
  pane('glass.rear', 'tail', GLASS, crossStrip(2420 + C, 2580, 600, 610, -8, -6)),
  panel('bed.floor', 'tail', ['paint', 'shape', 'corrosion'], roundedBox(2640, -640, 4560, 640, 16), {
    drawn: 'slats',
  }),
  panel('tailgate', 'tail', [...CLOSING, 'function'], roundedBox(4560 + C, -640, 5140, 640, 20), { hung: 'drop-gate' }),
  ...tailPieces(5140 + C, 700),
  ...underneathPieces(LENGTH, FRONT_AXLE, REAR_AXLE, 1340).filter((z) => z.slug !== 'trunk.floor'),
  ...enginePieces(70, 1340),
  ...cabinPieces(1360, 2480, 2).filter((z) => !NO_REAR_SEAT.has(z.slug)),
];

const seams: SeamPiece[] = [
  {
    zones: ['hood', 'fender.left'],
    onA: [
      [24 + C, -690],
      [1310, -730],
    ],
    onB: fold(hoodEdge),
  },
  { zones: ['hood', 'cowl'], onA: crossEdge(1310, 730, 14), onB: crossEdge(1310 + C, 730, 14) },
  { zones: ['hood', 'panel.front'], onA: crossEdge(24 + C, 690, 8), onB: crossEdge(24, 720, 18) },
  { zones: ['door.left.front', 'fender.left'], onA: fold(shift(frontCut, C)), onB: fold(frontCut) },
  { zones: ['corner.left', 'door.left.front'], onA: fold(shift(rearCut, C)), onB: fold(rearCut) },
  {
    zones: ['door.left.front', 'rocker.left'],
    onA: fold([
      [1382 + C, LOW],
      [2420, LOW],
    ]),
    onB: fold([
      [1382 + C, 378],
      [2420, 378],
    ]),
  },
  {
    zones: ['bed.left', 'tailgate'],
    onA: fold(bow([4800, 1080], [4830, 800], [4800, 480], 8)),
    onB: [
      [4602, -640],
      [5120, -640],
    ],
  },
  {
    zones: ['bed.floor', 'tailgate'],
    onA: [
      [4560, -600],
      [4560, 600],
    ],
    onB: [
      [4560 + C, -600],
      [4560 + C, 600],
    ],
  },
];

export const pickup: BodyStyle = {
  slug: 'pickup',
  doors: 2,
  zones,
  seams,
  folds: [
    fold([
      [1400, 760],
      [2400, 770],
    ]),
    fold([
      [2680, 770],
      [3380, 774],
    ]),
  ],
};
