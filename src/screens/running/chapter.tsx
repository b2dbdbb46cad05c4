import { Cog } from 'lucide-react';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import type { Chapter } from '../place';

const ASPECTS = ['leaks', 'tire'] as const;

/** Fluids, leaks, tires. */
export const running: Chapter = {
  slug: 'running',
  name: 'Running',
  Icon: Cog,
  Screen: () => <AspectChapter title="Running" aspects={ASPECTS} />,
  aspects: ASPECTS,
  says: () => ({ holds: '' }),
};
