import type { DemoLot } from '../lot';
import { begunWalk } from '../walks';

export const LOT_11: DemoLot = {
  number: 11,
  make: 'quillon',
  model: 'Marten',
  year: 1970,
  body: 'four-door',
  style: 'saloon4',
  stage: 'begun',
  graded: {
    keeper: [50, 80],
    says: 'Hardly begun: what was seen is clean, and the interval says how little that is.',
  },
  sealed: true,
  published: true,
  dueInDays: 1,
  keeper: 'Ilse Brandvik',
  facts: {
    colour: 'bronze',
    hex: '#6d5334',
    paintType: 'metallic',
    steering: 'right',
    chassisNumber: 'QMS70-03310',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'not-asked',
  },
  walk: begunWalk,
};
