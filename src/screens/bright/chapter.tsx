import { Sparkles } from 'lucide-react';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import type { Chapter } from '../place';

const ASPECTS = ['brightwork', 'glass'] as const;

/** Plated and polished parts, and glass. */
export const bright: Chapter = {
  slug: 'bright',
  name: 'Bright and glass',
  Icon: Sparkles,
  Screen: () => <AspectChapter title="Bright and glass" aspects={ASPECTS} />,
  aspects: ASPECTS,
  says: () => ({ holds: '' }),
};
