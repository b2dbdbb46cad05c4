'use client';

import { useRef, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link } from '@/ui/parts/link';
import { Modal } from '@/ui/parts/modal';

type Result =
  | { ok: true; lotId: string; created: boolean; taken: number; same: number; different: number; pictures: number }
  | { ok: false; message: string; problems?: readonly { path: string; message: string }[] };
type Line = Result | { done: number; total: number };

const PROBLEMS_SHOWN = 5;

/** Takes a bundle (JSON, or ZIP with pictures) into the sale; importing the same twice changes nothing. */
export function ImportBundle({ saleId, onClose }: { saleId: string; onClose: () => void }) {
  const [step, setStep] = useState<string | null>(null);
  const [share, setShare] = useState(0);
  const [result, setResult] = useState<Result | null>(null);
  const stop = useRef<AbortController>(undefined);
  const send = async (file: File) => {
    stop.current = new AbortController();
    setResult(null);
    setStep(`Sending ${file.name}`);
    setShare(0);
    try {
      const answer = await fetch(`/api/v1/sales/${saleId}/import`, {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream' },
        body: file,
        signal: stop.current.signal,
      });
      if (!answer.ok || !answer.body) {
        const said = await answer.json().catch(() => null);
        setResult({ ok: false, message: said?.message ?? 'The server does not take this file.' });
      } else await follow(answer.body);
    } catch {
      setResult({
        ok: false,
        message: stop.current.signal.aborted
          ? 'Stopped. What was taken in stays; importing again goes on.'
          : 'The connection broke. Importing again goes on where it stopped.',
      });
    }
    setStep(null);
  };
  const follow = async (body: ReadableStream<Uint8Array>) => {
    const reader = body.getReader();
    const decoder = new TextDecoder();
    let rest = '';
    for (let next = await reader.read(); !next.done; next = await reader.read()) {
      const lines = (rest + decoder.decode(next.value, { stream: true })).split('\n');
      rest = lines.pop() ?? '';
      for (const text of lines.filter(Boolean)) {
        const line = JSON.parse(text) as Line;
        if ('ok' in line) setResult(line);
        else {
          setStep(`Taking pictures in: ${line.done} of ${line.total}`);
          setShare(line.done / line.total);
        }
      }
    }
  };
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: ([file]) => void (file && send(file)),
    multiple: false,
    noClick: true,
    disabled: step !== null,
  });
  return (
    <Modal title="Import a bundle" onClose={onClose}>
      <div className="grid gap-4">
        {step === null ? (
          <div
            {...getRootProps()}
            className={`grid gap-2 border border-dashed border-ink/60 p-4 text-center ${isDragActive ? 'bg-tape text-tape-ink' : ''}`}
          >
            <input {...getInputProps({ accept: '.json,.zip', 'aria-label': 'Bundle' })} />
            <p>Drop a .farvin.json file or a ZIP with pictures here.</p>
            <button type="button" className="btn" onClick={open}>
              Choose file
            </button>
          </div>
        ) : (
          <div className="grid gap-2" role="status">
            <p>{step}</p>
            <progress className="h-1.5 w-full accent-thread" max={1} value={share} aria-label="Taken in" />
            <button type="button" className="btn btn-small" onClick={() => stop.current?.abort()}>
              Stop
            </button>
          </div>
        )}
        {result && !result.ok && (
          <div role="alert" className="grid gap-1 border-l-4 border-pin pl-3 text-sm">
            <p className="font-semibold">{result.message}</p>
            <ul>
              {result.problems?.slice(0, PROBLEMS_SHOWN).map((p) => (
                <li key={p.path}>
                  <span className="figure text-xs">{p.path}</span>: {p.message}
                </li>
              ))}
            </ul>
            {(result.problems?.length ?? 0) > PROBLEMS_SHOWN && (
              <p>and {result.problems!.length - PROBLEMS_SHOWN} more</p>
            )}
          </div>
        )}
        {result?.ok && (
          <div role="status" className="grid gap-2">
            <p>
              {result.created ? 'The lot was added. ' : 'The lot was here already. '}
              {result.taken} records taken, {result.same} were here as they are
              {result.different > 0 && `, ${result.different} are different here and stay as they are`}
              {result.pictures > 0 && `; ${result.pictures} pictures`}.
            </p>
            <Link className="btn btn-main" href={`/lots/${result.lotId}/walk`}>
              Open the lot
            </Link>
          </div>
        )}
      </div>
    </Modal>
  );
}
