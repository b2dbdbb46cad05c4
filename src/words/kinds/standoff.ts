import { standoffText } from '../standoff';
import type { KindWords } from './kind-words';

export const standoff: KindWords<'standoff'> = { name: 'look from a distance', says: standoffText };
