import { bow, crossStrip } from '../strokes';
import type { BodyStyle } from '../zone';
import { cabinPieces, enginePieces, trunkPieces } from './inner';
import { longShell } from './long-shell';
import { CUT_MM as C, GLASS, OUTER, pane, panel } from './shared';

// The pillarless body: no post between the side windows, so that the rear one must meet the front one.
const shell = longShell([
  [3300, 902],
  ...bow([3160, 1130], [3280, 1156], [3400, 1124], 4),
  ...bow([3470, 1096], [3640, 960], [3790, 908], 8),
]);

export const hardtop: BodyStyle = {
  slug: 'hardtop',
  doors: 2,
  zones: [
    ...shell.zones,
    pane(
      'glass.left.rear',
      'flank',
      ['glass', 'rubber', 'function', 'fit'],
      shell.fold([[2706, 922], [2590, 1194], ...bow([2800, 1192], [2980, 1180], [3110, 1144], 5), [3230, 926]]),
    ),
    panel('roof', 'roof', OUTER, crossStrip(1960 + C, 3170, 632, 640, 20, -10)),
    pane('glass.rear', 'tail', GLASS, crossStrip(3170 + C, 3700, 646, 690, -10, -18)),
    ...enginePieces(70, 1500),
    ...cabinPieces(1500, 2780, 2),
    ...trunkPieces(3720),
  ],
  seams: [
    ...shell.seams,
    {
      zones: ['glass.left.front', 'glass.left.rear'],
      onA: shell.fold([
        [2560, 1194],
        [2680, 920],
      ]),
      onB: shell.fold([
        [2590, 1194],
        [2706, 922],
      ]),
    },
  ],
  folds: shell.folds,
};
