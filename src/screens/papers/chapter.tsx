import { ScrollText } from 'lucide-react';
import { recordsOf } from '@/core/records/reduce';
import { plural } from '@/words/plural';
import type { Chapter } from '../place';
import { Papers } from './lazy';

/** Who the car is, by its numbers and papers, and what the seller says. */
export const papers: Chapter = {
  slug: 'papers',
  name: 'Papers',
  Icon: ScrollText,
  Screen: Papers,
  aspects: ['identity'],
  says: ({ records, car }) => {
    const claims = recordsOf(records, 'claim').length;
    return {
      holds: [
        car?.chassisNumber ? 'chassis number read' : 'chassis number not read',
        ...(claims > 0 ? [plural(claims, 'claim')] : []),
      ].join(', '),
    };
  },
};
