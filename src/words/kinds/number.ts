import { numberText } from '../papers';
import type { KindWords } from './kind-words';

export const number: KindWords<'number'> = { name: 'number', says: numberText };
