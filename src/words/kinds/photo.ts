import type { KindWords } from './kind-words';

export const photo: KindWords<'photo'> = { name: 'photo', says: (p) => p.caption || p.name };
