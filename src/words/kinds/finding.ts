import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { countedName } from '../flaws';
import { sizeText } from '../report';
import type { KindWords } from './kind-words';

export const finding: KindWords<'finding'> = {
  name: 'finding',
  says: ({ count, flaw, sizeMm, where, note }, { words }) =>
    flaw === OWN_WORDS
      ? `“${note}”, in own words`
      : [countedName({ flaw, count }, words), sizeMm ? sizeText(sizeMm) : '', where].filter(Boolean).join(', '),
};
