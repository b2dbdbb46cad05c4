import type { KindWords } from './kind-words';

export const placard: KindWords<'placard'> = {
  name: 'tires by the placard',
  says: ({ front, rear, service }) =>
    [front, rear && rear !== front ? `rear ${rear}` : '', service].filter(Boolean).join(', '),
};
