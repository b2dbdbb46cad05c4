import { restoredText } from '../papers';
import type { KindWords } from './kind-words';

export const restored: KindWords<'restored'> = { name: 'restoration work', says: restoredText };
