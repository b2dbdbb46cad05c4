import type { Axis } from '../catalogue/axes';
import type { Curve, GradeTables, LensTable } from './tables';

const weigh = ([finish, fit, brightwork, metal, soft, cabin, running, underside, authenticity]: readonly [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
]): Record<Axis, number> => ({
  finish,
  fit,
  brightwork,
  metal,
  'glass-soft': soft,
  cabin,
  running,
  underside,
  authenticity,
});

/** A school: what the axes weigh, how much it minds their losses, both in the order of AXES. */
const lens = (
  weights: Parameters<typeof weigh>[0],
  minds: Parameters<typeof weigh>[0],
  patina: number,
  hidden: number,
  incomplete: number,
): LensTable => ({ weights: weigh(weights), minds: weigh(minds), patina, hidden, incomplete });

/** What can be seen and put right piece by piece. */
const SURFACE: Curve = [
  [0, 0],
  [0.002, 4.5],
  [0.005, 8.5],
  [0.015, 14],
  [0.05, 24],
  [0.12, 38],
  [0.25, 55],
  [0.45, 68],
  [0.7, 80],
  [1, 95],
];
/** Metal: what is small is soon dear, because one hole is never the only one. */
const METAL: Curve = [
  [0, 0],
  [0.002, 5],
  [0.008, 17],
  [0.02, 33],
  [0.05, 56],
  [0.1, 70],
  [0.2, 80],
  [0.4, 89],
  [0.7, 95],
  [1, 99],
];

/** Small things add up in use: eight functions out are a tired car. */
const RUNNING: Curve = [
  [0, 0],
  [0.002, 4],
  [0.005, 7.5],
  [0.01, 12],
  [0.025, 23],
  [0.06, 38],
  [0.12, 51],
  [0.25, 63],
  [0.45, 74],
  [0.7, 84],
  [1, 95],
];

/** What carries the car and lies in the wet: a hole counts for more than anywhere. */
const UNDERSIDE: Curve = [
  [0, 0],
  [0.002, 5],
  [0.008, 20],
  [0.02, 42],
  [0.05, 63],
  [0.1, 75],
  [0.2, 84],
  [0.4, 91],
  [0.7, 96],
  [1, 99],
];

/** The grade's numbers as shipped. */
export const DEFAULT_GRADE_TABLES: GradeTables = {
  source: 'house starting values, pinned by ten described cars; eye after visual acuity 6/6 (ISO 8596)',
  missed: 3.5,
  curves: {
    finish: SURFACE,
    fit: SURFACE,
    brightwork: SURFACE,
    metal: METAL,
    'glass-soft': SURFACE,
    cabin: SURFACE,
    running: RUNNING,
    underside: UNDERSIDE,
    authenticity: [
      [0, 0],
      [0.03, 5],
      [0.12, 22],
      [0.25, 38],
      [0.4, 53],
      [0.7, 70],
      [1, 88],
    ],
  },
  lenses: {
    keeper: lens([3, 2, 2, 4, 1, 3, 2, 3, 6], [1, 1, 1.2, 1, 1, 1, 1, 1, 1], 0.5, 1.3, 1.1),
    tourer: lens([2, 2, 1, 4, 2, 3, 6, 4, 1], [0.6, 0.8, 0.6, 1, 1, 0.8, 1.1, 1, 1], 0.8, 1, 0.8),
    show: lens([6, 4, 5, 3, 2, 4, 1, 2, 2], [1.8, 2, 1.5, 1, 1.1, 1.2, 0.9, 0.8, 0.6], 1, 0.4, 1.1),
    project: lens([1, 2, 3, 6, 2, 2, 2, 5, 3], [0.3, 0.6, 1, 1, 0.8, 0.5, 0.5, 1, 1], 0.4, 1.3, 1.8),
  },
  exponent: -1.5,
  ends: { first: 0.31, further: 0.75 },
  originalUntold: 0.5,
  judgementSd: 1.8,
  doubtTogether: 1.5,
  partlySeen: 0.5,
  bands: [
    { name: 'Exhibit', from: 90 },
    { name: 'Proud', from: 78 },
    { name: 'Honest', from: 62 },
    { name: 'Working', from: 45 },
    { name: 'Project', from: 25 },
    { name: 'Donor', from: 0 },
  ],
  bandFromSeen: 0.5,
  notice: {
    mPerRootMm: 0.55,
    byContrast: 0.7,
    bySize: 0.5,
    byCount: 0.12,
    metallic: 0.6,
    touchedIn: 0.4,
    places: { 'bed.floor': 0.4, roof: 0.6, top: 0.7, rocker: 0.6, valance: 0.6, cowl: 0.6, pillar: 0.7 },
    darkBelowL: 35,
    together: 6,
    farthestM: 12,
    modelCounts: 3,
    mostCorrection: 2,
  },
};
