import { doneText } from '../offers';
import type { KindWords } from './kind-words';

export const done: KindWords<'done'> = { name: 'work done', says: doneText };
