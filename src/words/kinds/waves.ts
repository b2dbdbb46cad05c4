import { wavesText } from '../waves';
import type { KindWords } from './kind-words';

export const waves: KindWords<'waves'> = { name: 'waves', says: wavesText };
