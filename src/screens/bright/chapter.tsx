import { Sparkles } from 'lucide-react';
import { completenessOf } from '@/core/bright/ledger';
import { recordsOf } from '@/core/records/reduce';
import { plural } from '@/words/plural';
import type { Chapter } from '../place';
import { BRIGHT_ASPECTS } from './bright-aspects';
import { Bright } from './lazy';

/** Plated and polished parts, and glass. */
export const bright: Chapter = {
  slug: 'bright',
  name: 'Bright and glass',
  Icon: Sparkles,
  Screen: Bright,
  aspects: BRIGHT_ASPECTS,
  says: ({ records, bright: { ledger } }) => {
    const measured = recordsOf(records, 'plating').length;
    const { missing, wrong, unsaid } = completenessOf(ledger);
    const begun = unsaid < ledger.length;
    return {
      holds: [
        measured > 0 ? `${plural(measured, 'plated piece')} measured` : '',
        begun && missing > 0 ? `${plural(missing, 'piece')} missing` : '',
        begun && wrong > 0 ? `${wrong} wrong` : '',
        begun && unsaid > 0 ? `${plural(unsaid, 'piece')} not said` : '',
      ]
        .filter(Boolean)
        .join(', '),
    };
  },
};
