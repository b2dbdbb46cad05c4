import { useState } from 'react';
import type { StoredRecord } from '@/core/kinds';
import { GridLines } from '@/ui/parts/grid-lines';
import { Modal } from '@/ui/parts/modal';

/** One or two pictures only to look at: side by side, with grid lines, the second mirrored to lie beside its twin. */
export function LookSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const [grid, setGrid] = useState(true);
  const [mirrored, setMirrored] = useState(false);
  return (
    <Modal title={photos.length > 1 ? 'Side by side' : 'A closer look'} onClose={onClose} wide="desk">
      <div className="grid gap-3">
        <div className="flex flex-wrap gap-4 text-sm">
          <label className="flex min-h-9 items-center gap-2">
            <input type="checkbox" className="size-5" checked={grid} onChange={(e) => setGrid(e.target.checked)} /> grid
          </label>
          {photos.length > 1 && (
            <label className="flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={mirrored}
                onChange={(e) => setMirrored(e.target.checked)}
              />{' '}
              mirror the second
            </label>
          )}
        </div>
        <div className={`grid gap-3 ${photos.length > 1 ? 'md:grid-cols-2' : ''}`}>
          {photos.map(({ id, body: p }, i) => (
            <figure key={id} className="grid content-start gap-1">
              <div className={`relative mx-auto w-fit ${mirrored && i > 0 ? '-scale-x-100' : ''}`}>
                {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
                <img
                  src={`/api/v1/photos/${p.sha256}/2048`}
                  alt={p.caption || p.name}
                  className="max-h-[68dvh] max-w-full"
                />
                {grid && (
                  <svg
                    viewBox={`0 0 ${p.widthPx} ${p.heightPx}`}
                    className="absolute inset-0 size-full"
                    aria-hidden="true"
                    fill="none"
                  >
                    <GridLines width={p.widthPx} height={p.heightPx} />
                  </svg>
                )}
              </div>
              <figcaption className="text-sm">{p.caption || p.name}</figcaption>
            </figure>
          ))}
        </div>
      </div>
    </Modal>
  );
}
