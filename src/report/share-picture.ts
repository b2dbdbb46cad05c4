import { maskOf } from '@/core/image/run-lengths';
import type { AnyRecord, BodyOf, StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { Wording } from '@/words/vocabulary';
import type { MarksOn, PictureRow } from './block';
import { pictureRow } from './picture-row';

type Shared = Pick<BodyOf<'rust'>, 'photo' | 'stretch' | 'mask' | 'zone'>;
/** Longest side of the copy on whose pixels places are told. */
const COPY_PX = 2048;

/** What was taken for defective, as an outline of rows in px of the picture's copy; null where the mask cannot be read. */
export function marksOf({ stretch, mask }: Shared, photo: BodyOf<'photo'>): MarksOn | null {
  const read = maskOf(mask);
  if (!read) return null;
  const shrink = Math.min(1, COPY_PX / Math.max(photo.widthPx, photo.heightPx));
  const [sx, sy] = [stretch.width / read.width, stretch.height / read.height];
  const at = (v: number) => Math.round(10 * v) / 10;
  let path = '';
  for (let y = 0; y < read.height; y++)
    for (let x = 0; x < read.width; x++) {
      if (read.mask[y * read.width + x] === 0) continue;
      let end = x;
      while (end < read.width && read.mask[y * read.width + end] === 1) end++;
      path += `M${at(stretch.x + x * sx)} ${at(stretch.y + y * sy)}h${at((end - x) * sx)}v${at(sy)}h${at((x - end) * sx)}z`;
      x = end;
    }
  return { path, width: Math.round(photo.widthPx * shrink), height: Math.round(photo.heightPx * shrink) };
}

/** The pictures that shares were read off, what was counted marked on them. */
export function sharePictures(
  shares: readonly { readonly body: Shared }[],
  records: readonly AnyRecord[],
  wording: Wording,
): PictureRow[] {
  const photos = new Map(recordsOf(records, 'photo').map((p): [string, StoredRecord<'photo'>] => [p.id, p]));
  return shares.flatMap(({ body }) => {
    const photo = photos.get(body.photo);
    if (!photo) return [];
    const marks = marksOf(body, photo.body);
    return [{ ...pictureRow(photo, body.zone, wording), ...(marks && { marks }) }];
  });
}
