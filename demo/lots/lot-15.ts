import type { DemoLot } from '../lot';
import type { CarTruth } from '../truth';
import { halfWalk } from '../walks';

const TRUTH: CarTruth = {
  film: { medianUm: 135, spread: 0.14 },
  panels: { tailgate: { medianUm: 280, spread: 0.3 }, 'bed.left': { medianUm: 260, spread: 0.25 } },
};

export const LOT_15: DemoLot = {
  number: 15,
  make: 'haskett',
  model: 'Dray',
  year: 1979,
  body: 'pickup',
  style: 'pickup',
  stage: 'half',
  graded: {
    keeper: [70, 84],
    says: 'Honest to Proud as far as seen: straight and dry outside; cabin and underside are still to do.',
  },
  sealed: true,
  published: true,
  dueInDays: 4,
  keeper: 'Tomas Orrell',
  facts: {
    colour: 'slate grey',
    hex: '#5a6268',
    paintType: 'clear-coat',
    steering: 'left',
    chassisNumber: 'HKD79-104422',
    engineNumber: '',
    odometer: { value: 201400, unit: 'km' },
    keptIn: 'coast',
    drive: 'no',
  },
  truth: TRUTH,
  walk: halfWalk(TRUTH),
};
