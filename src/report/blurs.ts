import { z } from 'zod';
import { patchSchema } from '@/core/kinds/common';
import type { Bundle } from '@/core/records/bundle';

const boxes = z.array(patchSchema);
type Boxes = z.infer<typeof boxes>;

/** The boxes that are unreadable to strangers, by the picture's SHA-256; of a picture in several records all of them. */
export function blursOf(bundle: Pick<Bundle, 'records'>): ReadonlyMap<string, Boxes> {
  const blurs = new Map<string, Boxes>();
  for (const { body } of bundle.records.photo ?? []) {
    const own = boxes.safeParse(body.blur ?? []);
    if (own.success && own.data.length > 0)
      blurs.set(String(body.sha256), [...(blurs.get(String(body.sha256)) ?? []), ...own.data]);
  }
  return blurs;
}
