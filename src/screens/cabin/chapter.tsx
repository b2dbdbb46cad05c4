import { Armchair } from 'lucide-react';
import { wasTried } from '@/core/functions/list';
import { functionName } from '@/words/functions';
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
    const said = asked.flatMap((l) => (l.record ? [l.record.body.state] : []));
    const tried = said.filter(wasTried).length;
    const absent = said.filter((s) => s === 'absent').length;
    return {
      holds: begun
        ? [`${tried} of ${asked.length - absent} functions tried`, dead.length > 0 && `${dead.length} do not work`]
            .filter(Boolean)
            .join(', ')
        : '',
      loudest: first ? `Does not work: ${functionName(first)}` : undefined,
    };
  },
};
