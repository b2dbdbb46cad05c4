import type { DemoLot } from '../lot';
import { begunWalk } from '../walks';

export const LOT_16: DemoLot = {
  number: 16,
  make: 'quillon',
  model: 'Halyard',
  year: 1971,
  body: 'fastback',
  style: 'fastback',
  stage: 'begun',
  graded: {
    keeper: [50, 79],
    says: 'Hardly begun, and no number read: the interval is that of its age.',
  },
  sealed: true,
  published: true,
  dueInDays: 4,
  keeper: 'Ilse Brandvik',
  facts: {
    colour: 'signal orange',
    hex: '#b5502a',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: '',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'not-asked',
  },
  walk: begunWalk,
};
