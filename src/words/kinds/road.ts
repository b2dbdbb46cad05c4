import { roadText } from '../running';
import type { KindWords } from './kind-words';

export const road: KindWords<'road'> = { name: 'road test', says: (b) => roadText(b) || 'nothing noted' };
