import { Armchair } from 'lucide-react';
import { functionName, triedOfText } from '@/words/functions';
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
  says: ({ functions: { begun, asked, dead } }) => {
    const [first] = dead.filter((l) => l.of.safety);
    return {
      holds: begun
        ? triedOfText(
            asked.length,
            asked.flatMap((l) => (l.record ? [l.record.body.state] : [])),
          )
        : '',
      loudest: first ? `Does not work: ${functionName(first)}` : undefined,
    };
  },
};
