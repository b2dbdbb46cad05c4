import type { KindWords } from './kind-words';

export const claim: KindWords<'claim'> = { name: 'claim', says: (c) => `“${c.text}”, ${c.source}` };
