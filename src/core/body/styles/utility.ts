import { bow, crossEdge, crossStrip, roundedBox } from '../strokes';
import type { BodyStyle, ZonePiece } from '../zone';
import { cut, type FrontHalf, frontHalf, quarterPiece } from './front-half';
import { cabinPieces, enginePieces, underneathPieces } from './inner';
import { frameMounts } from './long-shell';
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

// A tall box of flat panels on a box frame: steel below, whatever metal the skin is; a bulkhead that carries the doors.
const M: FrontHalf = {
  sheetHalf: 2760,
  frontAxle: 640,
  rearAxle: 2990,
  axleZ: 390,
  arch: 440,
  wheel: 372,
  low: 500,
  nose: { x: 90, z0: 540, z1: 1080, half: 720 },
  hood: { x1: 1180, half: [620, 640], bow: [4, 4] },
  cowl: 90,
  screen: { x1: 1640, half: 640 },
  cuts: [cut([1230, 1130], [1236, 500]), cut([2080, 1136], [2080, 500])],
  pillar: [
    [1262, 1160],
    [1340, 1160],
    [1400, 1760],
    [1330, 1770],
  ],
  panes: [
    [
      [1370, 1164],
      [1424, 1760],
      [2060, 1764],
      [2066, 1164],
    ],
  ],
  rocker: [1130, 2520],
};
const TAIL = bow([4060, 1136], [4076, 840], [4060, 560], 8);
const front = frontHalf(M);
const quarter = quarterPiece(
  M,
  [
    [2080 + C, 1136],
    [3000, 1140],
  ],
  [...TAIL, [4040, 500]],
  [2350, 900],
);
const steelFrame = (z: ZonePiece): ZonePiece => (z.metal === 'body' ? { ...z, metal: 'steel' } : z);
const KEPT_CABIN = new Set(['parcel', 'carpet.left.rear', 'seat.rear']);
const gate: [number, number] = [3560 + C, 4120];

export const utility: BodyStyle = {
  slug: 'utility',
  doors: 2,
  zones: [
    ...front.zones,
    pane(
      'glass.left.rear',
      'flank',
      GLASS,
      front.fold([
        [2140, 1170],
        [2150, 1700],
        [3700, 1700],
        [3740, 1170],
      ]),
    ),
    panel(
      'pillar.left.d',
      'flank',
      LOAD_BEARING,
      front.fold([
        [3770, 1170],
        [3990, 1170],
        [3960, 1760],
        [3740, 1760],
      ]),
      CARRIES,
    ),
    quarter.zone,
    wheelPiece('rear', M.rearAxle, M.axleZ, M.wheel, front.fold),
    panel('roof', 'roof', OUTER, crossStrip(1640 + C, 3180, 640, 640, 4, -4)),
    pane('glass.rear', 'tail', GLASS, crossStrip(3180 + C, 3560, 600, 600, -4, -4)),
    panel('tailgate', 'tail', [...CLOSING, 'function'], crossStrip(gate[0], gate[1], 640, 640, -4, -4), {
      hung: 'top-hinged-gate',
    }),
    ...tailPieces(gate[1] + C + 12, 720),
    ...underneathPieces(4060, M.frontAxle, M.rearAxle, 1180)
      .filter((z) => z.slug !== 'trunk.floor')
      .map(steelFrame),
    ...frameMounts(1220, 2250),
    ...enginePieces(70, 1220),
    {
      slug: 'footwell.left',
      drawn: 'beads-along',
      view: 'engine',
      part: 'inner',
      metal: 'steel',
      aspects: ['corrosion', 'structure'],
      ...CARRIES,
      outline: roundedBox(1230, -600, 1420, -90, 30),
    },
    ...cabinPieces(1200, 2060, 2).filter((z) => !KEPT_CABIN.has(z.slug)),
    {
      slug: 'bench.left',
      drawn: 'bench',
      view: 'cabin',
      part: 'inner',
      metal: 'textile',
      aspects: ['trim', 'function'],
      outline: roundedBox(2390, -640, 2760, -260, 40),
    },
    {
      slug: 'load.floor',
      drawn: 'slats',
      view: 'trunk',
      part: 'inner',
      metal: 'body',
      aspects: ['paint', 'corrosion', 'trim'],
      outline: roundedBox(2140, -480, 3540, 480, 12),
    },
    {
      slug: 'load.left',
      view: 'trunk',
      part: 'inner',
      metal: 'body',
      aspects: ['paint', 'corrosion', 'shape'],
      outline: roundedBox(2140, -700, 3540, -510, 12),
    },
    {
      slug: 'tailgate.inner',
      drawn: 'stiffened',
      view: 'trunk',
      part: 'inner',
      metal: 'body',
      aspects: ['paint', 'corrosion', 'rubber'],
      outline: roundedBox(3580, -620, 4060, 620, 12),
    },
  ],
  seams: [
    ...front.seams,
    quarter.seam,
    {
      zones: ['quarter.left', 'tailgate'],
      onA: front.fold(TAIL),
      onB: [
        [gate[0], -640],
        [gate[1], -640],
      ],
    },
    {
      zones: ['panel.rear', 'tailgate'],
      onA: [
        [gate[1] + C + 12, -720 * 0.6 + C + 24],
        [gate[1] + C + 12, 720 * 0.6 - C - 24],
      ],
      onB: crossEdge(gate[1], 640, -4),
    },
  ],
  folds: [
    front.fold([
      [1260, 820],
      [2060, 824],
    ]),
  ],
};
