import type { Point } from '../geometry';
import { bow, crossStrip, roundedBox } from '../strokes';
import type { BodyStyle, ZonePiece } from '../zone';
import { cut, deckPiece, type FrontHalf, frontHalf, quarterPiece } from './front-half';
import { cabinPieces, enginePieces, trunkPieces } from './inner';
import { CUT_MM as C, CARRIES, GLASS, OUTER, pane, panel, tailPieces, wheelPiece } from './shared';

// A small closed two-seater: the body is one moulding with lids, carried by a steel backbone that forks at both ends.
const M: FrontHalf = {
  sheetHalf: 1800,
  frontAxle: 700,
  rearAxle: 2950,
  axleZ: 280,
  arch: 330,
  wheel: 268,
  low: 250,
  nose: { x: 110, z0: 300, z1: 610, half: 640 },
  hood: { x1: 1380, half: [540, 590], bow: [20, 24] },
  cowl: 60,
  screen: { x1: 1880, half: 500 },
  cuts: [cut([1420, 760], [1400, 250], 10), cut([2330, 776], [2300, 250], 26)],
  pillar: [
    [1496, 784],
    [1590, 788],
    [1860, 1016],
    [1812, 1040],
  ],
  panes: [[[1626, 790], ...bow([1896, 1010], [2060, 1050], [2220, 1044], 6), [2290, 798]]],
  rocker: [1060, 2590],
};
const deckEdge: Point[] = bow([3000, 800], [3400, 790], [3760, 740], 8);
const front = frontHalf(M);
const quarter = quarterPiece(
  M,
  [
    [2330 + C, 776],
    [2620, 790],
    ...bow([2540, 960], [2620, 980], [2700, 950], 4),
    ...bow([2760, 920], [2880, 840], [2970, 806], 6),
    ...deckEdge,
  ],
  [...bow([3800, 724], [3880, 540], [3810, 380], 8), [3730, 300]],
  [2460, 560],
);
const deck = deckPiece(2900 + C, 3640, [560, 590], deckEdge, front.fold);

const beam = (slug: string, outline: Point[]): ZonePiece => ({
  slug,
  view: 'underneath',
  part: 'inner',
  metal: 'steel',
  aspects: ['corrosion', 'structure'],
  ...CARRIES,
  drawn: 'rail',
  outline,
});
const moulded = (slug: string, outline: Point[]): ZonePiece => ({
  slug,
  view: 'underneath',
  part: 'inner',
  metal: 'body',
  aspects: ['corrosion', 'shape'],
  outline,
});

export const sports: BodyStyle = {
  slug: 'sports',
  doors: 2,
  zones: [
    // A moulding has no separate sill that carries load; the backbone does.
    ...front.zones.map((z) =>
      z.slug === 'rocker.left' ? { ...z, structural: false, loadPath: false, aspects: OUTER } : z,
    ),
    pane(
      'glass.left.rear',
      'flank',
      GLASS,
      front.fold([
        [2330, 800],
        [2262, 1040],
        [2480, 990],
        [2560, 806],
      ]),
    ),
    quarter.zone,
    wheelPiece('rear', M.rearAxle, M.axleZ, M.wheel, front.fold),
    panel('roof', 'roof', OUTER, crossStrip(1880 + C, 2560, 494, 500, 24, -8)),
    pane('glass.rear', 'tail', GLASS, crossStrip(2560 + C, 2900, 500, 540, -8, -14)),
    deck.zone,
    ...tailPieces(3640 + C + 26, 590),
    beam('crossmember.front', roundedBox(M.frontAxle - 200, -300, M.frontAxle + 180, 300, 20)),
    beam('fork.left.front', roundedBox(M.frontAxle + 202, -320, 1360, -150, 20)),
    beam('backbone', roundedBox(1380, -120, 2420, 120, 20)),
    beam('fork.left.rear', roundedBox(2440, -340, M.rearAxle + 40, -150, 20)),
    beam('crossmember.rear', roundedBox(M.rearAxle + 62, -360, M.rearAxle + 240, 360, 20)),
    beam('outrigger.left.front', roundedBox(1400, -620, 1520, -142, 14)),
    beam('outrigger.left.rear', roundedBox(2300, -620, 2420, -142, 14)),
    { ...moulded('floor.left.front', roundedBox(1542, -620, 2278, -142, 20)), drawn: 'floor' },
    {
      ...moulded('housing.left.front', roundedBox(M.frontAxle - 300, -660, M.frontAxle + 300, -342, 30)),
      drawn: 'housing',
    },
    {
      ...moulded('housing.left.rear', roundedBox(M.rearAxle - 300, -700, M.rearAxle + 300, -382, 30)),
      drawn: 'housing',
    },
    {
      ...moulded('tank', roundedBox(M.rearAxle + 262, -300, M.rearAxle + 520, 300, 30)),
      metal: 'mixed',
      holds: 'fuel',
      drawn: 'tank',
    },
    ...enginePieces(70, 1400),
    ...cabinPieces(1400, 2200, 2).filter((z) => !['carpet.left.rear', 'seat.rear'].includes(z.slug)),
    ...trunkPieces(2900),
  ],
  seams: [...front.seams, quarter.seam, ...deck.seams],
  folds: [front.fold(bow([1450, 500], [1900, 540], [2300, 510], 8))],
};
