import type { DemoLot } from '../lot';

export const LOT_24: DemoLot = {
  number: 24,
  make: 'quillon',
  model: 'Halyard',
  year: 1969,
  body: 'fastback',
  style: 'fastback',
  stage: 'listed',
  dueInDays: 12,
  keeper: '',
};
