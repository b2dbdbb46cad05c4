import { Armchair } from 'lucide-react';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import type { Chapter } from '../place';

const ASPECTS = ['trim', 'rubber', 'function'] as const;

/** Trim and seals, and what works. */
export const cabin: Chapter = {
  slug: 'cabin',
  name: 'Cabin and functions',
  Icon: Armchair,
  Screen: () => <AspectChapter title="Cabin and functions" aspects={ASPECTS} />,
  aspects: ASPECTS,
  says: () => ({ holds: '' }),
};
