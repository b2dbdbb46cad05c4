'use client';

import { Download, FileArchive, FileText, X } from 'lucide-react';
import { useEffect, useId, useState } from 'react';
import { toast } from 'sonner';

interface Made {
  readonly id: string;
  readonly what: 'pdf' | 'zip' | 'bundle' | 'jobs';
  readonly state: 'making' | 'ready' | 'failed' | 'cancelled';
  readonly done: number;
  readonly total: number;
  readonly bytes: number;
  readonly message: string;
}

const NAMES = {
  pdf: 'Report as PDF',
  zip: 'Report with pictures as ZIP',
  bundle: 'All records and pictures as bundle',
  jobs: 'Job sheets for the shops as PDF',
} as const;
const ASK_EVERY_MS = 1000;

const size = (bytes: number) =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** Files of the report: made in the background with progress, stopped, taken. */
export function Exports({
  inspection,
  mayMake,
  of = ['pdf', 'zip', 'bundle'],
  title = 'Files',
}: {
  inspection: string;
  mayMake: boolean;
  of?: readonly Made['what'][];
  title?: string;
}) {
  const [all, setMade] = useState<readonly Made[]>([]);
  const [asked, setAsked] = useState(0);
  const making = all.some((m) => m.state === 'making');
  const made = all.filter((m) => of.includes(m.what));
  const id = useId();
  // biome-ignore lint/correctness/useExhaustiveDependencies: asks again after each order
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let gone = false;
    const ask = async () => {
      const answer = await fetch(`/api/v1/inspections/${inspection}/exports`)
        .then((r) => (r.ok ? r.json() : null))
        .catch(() => null);
      if (gone) return;
      if (answer) setMade(answer.exports);
      if (!answer || answer.exports.some((m: Made) => m.state === 'making'))
        timer = setTimeout(() => void ask(), ASK_EVERY_MS);
    };
    void ask();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [inspection, asked]);
  const order = async (what: Made['what']) => {
    const answer = await fetch(`/api/v1/inspections/${inspection}/exports`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ what }),
    }).catch(() => null);
    if (!answer?.ok) toast('The server does not make it now. Try again when you are connected.');
    setAsked((n) => n + 1);
  };
  const drop = async (id: string) => {
    await fetch(`/api/v1/exports/${id}`, { method: 'DELETE' }).catch(() => null);
    setAsked((n) => n + 1);
  };
  return (
    <section className="grid gap-2" aria-labelledby={id}>
      <h2 id={id} className="text-lg font-bold">
        {title}
      </h2>
      {mayMake && (
        <div className="grid gap-1.5">
          {of.map((what) => (
            <button
              key={what}
              type="button"
              className="btn btn-small justify-start"
              disabled={making}
              onClick={() => void order(what)}
            >
              {what === 'pdf' || what === 'jobs' ? (
                <FileText size={16} aria-hidden="true" />
              ) : (
                <FileArchive size={16} aria-hidden="true" />
              )}
              {NAMES[what]}
            </button>
          ))}
        </div>
      )}
      <ul className="grid gap-1.5 text-sm" aria-live="polite">
        {made.map((m) => (
          <li key={m.id} className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-2 border border-line pl-2">
            {m.state === 'ready' ? (
              <a
                href={`/api/v1/exports/${m.id}`}
                className="flex min-h-11 items-center gap-2 font-semibold hover:underline"
              >
                <Download size={16} aria-hidden="true" className="shrink-0" />
                <span>
                  {NAMES[m.what]} <span className="font-normal text-soft">{size(m.bytes)}</span>
                </span>
              </a>
            ) : m.state === 'making' ? (
              <span className="grid gap-1 py-2">
                {NAMES[m.what]}
                {m.total > 0 ? `: ${m.done} of ${m.total}` : ': begins'}
                <progress
                  className="h-1.5 w-full accent-thread"
                  max={Math.max(1, m.total)}
                  value={m.done}
                  aria-label={NAMES[m.what]}
                />
              </span>
            ) : (
              <span className="py-2">
                {NAMES[m.what]} was not made. {m.message}
              </span>
            )}
            {mayMake && (
              <button
                type="button"
                className="grid size-11 place-items-center"
                aria-label={m.state === 'making' ? `Stop making: ${NAMES[m.what]}` : `Take away: ${NAMES[m.what]}`}
                onClick={() => void drop(m.id)}
              >
                <X size={16} aria-hidden="true" />
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
