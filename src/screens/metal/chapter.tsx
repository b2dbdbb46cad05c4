import { Hammer } from 'lucide-react';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import type { Chapter } from '../place';

const ASPECTS = ['corrosion', 'structure'] as const;

/** Where it rusts, and what carries the car. */
export const metal: Chapter = {
  slug: 'metal',
  name: 'Metal',
  Icon: Hammer,
  Screen: () => <AspectChapter title="Metal" aspects={ASPECTS} />,
  aspects: ASPECTS,
  says: () => ({ holds: '' }),
};
