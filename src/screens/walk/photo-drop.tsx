'use client';

import { Camera } from 'lucide-react';
import { useCallback, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { useInspection } from '@/ui/records/inspection';

interface Upload {
  readonly key: string;
  readonly name: string;
  readonly share: number;
  readonly state: 'waiting' | 'sending' | 'done' | 'refused';
  readonly message: string;
}

type Answer =
  | {
      ok: true;
      photo: { sha256: string; type: string; bytes: number; widthPx: number; heightPx: number; takenAt: string | null };
    }
  | { ok: false; message: string };

/** Sends one picture and tells how far it is. */
function sendPicture(inspection: string, file: File, progress: (share: number) => void): Promise<Answer> {
  return new Promise((resolve) => {
    const request = new XMLHttpRequest();
    request.open('POST', `/api/v1/inspections/${inspection}/photos`);
    request.setRequestHeader('content-type', file.type || 'application/octet-stream');
    request.upload.onprogress = (e) => progress(e.lengthComputable ? e.loaded / e.total : 0);
    request.onerror = () =>
      resolve({ ok: false, message: 'The server does not answer. Drop this picture again when it does.' });
    request.onload = () => {
      try {
        resolve(JSON.parse(request.responseText));
      } catch {
        resolve({ ok: false, message: 'The server did not understand this picture.' });
      }
    };
    request.send(file);
  });
}

/** Takes pictures by drop, picker or camera, many at once; what cannot be taken is named while the others go on. */
export function PhotoDrop({ zone, finding = null }: { zone: string | null; finding?: string | null }) {
  const { facts, store, mayEdit } = useInspection();
  const [uploads, setUploads] = useState<readonly Upload[]>([]);
  const update = useCallback(
    (key: string, change: Partial<Upload>) =>
      setUploads((all) => all.map((u) => (u.key === key ? { ...u, ...change } : u))),
    [],
  );
  const take = useCallback(
    async (files: File[]) => {
      const started = files.map((file, i) => ({ file, key: `${Date.now()}-${i}` }));
      setUploads((all) => [
        ...all.filter((u) => u.state !== 'done'),
        ...started.map(({ file, key }) => ({ key, name: file.name, share: 0, state: 'waiting' as const, message: '' })),
      ]);
      const queue = [...started];
      const worker = async () => {
        for (let next = queue.shift(); next; next = queue.shift()) {
          const { file, key } = next;
          update(key, { state: 'sending' });
          const answer = await sendPicture(facts.id, file, (share) => update(key, { share }));
          if (!answer.ok) {
            update(key, { state: 'refused', message: answer.message });
            continue;
          }
          const entered = store.put([
            { kind: 'photo', body: { ...answer.photo, name: file.name.slice(0, 200) || 'photo', zone, finding } },
          ]);
          update(key, entered.ok ? { state: 'done', share: 1 } : { state: 'refused', message: entered.message });
        }
      };
      await Promise.all([worker(), worker()]);
    },
    [facts.id, store, update, zone, finding],
  );
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void take(files),
    disabled: !mayEdit,
    noClick: true,
    noKeyboard: true,
  });
  const done = uploads.filter((u) => u.state === 'done').length;
  return (
    <div className="grid gap-2">
      <div {...getRootProps({ role: 'presentation' })} className={mayEdit ? '' : 'hidden'}>
        <input
          {...getInputProps({ accept: 'image/jpeg,image/png,image/webp', 'aria-label': 'Photos' })}
          id={finding ? undefined : 'walk-photos'}
        />
        <button
          type="button"
          onClick={open}
          className={`flex min-h-11 w-full items-center justify-center gap-2 rounded-cut border border-dashed border-ink/50 px-3 text-sm font-semibold ${isDragActive ? 'bg-tape text-tape-ink' : 'hover:bg-wash'}`}
        >
          <Camera size={18} aria-hidden="true" />
          {isDragActive ? 'Let go to add' : 'Add photos'}
        </button>
      </div>
      {uploads.length > 0 && (
        <div className="text-sm" role="status">
          <p className="font-semibold">
            {done} of {uploads.length} photos in
          </p>
          <progress
            className="h-1.5 w-full accent-thread"
            max={uploads.length}
            value={uploads.reduce((s, u) => s + (u.state === 'done' || u.state === 'refused' ? 1 : u.share * 0.9), 0)}
            aria-label="Photos sent"
          />
          <ul>
            {uploads
              .filter((u) => u.state === 'refused')
              .map((u) => (
                <li key={u.key} className="border-l-4 border-pin pl-2">
                  <strong className="break-all">{u.name}</strong>: {u.message}
                </li>
              ))}
          </ul>
        </div>
      )}
    </div>
  );
}
