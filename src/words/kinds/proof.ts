import type { KindWords } from './kind-words';

export const proof: KindWords<'proof'> = {
  name: 'mark for or against a claim',
  says: (p) => [p.mark.replaceAll('-', ' '), p.where, p.note].filter(Boolean).join(', '),
};
