import { resultsText, spotResults } from '../metal';
import type { KindWords } from './kind-words';

export const spot: KindWords<'spot'> = {
  name: 'test of the metal',
  says: (s) => [resultsText(spotResults(s)), s.where].filter(Boolean).join(', '),
};
