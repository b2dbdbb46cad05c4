import type { DemoLot } from '../lot';
import type { CarTruth } from '../truth';
import { halfWalk } from '../walks';

const TRUTH: CarTruth = { film: { medianUm: 230, spread: 0.25 }, panels: { roof: { medianUm: 118, spread: 0.1 } } };

export const LOT_09: DemoLot = {
  number: 9,
  make: 'quillon',
  model: 'Halyard',
  year: 1964,
  body: 'four-door',
  style: 'saloon4',
  stage: 'half',
  graded: {
    keeper: [56, 69],
    says: 'Honest as far as seen: resprayed and tidy outside; nobody has been below or inside yet.',
  },
  dueInDays: -1,
  keeper: 'Tomas Orrell',
  facts: {
    colour: 'ivory',
    hex: '#d8d0bc',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'QHS64-00871',
    engineNumber: 'QH 00871',
    odometer: { value: 48211, unit: 'mi' },
    keptIn: 'dry hall',
    drive: 'no',
  },
  truth: TRUTH,
  walk: halfWalk(TRUTH),
};
