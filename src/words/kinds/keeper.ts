import { keeperText } from '../papers';
import type { KindWords } from './kind-words';

export const keeper: KindWords<'keeper'> = { name: 'keeper', says: keeperText };
