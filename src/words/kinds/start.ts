import { startText } from '../running';
import type { KindWords } from './kind-words';

export const start: KindWords<'start'> = { name: 'start of the engine', says: (b) => startText(b) || 'nothing noted' };
