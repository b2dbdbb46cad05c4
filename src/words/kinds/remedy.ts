import { decisionWords } from '../remedies';
import type { KindWords } from './kind-words';

export const remedy: KindWords<'remedy'> = {
  name: 'decision on work',
  says: (r, { words }) =>
    `${decisionWords(r.remedy, words)}, where the rule says ${decisionWords(r.rule, words)}${r.note ? `: ${r.note}` : ''}`,
};
