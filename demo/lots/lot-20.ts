import type { DemoLot } from '../lot';

export const LOT_20: DemoLot = {
  number: 20,
  make: 'sarvane',
  model: 'Lido',
  year: 1966,
  body: 'convertible',
  style: 'convertible',
  stage: 'listed',
  dueInDays: 11,
  keeper: '',
};
