import type { DemoLot } from '../lot';
import { begunWalk } from '../walks';

export const LOT_19: DemoLot = {
  number: 19,
  make: 'haskett',
  model: 'Yoke',
  year: 1958,
  body: 'pickup',
  style: 'pickup',
  stage: 'begun',
  graded: {
    keeper: [44, 72],
    says: 'Hardly begun; an old pickup of which nothing yet speaks against it.',
  },
  sealed: true,
  heldBackDays: 3,
  dueInDays: 5,
  keeper: 'Tomas Orrell',
  facts: {
    colour: 'pale green',
    hex: '#94a98a',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'HKY58-0911',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'no',
  },
  walk: begunWalk,
};
