import type { DemoLot } from '../lot';

/** All that is on record of it was said in a film of a walk round it (demo/film). */
export const LOT_18: DemoLot = {
  number: 18,
  make: 'brannock',
  model: 'Twelve',
  year: 1955,
  body: 'estate',
  style: 'estate',
  stage: 'begun',
  graded: {
    keeper: [28, 52],
    says: 'By what was said in the film: rust and blisters on the left, filler suspected, a torn seat; nobody was below.',
  },
  sealed: true,
  published: true,
  dueInDays: 10,
  keeper: 'Ilse Brandvik',
  facts: {
    colour: 'sage',
    hex: '#7c8b74',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'B12-55-1187',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'not-asked',
  },
  filmed: true,
};
