import { Download, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import type { BadRow } from '@/core/csv/rows';
import { saveFile } from '../save-file';

const BAD_SHOWN = 4;

/** CSV out and in: a file is taken whole or not at all, and every bad row is named. */
export function CsvTransfer({
  what,
  fileName,
  text,
  take,
}: {
  /** What the file holds, for the label of the file field. */
  what: string;
  fileName: string;
  text: () => string;
  /** Takes a file's text, or says what is wrong with it; null where nothing may be entered. */
  take: ((text: string, name: string) => readonly BadRow[]) | null;
}) {
  const [bad, setBad] = useState<readonly BadRow[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const save = () => saveFile(fileName, new Blob([text()], { type: 'text/csv' }));
  return (
    <>
      <button type="button" className="btn" onClick={save}>
        <Download size={16} aria-hidden="true" /> CSV
      </button>
      {take && (
        <>
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            aria-label={`${what} CSV`}
            onChange={async (e) => {
              const picked = e.target.files?.[0];
              e.target.value = '';
              if (picked) setBad(take(await picked.text(), picked.name));
            }}
          />
          <button type="button" className="btn" onClick={() => file.current?.click()}>
            <Upload size={16} aria-hidden="true" /> Take CSV
          </button>
        </>
      )}
      {bad.length > 0 && (
        <div role="alert" className="w-full border-l-4 border-pin pl-3 text-sm">
          <p className="font-semibold">
            Nothing was taken: {bad.length} bad rows. Mend them in the file, then take it again.
          </p>
          <ul>
            {bad.slice(0, BAD_SHOWN).map((b) => (
              <li key={b.line}>
                line {b.line} {b.message}
              </li>
            ))}
            {bad.length > BAD_SHOWN && <li>and {bad.length - BAD_SHOWN} more</li>}
          </ul>
        </div>
      )}
    </>
  );
}
