'use client';

import { PhotoDrop } from '@/ui/device/photo-drop';
import { useLot, useRecords } from '@/ui/records/inspection';
import { PhotoStrip } from './photo-strip';

/** The pictures of one record (a fluid on its rag, a part from below), and a key to take more. */
export function RecordPictures({ record, zone, says }: { record: string; zone: string | null; says: string }) {
  const { store, mayEdit } = useLot();
  const photos = useRecords('photo', (p) => p.body.finding === record);
  return (
    <div className="grid gap-2">
      <PhotoStrip photos={photos} {...(mayEdit && { onRemove: (id: string) => store.remove(id) })} />
      {mayEdit && <PhotoDrop zone={zone} finding={record} says={says} />}
    </div>
  );
}
