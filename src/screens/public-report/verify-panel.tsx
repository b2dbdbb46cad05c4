'use client';

import { Check, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { keyText, NOT_RECOMPUTED } from '@/report/seal-words';
import { useHere } from '@/ui/use-here';
import { plural } from '@/words/plural';
import type { Checked } from './check-report';

type Standing =
  | { kind: 'idle' }
  | { kind: 'busy'; done: number; all: number }
  | { kind: 'good'; checked: Checked }
  | { kind: 'bad'; message: string };

interface Line {
  readonly good: boolean;
  readonly text: string;
}

/** What was checked, line by line, each in a sentence. */
function linesOf({ sha256, key, figures, pictures, blurred }: Checked): Line[] {
  return [
    { good: true, text: `Unchanged. Hash and signature were computed here and fit: ${sha256}` },
    { good: key.key === 'known', text: keyText(key) },
    figures.recomputed === 'same'
      ? { good: true, text: 'Every figure was computed anew here from the records: the same.' }
      : figures.recomputed === 'differs'
        ? {
            good: false,
            text: `Figures do not follow from the records: ${figures.differs.slice(0, 4).join(', ')}${figures.differs.length > 4 ? ' and more' : ''}.`,
          }
        : { good: false, text: `The figures cannot be computed anew here: ${NOT_RECOMPUTED[figures.why]}.` },
    ...(pictures.all > 0
      ? [
          pictures.fit === pictures.all
            ? { good: true, text: `${plural(pictures.all, 'picture')}: every one is the one that was sealed.` }
            : {
                good: false,
                text: `${pictures.all - pictures.fit} of ${plural(pictures.all, 'picture')} did not come, or are not the ones that were sealed.`,
              },
        ]
      : []),
    ...(blurred > 0
      ? [
          {
            good: true,
            text: `${plural(blurred, 'picture')} with faces or plates of others made unreadable: the original is not published, so its hash is not compared.`,
          },
        ]
      : []),
  ];
}

/** Loads report, keys and pictures again and checks them in the reader's own browser. */
export function VerifyPanel({
  address,
  keysPage,
  photos,
  shown,
}: {
  address: string;
  keysPage: string;
  photos: string;
  shown: string;
}) {
  const [standing, setStanding] = useState<Standing>({ kind: 'idle' });
  const here = useHere();
  const check = async () => {
    setStanding({ kind: 'busy', done: 0, all: 0 });
    try {
      // Loaded by the touch: no reader waits for what few ask for.
      const { checkReport } = await import('./check-report');
      const result = await checkReport({ address, keysAddress: `${keysPage}/keys.json`, photos, shown }, (done, all) =>
        setStanding({ kind: 'busy', done, all }),
      );
      setStanding(result.ok ? { kind: 'good', checked: result.checked } : { kind: 'bad', message: result.message });
    } catch {
      setStanding({ kind: 'bad', message: 'The report or its keys could not be loaded. Try again.' });
    }
  };
  const busy = standing.kind === 'busy';
  return (
    <div className="sheet grid gap-3 p-4">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={check} disabled={busy || !here}>
          {busy ? 'Checking …' : 'Check in this browser'}
        </button>
        <a className="btn" href={address}>
          Report as JSON
        </a>
      </div>
      <div role="status" className="grid gap-1 text-sm">
        {standing.kind === 'busy' && standing.all > 0 && `Picture ${standing.done + 1} of ${standing.all} …`}
        {standing.kind === 'good' && (
          <ul className="grid gap-1.5">
            {linesOf(standing.checked).map(({ good, text }) => (
              <li key={text} className="flex items-start gap-2">
                {good ? (
                  <Check size={16} aria-label="fits" className="mt-0.5 shrink-0" />
                ) : (
                  <TriangleAlert size={16} aria-label="look here" className="mt-0.5 shrink-0 text-pin" />
                )}
                <span className="min-w-0 wrap-anywhere">{text}</span>
              </li>
            ))}
          </ul>
        )}
        {standing.kind === 'bad' && <strong className="text-pin">{standing.message}</strong>}
        {standing.kind === 'idle' &&
          'Computes hash, signature, figures and pictures here. This page and its check come from the same house: to be surer, save the JSON file and the keys, and use the command line (farvin verify FILE --key KEYS).'}
      </div>
    </div>
  );
}
