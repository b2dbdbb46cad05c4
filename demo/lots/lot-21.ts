import type { DemoLot } from '../lot';

export const LOT_21: DemoLot = {
  number: 21,
  make: 'quillon',
  model: 'Marten',
  year: 1975,
  body: 'four-door',
  style: 'saloon4',
  stage: 'listed',
  dueInDays: 11,
  keeper: '',
};
