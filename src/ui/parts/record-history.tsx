'use client';

import { History } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { RecordKind } from '@/core/kinds';
import { momentText } from '@/words/dates';
import { plural } from '@/words/plural';
import { recordSays } from '@/words/record';
import { useWording } from '../preferences';
import { useInspection } from '../records/inspection';
import { Modal } from './modal';

interface HistoryEntry {
  readonly seq: number;
  readonly at: string;
  readonly who: string | null;
  readonly version: number;
  readonly kind: RecordKind;
  readonly after: unknown;
  readonly clockAheadS: number | null;
}

/** A difference that can come from the way a request takes; more is worth knowing. */
const CLOCK_SAME_S = 120;

function clockText(aheadS: number | null): string {
  if (aheadS === null || Math.abs(aheadS) <= CLOCK_SAME_S) return '';
  const minutes = Math.round(Math.abs(aheadS) / 60);
  return ` · the device’s clock was ${plural(minutes, 'minute')} ${aheadS > 0 ? 'ahead' : 'behind'}`;
}

const isErased = (body: unknown) => typeof body === 'object' && body !== null && 'erased' in body;

/** A button that shows who entered, changed and took out a record, and when. */
export function RecordHistory({ record, title }: { record: string; title: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="grid size-11 shrink-0 place-items-center"
        aria-label={`History of ${title}`}
        onClick={() => setOpen(true)}
      >
        <History size={16} aria-hidden="true" />
      </button>
      {open && <HistorySheet record={record} title={title} onClose={() => setOpen(false)} />}
    </>
  );
}

function HistorySheet({ record, title, onClose }: { record: string; title: string; onClose: () => void }) {
  const { facts, car } = useInspection();
  const wording = useWording(car?.steering);
  const [lines, setLines] = useState<readonly HistoryEntry[] | 'away' | null>(null);
  useEffect(() => {
    let gone = false;
    fetch(`/api/v1/inspections/${facts.id}/log?record=${record}`)
      .then((r) => (r.ok ? r.json() : Promise.reject(new Error('no answer'))))
      .then((answer) => !gone && setLines(answer.lines))
      .catch(() => !gone && setLines('away'));
    return () => {
      gone = true;
    };
  }, [facts.id, record]);
  return (
    <Modal title={`History of ${title}`} onClose={onClose}>
      {lines === 'away' ? (
        <p>The history is kept by the server, which does not answer now. Look again when you are connected.</p>
      ) : lines === null ? (
        <p className="text-soft">Asking …</p>
      ) : lines.length === 0 ? (
        <p>It waits on this device; the server does not have it yet.</p>
      ) : (
        <ol className="grid gap-2">
          {lines.map((l) => (
            <li key={l.seq} className="border-l-2 border-ink/40 pl-3">
              <span className="block text-sm text-soft">
                {momentText(l.at)} · {l.who ?? 'unknown'}
                {clockText(l.clockAheadS)}
              </span>
              <span className="block">
                {isErased(l.after)
                  ? 'erased'
                  : l.after === null
                    ? 'taken out'
                    : `${l.version === 1 ? 'entered' : 'changed to'}: ${recordSays({ kind: l.kind, body: l.after } as Parameters<typeof recordSays>[0], wording)}`}
              </span>
            </li>
          ))}
        </ol>
      )}
    </Modal>
  );
}
