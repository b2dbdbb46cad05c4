import { Armchair } from 'lucide-react';
import { functionName } from '@/words/functions';
import { plural } from '@/words/plural';
import type { Chapter } from '../place';
import { CABIN_ASPECTS } from './cabin-aspects';
import { Cabin } from './lazy';

/** Trim, and what works. */
export const cabin: Chapter = {
  slug: 'cabin',
  name: 'Cabin and functions',
  Icon: Armchair,
  Screen: Cabin,
  aspects: CABIN_ASPECTS,
  says: ({ functions: { begun, asked, dead, untried } }) => {
    const [first] = dead.filter((l) => l.of.safety);
    const fitted = asked.filter((l) => l.record?.body.state !== 'absent').length;
    return {
      holds: begun
        ? [
            `${fitted - untried.length} of ${fitted} functions tried`,
            dead.length > 0 && plural(dead.length, 'does not work', 'do not work'),
          ]
            .filter(Boolean)
            .join(', ')
        : '',
      loudest: first ? `Does not work: ${functionName(first)}` : undefined,
    };
  },
};
