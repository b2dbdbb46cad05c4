import { stanceText } from '../fit';
import type { KindWords } from './kind-words';

export const stance: KindWords<'stance'> = { name: 'stance', says: stanceText };
