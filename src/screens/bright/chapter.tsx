import { Sparkles } from 'lucide-react';
import { recordsOf } from '@/core/records/reduce';
import { plural } from '@/words/plural';
import type { Chapter } from '../place';
import { Bright } from './bright';
import { BRIGHT_ASPECTS } from './bright-aspects';

/** Plated and polished parts, and glass. */
export const bright: Chapter = {
  slug: 'bright',
  name: 'Bright and glass',
  Icon: Sparkles,
  Screen: Bright,
  aspects: BRIGHT_ASPECTS,
  says: ({ records }) => {
    const n = recordsOf(records, 'plating').length;
    return { holds: n > 0 ? `${plural(n, 'plated piece')} measured` : '' };
  },
};
