import { gapText, seamName } from '../fit';
import type { KindWords } from './kind-words';

export const gap: KindWords<'gap'> = {
  name: 'gap',
  says: (g, wording) => `${seamName(g.seam, wording)}: ${gapText(g)}`,
};
