import { ASPECT_WORDS, BLOCKED_WORDS, term } from '../terms';
import type { KindWords } from './kind-words';

export const look: KindWords<'look'> = {
  name: 'look',
  says: ({ aspect, outcome, why }, { words }) =>
    `${term(ASPECT_WORDS, aspect, words)} ${outcome === 'clean' ? 'seen and clean' : `blocked, ${why ? BLOCKED_WORDS[why] : 'other reason'}`}`,
};
