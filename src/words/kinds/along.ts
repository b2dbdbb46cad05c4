import { alongName, alongText } from '../along';
import type { KindWords } from './kind-words';

export const along: KindWords<'along'> = {
  name: 'what comes along',
  says: (a, wording) => `${alongName(a.thing, wording.words)}: ${alongText(a)}`,
};
