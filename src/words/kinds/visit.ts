import type { KindWords } from './kind-words';

export const visit: KindWords<'visit'> = {
  name: 'visit',
  says: (v) => [v.place, v.inspector].filter(Boolean).join(', ') || v.startedAt.slice(0, 10),
};
