import { bow, crossEdge, crossStrip, roundedBox } from '../strokes';
import type { BodyStyle } from '../zone';
import { cut, type FrontHalf, frontHalf, quarterPiece } from './front-half';
import { cabinPieces, enginePieces, underneathPieces } from './inner';
import {
  CUT_MM as C,
  CARRIES,
  CLOSING,
  GLASS,
  LOAD_BEARING,
  OUTER,
  pane,
  panel,
  tailPieces,
  wheelPiece,
} from './shared';

// Four doors and a long roof to an upright tail with a gate.
const M: FrontHalf = {
  sheetHalf: 2060,
  frontAxle: 790,
  rearAxle: 3480,
  axleZ: 318,
  arch: 366,
  wheel: 296,
  low: 306,
  nose: { x: 110, z0: 350, z1: 826, half: 700 },
  hood: { x1: 1250, half: [650, 700], bow: [14, 18] },
  cowl: 78,
  screen: { x1: 1780, half: 600 },
  cuts: [
    cut([1290, 912], [1316, 306], -14),
    cut([2180, 926], [2176, 306]),
    [...bow([3010, 934], [3024, 800], [2990, 690], 6), ...bow([2966, 640], [2920, 480], [2912, 306], 8)],
  ],
  pillar: [
    [1366, 936],
    [1480, 940],
    [1786, 1226],
    [1738, 1250],
  ],
  panes: [
    [[1516, 942], ...bow([1820, 1222], [2000, 1262], [2146, 1266], 6), [2160, 950]],
    [[2192, 950], [2180, 1268], ...bow([2500, 1272], [2760, 1270], [2930, 1262], 6), [3006, 956]],
  ],
  rocker: [1178, 3066],
};
const TAIL = bow([4460, 930], [4520, 640], [4470, 410], 10);
const front = frontHalf(M);
const quarter = quarterPiece(
  M,
  [
    [3010 + C, 934],
    [3700, 942],
    [4420, 938],
  ],
  [...TAIL, [4390, 336]],
  [3900, 740],
);
const gate: [number, number] = [4330 + C, 4720];

export const estate: BodyStyle = {
  slug: 'estate',
  doors: 4,
  zones: [
    ...front.zones,
    pane(
      'glass.left.cargo',
      'flank',
      GLASS,
      front.fold([[3042, 958], [2972, 1260], ...bow([3300, 1262], [3700, 1260], [4060, 1240], 6), [4150, 960]]),
    ),
    panel(
      'pillar.left.d',
      'flank',
      LOAD_BEARING,
      front.fold([
        [4176, 962],
        [4390, 960],
        [4250, 1210],
        [4096, 1240],
      ]),
      CARRIES,
    ),
    quarter.zone,
    wheelPiece('rear', M.rearAxle, M.axleZ, M.wheel, front.fold),
    panel('roof', 'roof', OUTER, crossStrip(1780 + C, 4000, 594, 600, 18, -8)),
    pane('glass.rear', 'tail', GLASS, crossStrip(4000 + C, 4330, 560, 610, -8, -8)),
    panel('tailgate', 'tail', [...CLOSING, 'function'], crossStrip(gate[0], gate[1], 632, 650, -8, -10), {
      hung: 'top-hinged-gate',
    }),
    ...tailPieces(gate[1] + C + 12, 684),
    ...underneathPieces(4520, M.frontAxle, M.rearAxle, 1250),
    ...enginePieces(70, 1290),
    ...cabinPieces(1260, 2500, 4).filter((z) => z.slug !== 'parcel'),
    {
      slug: 'load.floor',
      drawn: 'slats',
      view: 'trunk',
      part: 'inner',
      metal: 'body',
      aspects: ['trim', 'corrosion'],
      outline: roundedBox(3140, -450, 4260, 450, 20),
    },
    {
      slug: 'load.left',
      view: 'trunk',
      part: 'inner',
      metal: 'body',
      aspects: ['paint', 'corrosion', 'trim'],
      outline: roundedBox(3140, -660, 4260, -480, 40),
    },
    {
      slug: 'tailgate.inner',
      drawn: 'stiffened',
      view: 'trunk',
      part: 'inner',
      metal: 'body',
      aspects: ['paint', 'corrosion', 'rubber'],
      outline: crossStrip(4300, 4700, 620, 640, -8, -10),
    },
  ],
  seams: [
    ...front.seams,
    quarter.seam,
    {
      zones: ['quarter.left', 'tailgate'],
      onA: front.fold(TAIL.slice(0, 9)),
      onB: [
        [gate[0], -632],
        [gate[1], -650],
      ],
    },
    {
      zones: ['panel.rear', 'tailgate'],
      onA: [
        [gate[1] + C + 12, -684 * 0.6 + C + 24],
        [gate[1] + C + 12, 684 * 0.6 - C - 24],
      ],
      onB: crossEdge(gate[1], 650, -10),
    },
  ],
  folds: [front.fold(bow([1330, 600], [2200, 636], [2960, 612], 10))],
};
