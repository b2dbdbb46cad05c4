import { markText } from '../marks';
import type { KindWords } from './kind-words';

export const mark: KindWords<'mark'> = {
  name: 'paint evidence',
  says: (m, { words }) => [markText(m.mark, words), m.where].filter(Boolean).join(', '),
};
