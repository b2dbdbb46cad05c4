import { partName, partText } from '../papers';
import type { KindWords } from './kind-words';

export const part: KindWords<'part'> = {
  name: 'part',
  says: (p, { words }) => `${partName(p, words)}: ${partText(p)}`,
};
