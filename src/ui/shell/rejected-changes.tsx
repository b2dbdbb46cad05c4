'use client';

import { useState } from 'react';
import { momentText } from '@/words/dates';
import { wordsOf } from '@/words/kinds';
import { plural } from '@/words/plural';
import { recordLine, recordSays } from '@/words/record';
import { useWording } from '../preferences';
import { useCar, useLot, useStored } from '../records/inspection';
import type { RejectedChange } from '../records/inspection-store';
import { MendSheet } from './mend-sheet';

/** Entries that the server did not take: each with the reason and what can be done. */
export function RejectedChanges() {
  const rejected = useStored((s) => s.rejected);
  const [mending, setMending] = useState<RejectedChange | null>(null);
  if (rejected.length === 0) return null;
  return (
    <section
      aria-label="Entries not taken"
      className="max-h-[40dvh] shrink-0 overflow-y-auto border-b-2 border-pin bg-card px-4 py-2"
    >
      <h2 className="text-sm font-bold">
        {plural(rejected.length, 'entry was', 'entries were')} not taken. Nothing is lost; decide here.
      </h2>
      <ul className="divide-y divide-line">
        {rejected.map((one) => (
          <li key={one.change.id} className="py-2 text-sm">
            {one.result.status === 'conflict' ? (
              <Conflict rejected={one} />
            ) : (
              <Rejected rejected={one} onMend={() => setMending(one)} />
            )}
          </li>
        ))}
      </ul>
      {mending && <MendSheet rejected={mending} onClose={() => setMending(null)} />}
    </section>
  );
}

/** Two values of one record face to face, with who and when; whichever is kept, both stay in the log. */
function Conflict({ rejected }: { rejected: RejectedChange }) {
  const { store, facts } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const { change, result } = rejected;
  if (result.status !== 'conflict') return null;
  const says = (body: unknown) =>
    body === null ? 'taken out' : recordSays({ kind: change.kind, body } as Parameters<typeof recordSays>[0], wording);
  const theirs = says(result.present?.body ?? null);
  const mine = says(change.op === 'put' ? change.body : null);
  const body = change.op === 'put' ? change.body : result.present?.body;
  return (
    <div className="grid gap-1.5">
      <p>
        <strong className="first-letter:uppercase">
          {body
            ? recordLine({ kind: change.kind, body } as Parameters<typeof recordLine>[0], wording).split(':')[0]
            : wordsOf(change.kind).name}
        </strong>
        : changed by two people at once. The screen shows theirs.
      </p>
      <div className="grid gap-2 sm:grid-cols-2">
        <div className="grid gap-1 border border-line p-2">
          <span className="text-xs text-soft">
            {result.by ? `${result.by.who}, ${momentText(result.by.at)}` : 'somebody else'}
          </span>
          <span className="font-semibold">{theirs}</span>
          <button type="button" className="btn btn-small" onClick={() => store.dismiss(rejected)}>
            Keep theirs
          </button>
        </div>
        <div className="grid gap-1 border-2 border-thread p-2">
          <span className="text-xs text-soft">{facts.me}, on this device</span>
          <span className="font-semibold">{mine}</span>
          <button type="button" className="btn btn-small" onClick={() => store.resubmit(rejected)}>
            Use mine
          </button>
        </div>
      </div>
    </div>
  );
}

function Rejected({ rejected, onMend }: { rejected: RejectedChange; onMend: () => void }) {
  const { store } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const { change, result } = rejected;
  if (result.status !== 'rejected') return null;
  const mendable = change.op === 'put' && result.reason !== 'sealed';
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="min-w-0 flex-1">
        <strong className="first-letter:uppercase">
          {change.op === 'put'
            ? recordLine({ kind: change.kind, body: change.body } as Parameters<typeof recordLine>[0], wording)
            : `${wordsOf(change.kind).name} taken out`}
        </strong>
        <span className="block">{result.message}</span>
      </span>
      {mendable && (
        <button type="button" className="btn btn-small" onClick={onMend}>
          Mend and send
        </button>
      )}
      <button type="button" className="btn btn-small" onClick={() => store.dismiss(rejected)}>
        Leave it out
      </button>
    </div>
  );
}
