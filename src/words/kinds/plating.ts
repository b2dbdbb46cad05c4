import { platingText } from '../shares';
import type { KindWords } from './kind-words';

export const plating: KindWords<'plating'> = { name: 'plating', says: platingText };
