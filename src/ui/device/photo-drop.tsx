'use client';

import { Camera } from 'lucide-react';
import { useDropzone } from 'react-dropzone';
import { useLot } from '@/ui/records/inspection';
import { photoQueue } from './photo-queue';
import { PhotosOnTheirWay } from './photos-on-their-way';

/** Takes pictures by drop, picker or camera, many at once, network or not: each is on the device before it counts. */
export function PhotoDrop({
  zone,
  finding = null,
  says = 'Add photos',
}: {
  zone: string | null;
  /** The record that they show. */
  finding?: string | null;
  says?: string;
}) {
  const { facts, mayEdit } = useLot();
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void photoQueue().add(facts.id, files, { zone, finding }),
    disabled: !mayEdit,
    noClick: true,
    noKeyboard: true,
  });
  return (
    <div className="grid gap-2">
      <div {...getRootProps({ role: 'presentation' })} className={mayEdit ? '' : 'hidden'}>
        <input
          {...getInputProps({
            accept: 'image/jpeg,image/png,image/webp,image/heic,image/heif',
            'aria-label': 'Photos',
          })}
          id={finding ? undefined : 'walk-photos'}
        />
        <button
          type="button"
          onClick={open}
          className={`flex min-h-11 w-full items-center justify-center gap-2 rounded-cut border border-dashed border-ink/50 px-3 text-sm font-semibold ${isDragActive ? 'bg-tape text-tape-ink' : 'hover:bg-wash'}`}
        >
          <Camera size={18} aria-hidden="true" />
          {isDragActive ? 'Let go to add' : says}
        </button>
      </div>
      <PhotosOnTheirWay inspection={facts.id} />
    </div>
  );
}
