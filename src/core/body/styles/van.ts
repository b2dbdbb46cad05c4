import type { Point } from '../geometry';
import { bow, crossEdge, crossStrip, roundedBox, wheelArch } from '../strokes';
import type { BodyStyle, SeamPiece, ZonePiece } from '../zone';
import { cut } from './front-half';
import { cabinPieces, underneathPieces } from './inner';
import {
  BRIGHT,
  CUT_MM as C,
  CARRIES,
  CLOSING,
  DOOR,
  foldLeft,
  GLASS,
  LOAD_BEARING,
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

// Driver over the front axle, engine behind the rear one: a face instead of a bonnet, a lid and a hatch at the tail.
const FRONT_AXLE = 860;
const REAR_AXLE = 3260;
const AXLE_Z = 330;
const ARCH = 370;
const LOW = 330;
const BELT = 1120;
const fold = foldLeft(2860);

const noseEdge: Point[] = bow([150, 420], [40, 760], [190, BELT], 10);
const frontCut: Point[] = cut([360, BELT], [330, LOW], -30);
const doorCut: Point[] = [
  ...bow([1330, BELT], [1336, 900], [1310, 720], 6),
  ...bow([1270, 640], [1244, 480], [1244, LOW], 6),
];
const bayCut: Point[] = cut([2560, BELT], [2560, LOW]);
const tailEdge: Point[] = bow([4230, BELT], [4290, 760], [4240, 430], 10);

const corner: Point[] = [...noseEdge, ...frontCut, [170, 360]];
const door: Point[] = [
  [360 + C, BELT],
  ...doorCut,
  ...wheelArch(FRONT_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  ...shift(frontCut, C).reverse().slice(0, -1),
];
const bay: Point[] = [[1330 + C, BELT], ...bayCut, ...shift(doorCut, C).reverse().slice(0, -1)];
const quarter: Point[] = [
  [2560 + C, BELT],
  ...tailEdge,
  [4160, 350],
  ...wheelArch(REAR_AXLE, AXLE_Z, ARCH, LOW).reverse(),
  ...shift(bayCut, C).reverse().slice(0, -1),
];
const window = (x0: number, x1: number): Point[] => [
  [x0, BELT + 26],
  [x0 + 14, 1620],
  [x1 - 14, 1620],
  [x1, BELT + 26],
];

const inner = (slug: string, view: ZonePiece['view'], outline: Point[], aspects: ZonePiece['aspects']): ZonePiece => ({
  slug,
  view,
  part: 'inner',
  metal: 'body',
  aspects,
  outline,
});

const zones: ZonePiece[] = [
  panel('valance.front', 'nose', OUTER, crossStrip(-640, -540, 640, 720, 20, 20)),
  {
    slug: 'bumper.front',
    drawn: 'bumper',
    view: 'outside',
    part: 'nose',
    metal: 'chromed',
    aspects: BRIGHT,
    outline: crossStrip(-510, -390, 820, 830, 26, 10),
  },
  panel('panel.front', 'nose', OUTER, roundedBox(-360, -560, 330, 560, 80)),
  {
    slug: 'lamp.left.head',
    drawn: 'lamp',
    view: 'outside',
    part: 'nose',
    metal: 'glass',
    aspects: ['glass', 'function'],
    outline: roundedBox(-300, -800, -80, -580, 110),
  },
  panel('cowl', 'nose', OUTER, crossStrip(330 + C, 440, 720, 720, 10, 12)),
  pane('glass.windshield', 'nose', GLASS, crossStrip(440 + C, 900, 710, 690, 12, 12), SCREEN),
  panel('fender.left', 'flank', OUTER, fold(corner)),
  panel('door.left.front', 'flank', [...CLOSING, 'function'], fold(door), { ...DOOR, label: fold([[860, 900]])[0]! }),
  pane('glass.left.front', 'flank', ['glass', 'rubber', 'function'], fold(window(400, 1310))),
  wheelPiece('front', FRONT_AXLE, AXLE_Z, 300, fold),
  panel('side.left', 'flank', [...CLOSING, 'function'], fold(bay)),
  pane('glass.left.rear', 'flank', GLASS, fold(window(1360, 2530))),
  panel('rocker.left', 'flank', LOAD_BEARING, fold(shift(rockerOutline(1270, 2860), 0, LOW - 300)), SILL),
  panel('quarter.left', 'flank', CLOSING, fold(quarter), { label: fold([[3300, 930]])[0]! }),
  pane('glass.left.cargo', 'flank', GLASS, fold(window(2590, 3860))),
  panel(
    'pillar.left.d',
    'flank',
    LOAD_BEARING,
    fold([
      [3900, BELT + 26],
      [4200, BELT + 26],
      [4120, 1640],
      [3890, 1640],
    ]),
    CARRIES,
  ),
  wheelPiece('rear', REAR_AXLE, AXLE_Z, 300, fold),
  panel('roof', 'roof', OUTER, crossStrip(900 + C, 3620, 690, 690, 12, -8)),
  panel('hatch', 'tail', [...CLOSING, 'function'], crossStrip(3620 + C, 4120, 640, 640, -8, -8), {
    hung: 'top-hinged-gate',
  }),
  panel('lid.engine', 'tail', [...CLOSING, 'function'], crossStrip(4120 + C, 4560, 560, 580, -8, -10), {
    hung: 'engine-lid',
  }),
  ...tailPieces(4560 + C + 12, 720),
  ...underneathPieces(4280, FRONT_AXLE, REAR_AXLE, 1240).filter((z) => z.slug !== 'trunk.floor'),
  {
    ...inner('engine', 'engine', roundedBox(3620, -300, 4180, 300, 60), ['leaks', 'function', 'identity']),
    drawn: 'engine-flat',
    need: 'engine',
    metal: 'mixed',
  },
  inner('bay.left', 'engine', roundedBox(3560, -640, 4240, -340, 40), ['paint', 'corrosion', 'structure']),
  {
    ...inner('battery', 'engine', roundedBox(3400, 360, 3530, 540, 8), ['corrosion', 'function']),
    metal: 'mixed',
    drawn: 'battery',
  },
  {
    ...inner('bulkhead', 'engine', crossStrip(3400, 3520, 330, 330), ['corrosion', 'identity', 'structure']),
    loadPath: true,
  },
  ...cabinPieces(500, 1760, 2).filter((z) => z.slug !== 'parcel'),
  { ...inner('load.floor', 'trunk', roundedBox(1400, -520, 3300, 520, 16), ['trim', 'corrosion']), drawn: 'slats' },
  inner('load.left', 'trunk', roundedBox(1400, -720, 3300, -560, 16), ['paint', 'corrosion', 'trim']),
  {
    ...inner('hatch.inner', 'trunk', roundedBox(3360, -600, 3840, 600, 16), ['paint', 'corrosion', 'rubber']),
    drawn: 'stiffened',
  },
];

const seams: SeamPiece[] = [
  { zones: ['door.left.front', 'fender.left'], onA: fold(shift(frontCut, C)), onB: fold(frontCut) },
  { zones: ['door.left.front', 'side.left'], onA: fold(doorCut), onB: fold(shift(doorCut, C)) },
  { zones: ['quarter.left', 'side.left'], onA: fold(shift(bayCut, C)), onB: fold(bayCut) },
  {
    zones: ['rocker.left', 'side.left'],
    onA: fold([
      [1290, LOW - 22],
      [2560, LOW - 22],
    ]),
    onB: fold([
      [1290, LOW],
      [2560, LOW],
    ]),
  },
  {
    zones: ['hatch', 'quarter.left'],
    onA: [
      [3620 + C, -640],
      [4120, -640],
    ],
    onB: fold(tailEdge.slice(0, 8)),
  },
  { zones: ['hatch', 'lid.engine'], onA: crossEdge(4120, 640, -8), onB: crossEdge(4120 + C, 560, -8) },
  {
    zones: ['cowl', 'panel.front'],
    onA: crossEdge(330 + C, 720, 10).slice(2, -2),
    onB: [
      [330, -480],
      [330, 480],
    ],
  },
  {
    zones: ['lid.engine', 'panel.rear'],
    onA: crossEdge(4560, 580, -10),
    onB: [
      [4560 + C + 12, -720 * 0.6 + C + 24],
      [4560 + C + 12, 720 * 0.6 - C - 24],
    ],
  },
];

export const van: BodyStyle = {
  slug: 'van',
  doors: 2,
  zones,
  seams,
  folds: [
    fold([
      [420, 760],
      [1290, 760],
    ]),
    fold([
      [1400, 760],
      [2540, 760],
    ]),
    fold([
      [2600, 760],
      [4200, 760],
    ]),
  ],
};
