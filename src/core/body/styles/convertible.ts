import { bow, crossStrip, roundedBox } from '../strokes';
import type { BodyStyle, ZonePiece } from '../zone';
import { cabinPieces, enginePieces, trunkPieces } from './inner';
import { longShell } from './long-shell';
import { CUT_MM as C, GLASS, pane } from './shared';

// The open body: a fabric top on a folding frame, its well behind the rear seat.
const shell = longShell(bow([3000, 900], [3400, 904], [3840, 902], 6));

const soft: ZonePiece[] = [
  {
    slug: 'top',
    view: 'outside',
    part: 'roof',
    metal: 'textile',
    aspects: ['trim', 'fit', 'rubber', 'function'],
    outline: crossStrip(1960 + C, 3180, 632, 640, 20, -10),
  },
  { ...pane('glass.rear', 'tail', GLASS, crossStrip(3180 + C, 3420, 470, 500, -6, -10)), aspects: ['glass', 'trim'] },
  {
    slug: 'boot.top',
    view: 'outside',
    part: 'tail',
    metal: 'textile',
    aspects: ['trim', 'fit'],
    outline: crossStrip(3420 + C, 3700, 660, 690, -12, -18),
  },
  {
    slug: 'frame.top',
    view: 'cabin',
    part: 'inner',
    metal: 'mixed',
    aspects: ['corrosion', 'function'],
    outline: roundedBox(3640, -560, 4160, 560, 50),
  },
  {
    slug: 'well.top',
    view: 'trunk',
    part: 'inner',
    metal: 'body',
    aspects: ['corrosion', 'leaks', 'trim'],
    outline: crossStrip(3260, 3440, 600, 600),
  },
];

export const convertible: BodyStyle = {
  slug: 'convertible',
  doors: 2,
  zones: [
    ...shell.zones,
    ...soft,
    ...enginePieces(70, 1500),
    ...cabinPieces(1500, 2780, 2).filter((z) => z.slug !== 'headliner' && z.slug !== 'parcel'),
    ...trunkPieces(3520),
  ],
  seams: shell.seams,
  folds: shell.folds,
};
