import { colourText } from '../colour';
import type { KindWords } from './kind-words';

export const colour: KindWords<'colour'> = { name: 'colour', says: colourText };
