import { paperText } from '../papers';
import type { KindWords } from './kind-words';

export const paper: KindWords<'paper'> = { name: 'paper', says: paperText };
