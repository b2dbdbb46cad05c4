import { rustText } from '../shares';
import type { KindWords } from './kind-words';

export const rust: KindWords<'rust'> = { name: 'rusted share', says: rustText };
