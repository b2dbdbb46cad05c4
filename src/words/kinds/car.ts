import type { KindWords } from './kind-words';

export const car: KindWords<'car'> = {
  name: 'car',
  says: (c) => [c.make, c.model, c.year].filter(Boolean).join(' '),
};
