import type { WorkId } from '../work/cost-table';

/** Work that is paid once for a place, however many faults it serves there. */
export const ONCE_A_PLACE: ReadonlySet<WorkId> = new Set<WorkId>([
  'polish',
  'spot',
  'refinish',
  'strip-refinish',
  'patch-outer',
  'lower-piece',
  'sill',
  'floor-section',
  'load-path',
  'adjust',
  'hinges',
  'pane',
  'seal',
  'seat-cover',
  'headliner',
  'top-cover',
  're-plate',
  'tire',
  'gasket-above',
  'gasket-below',
  'brake-axle',
  'window',
  'engine-rebuild',
  'blend',
  'off-and-on',
]);

/** What a piece of work does away with at the same place: it is not paid beside it. */
export const CONTAINS: Readonly<Partial<Record<WorkId, readonly WorkId[]>>> = {
  'strip-refinish': ['refinish', 'spot', 'touch-in', 'polish', 'dent-out', 'blend'],
  refinish: ['spot', 'touch-in', 'polish', 'dent-out', 'blend'],
  spot: ['touch-in'],
  'lower-piece': ['patch-outer', 'refinish', 'strip-refinish', 'spot', 'touch-in', 'polish', 'dent-out', 'blend'],
  'patch-outer': ['spot', 'touch-in', 'blend'],
  sill: ['lower-piece', 'patch-outer', 'refinish', 'strip-refinish', 'spot', 'touch-in', 'polish', 'blend'],
  'floor-section': ['touch-in', 'clean'],
  'load-path': ['patch-outer', 'floor-section', 'touch-in', 'clean'],
  hinges: ['adjust'],
  're-plate': ['polish-metal', 'clean', 'refit'],
  pane: ['test', 'clean', 'refit'],
  'seat-cover': ['trim-piece', 'clean'],
  headliner: ['trim-piece', 'clean'],
  'top-cover': ['trim-piece', 'clean'],
  'engine-rebuild': ['gasket-above', 'gasket-below'],
};

/** In which order trades follow each other at a place: metal, paint, polish and trim, then what is set right at the end. */
export const STAGE: Readonly<Partial<Record<WorkId, number>>> = {
  'off-and-on': 0,
  'patch-outer': 1,
  'lower-piece': 1,
  sill: 1,
  'floor-section': 1,
  'load-path': 1,
  hinges: 1,
  'dent-out': 1,
  spot: 2,
  refinish: 2,
  'strip-refinish': 2,
  'touch-in': 2,
  blend: 2,
  respray: 2,
  polish: 3,
  pane: 3,
  seal: 3,
  'seat-cover': 3,
  headliner: 3,
  'top-cover': 3,
  'trim-piece': 3,
  refit: 3,
  adjust: 4,
};

/** Of those, what a respray of the outside does away with. */
export const IN_RESPRAY: ReadonlySet<WorkId> = new Set<WorkId>([
  'refinish',
  'strip-refinish',
  'spot',
  'blend',
  'touch-in',
  'polish',
]);

/** What must come off for work at a part, once for all that is done behind it. */
export const COMES_OFF: readonly {
  readonly works: readonly WorkId[];
  readonly parts: readonly string[];
  readonly off: readonly string[];
}[] = [
  {
    works: ['spot', 'refinish', 'strip-refinish', 'patch-outer', 'lower-piece'],
    parts: ['valance', 'panel', 'grille'],
    off: ['bumper'],
  },
  { works: ['floor-section', 'load-path', 'sill'], parts: ['floor', 'rocker'], off: ['seat', 'carpet'] },
];
