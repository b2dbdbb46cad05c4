'use client';

import { Camera, X } from 'lucide-react';
import { useDropzone } from 'react-dropzone';

const TYPES = 'image/jpeg,image/png,image/webp,image/heic,image/heif';

/** Pictures for a finding that is not entered yet: they go with it when it is added, and with nothing when it is not. */
export function FindingPictures({ files, onFiles }: { files: readonly File[]; onFiles: (files: File[]) => void }) {
  const { getInputProps, open } = useDropzone({
    onDrop: (more) => onFiles([...files, ...more]),
    noClick: true,
    noKeyboard: true,
  });
  return (
    <div className="flex flex-wrap items-center gap-2">
      <input
        {...getInputProps({
          accept: TYPES,
          'aria-label': 'Pictures of this finding',
          capture: 'environment',
        } as object)}
      />
      <button type="button" className="btn" onClick={open}>
        <Camera size={18} aria-hidden="true" /> Picture of it
      </button>
      {files.length > 0 && (
        <span className="flex items-center gap-1 text-sm" role="status">
          {files.length === 1 ? '1 picture goes with it' : `${files.length} pictures go with it`}
          <button
            type="button"
            className="grid size-11 place-items-center rounded-cut hover:bg-wash"
            aria-label="Leave the pictures out"
            onClick={() => onFiles([])}
          >
            <X size={16} aria-hidden="true" />
          </button>
        </span>
      )}
    </div>
  );
}
