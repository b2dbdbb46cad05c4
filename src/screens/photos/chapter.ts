import { Images } from 'lucide-react';
import { recordsOf } from '@/core/records/reduce';
import { plural } from '@/words/plural';
import type { Chapter } from '../place';
import { Photos } from './lazy';
import { PicturesPreview } from './preview';

/** All pictures of the lot. */
export const pictures: Chapter = {
  slug: 'pictures',
  name: 'Pictures',
  Icon: Images,
  Screen: Photos,
  aspects: [],
  Preview: PicturesPreview,
  says: ({ records }) => {
    const photos = recordsOf(records, 'photo');
    const loose = photos.filter((p) => p.body.zone === null && p.body.view === null).length;
    return {
      holds: photos.length > 0 ? plural(photos.length, 'picture') : 'no picture',
      loudest: loose > 0 ? `${loose} without a place` : undefined,
    };
  },
};
