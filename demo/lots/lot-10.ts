import type { DemoLot } from '../lot';

export const LOT_10: DemoLot = {
  number: 10,
  make: 'sarvane',
  model: 'Corso',
  year: 1962,
  body: 'hardtop',
  style: 'hardtop',
  stage: 'listed',
  dueInDays: 8,
  keeper: '',
};
