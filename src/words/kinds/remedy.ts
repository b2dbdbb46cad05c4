import { decisionWords } from '../remedies';
import type { KindWords } from './kind-words';

export const remedy: KindWords<'remedy'> = {
  name: 'decision on work',
  says: (r) => `${decisionWords(r.remedy)}, where the rule says ${decisionWords(r.rule)}${r.note ? `: ${r.note}` : ''}`,
};
