import { tireText } from '../wheels';
import type { KindWords } from './kind-words';

export const tire: KindWords<'tire'> = { name: 'tire', says: (t) => tireText(t) || 'nothing read' };
