'use client';

import { useRecords } from '@/ui/records/inspection';

const SHOWN = 6;

/** The first pictures, small. */
export function PicturesPreview() {
  const photos = useRecords('photo');
  if (photos.length === 0) return null;
  return (
    <span className="grid h-32 grid-cols-3 grid-rows-2 gap-1 overflow-hidden">
      {photos.slice(0, SHOWN).map((p) => (
        // biome-ignore lint/performance/noImgElement: derivatives are made by our own store
        <img
          key={p.id}
          src={`/api/v1/photos/${p.body.sha256}/320`}
          alt=""
          width={160}
          height={120}
          loading="lazy"
          className="h-full w-full rounded-cut border border-line object-cover"
        />
      ))}
    </span>
  );
}
