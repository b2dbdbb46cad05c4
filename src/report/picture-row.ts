import type { StoredRecord } from '@/core/kinds';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import type { PictureRow } from './block';

/** A picture with its caption; with its zone named where it does not stand under a finding of it. */
export function pictureRow({ body }: StoredRecord<'photo'>, zone: string | null, wording: Wording): PictureRow {
  const caption = body.caption || body.name;
  return {
    sha256: body.sha256,
    alt: `${caption}${body.drawn ? ' (drawn picture)' : ''}`,
    caption: zone ? `${zoneName(zone, wording)}: ${caption}` : body.caption,
    drawn: body.drawn,
    size: [body.widthPx, body.heightPx],
  };
}
