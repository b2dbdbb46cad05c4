'use client';

import { type ReactNode, useState } from 'react';
import type { StoredRecord } from '@/core/kinds';
import { momentText } from '@/words/dates';
import { Modal } from './modal';

const SHOWN = 24;

/** Pictures as small prints, the first ones while there are many; one opens large with its caption. */
export function PhotoStrip({
  photos,
  onRemove,
  more,
}: {
  photos: readonly StoredRecord<'photo'>[];
  onRemove?: (id: string) => void;
  /** What else can be said of the open picture. */
  more?: (photo: StoredRecord<'photo'>) => ReactNode;
}) {
  const [open, setOpen] = useState<StoredRecord<'photo'> | null>(null);
  const [all, setAll] = useState(false);
  if (photos.length === 0) return null;
  return (
    <>
      <ul className="flex flex-wrap gap-1.5">
        {(all ? photos : photos.slice(0, SHOWN)).map((p) => (
          <li key={p.id}>
            <button
              type="button"
              onClick={() => setOpen(p)}
              className="block overflow-hidden rounded-cut border border-line"
              aria-label={`Photo: ${p.body.caption || p.body.name}`}
            >
              {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
              <img
                src={`/api/v1/photos/${p.body.sha256}/320`}
                alt={p.body.caption || p.body.name}
                width={76}
                height={57}
                loading="lazy"
                className="h-[57px] w-[76px] object-cover"
              />
            </button>
          </li>
        ))}
      </ul>
      {!all && photos.length > SHOWN && (
        <button type="button" className="btn btn-small" onClick={() => setAll(true)}>
          Show all {photos.length} photos
        </button>
      )}
      {open && (
        <Modal title={open.body.caption || open.body.name} onClose={() => setOpen(null)} wide>
          {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
          <img
            src={`/api/v1/photos/${open.body.sha256}/2048`}
            alt={open.body.caption || open.body.name}
            className="w-full"
          />
          <p className="mt-2 flex flex-wrap items-center gap-3 text-sm text-soft">
            {open.body.takenAt && <span>{momentText(open.body.takenAt)}</span>}
            {more?.(photos.find((p) => p.id === open.id) ?? open)}
            {open.body.drawn && <span className="stamp">drawn</span>}
            {onRemove && (
              <button
                type="button"
                className="btn btn-small ml-auto"
                onClick={() => {
                  onRemove(open.id);
                  setOpen(null);
                }}
              >
                Take photo out
              </button>
            )}
          </p>
        </Modal>
      )}
    </>
  );
}
