'use client';

import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { toast } from 'sonner';
import { captionsOf, textOf } from '@/entry/talk/caption-file';
import type { SpokenLine } from '@/entry/talk/listen';

const WHY = {
  empty: 'It holds nothing.',
  'no-times': 'It holds no times, so it is no file of captions. Paste its words below instead.',
  unreadable: 'No caption in it could be read.',
} as const;
const MOST_BYTES = 10_000_000;

const linesOf = (text: string): readonly SpokenLine[] =>
  text
    .split(/\r?\n/)
    .map((t, i) => ({ line: i + 1, text: t.trim() }))
    .filter((l) => l.text !== '');

/** Where captions, a film, or words come in. Everything stays on this device until something of it is taken. */
export function BringIn({
  onHear,
  onFilm,
}: {
  onHear: (name: string, lines: readonly SpokenLine[]) => void;
  onFilm: (film: File) => void;
}) {
  const [words, setWords] = useState('');
  const take = async (files: readonly File[]) => {
    for (const file of files) {
      if (/^video\//.test(file.type) || /\.(mp4|webm|mov)$/i.test(file.name)) {
        onFilm(file);
        continue;
      }
      if (file.size > MOST_BYTES) {
        toast(`${file.name} is too large for captions. Nothing of it was read.`);
        continue;
      }
      const text = textOf(new Uint8Array(await file.arrayBuffer()));
      if (/\.txt$/i.test(file.name)) {
        onHear(file.name, linesOf(text));
        continue;
      }
      const read = captionsOf(text);
      if (read.ok) onHear(file.name, read.cues);
      else toast(`${file.name}: ${WHY[read.why]} Nothing was changed.`);
    }
  };
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void take(files),
    noClick: true,
    noKeyboard: true,
  });
  return (
    <section {...getRootProps({ className: 'sheet grid gap-3 p-4', role: undefined, 'aria-label': 'Bring in talk' })}>
      <h2 className="text-lg font-bold">What was said while walking round</h2>
      <p className="max-w-prose text-sm text-soft">
        Drop the captions of a walk-round film (.vtt or .srt), with the film or without, or paste the words below. Each
        statement is laid beside the words it came from; nothing enters the records before you take it. The film stays
        on this device.
      </p>
      <input
        {...getInputProps({
          accept: '.vtt,.srt,.txt,video/mp4,video/webm,video/quicktime',
          'aria-label': 'Captions and film',
        })}
      />
      <button
        type="button"
        className={`btn btn-main justify-self-start ${isDragActive ? 'bg-tape text-tape-ink' : ''}`}
        onClick={open}
      >
        {isDragActive ? 'Let go to read' : 'Choose captions or film'}
      </button>
      <label className="grid gap-1 text-sm">
        <span className="font-semibold">Words as they were said, a line each</span>
        <textarea
          className="field min-h-28 font-mono text-sm"
          value={words}
          maxLength={100_000}
          onChange={(e) => setWords(e.target.value)}
          placeholder={'driver’s door, one small chip on the back edge\ncloses nicely\nthe clock doesn’t work'}
        />
      </label>
      <button
        type="button"
        className="btn justify-self-start"
        disabled={words.trim() === ''}
        onClick={() => onHear('pasted words', linesOf(words))}
      >
        Read these words
      </button>
    </section>
  );
}
