'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { toast } from 'sonner';
import type { BadRow } from '@/core/csv/rows';
import { type ListStep, LOT_COLUMNS } from '@/core/yard/lot-list';
import { askServer } from '@/ui/ask-server';
import { Modal } from '@/ui/parts/modal';
import { LOT_FACT_WORDS } from '@/words/lot-facts';
import { plural } from '@/words/plural';

interface Shown {
  readonly name: string;
  readonly csv: string;
  readonly steps: readonly ListStep[];
  readonly bad: readonly BadRow[];
  readonly unread: readonly string[];
  readonly digest: string;
}

const LINES_SHOWN = 200;
const EMPTY_LIST = `data:text/csv;charset=utf-8,${encodeURIComponent(`${LOT_COLUMNS.join(',')}\r\n`)}`;

/** Takes lots from a CSV list: shown line by line first, taken whole or not at all. */
export function ListLots({ saleId, onClose }: { saleId: string; onClose: () => void }) {
  const router = useRouter();
  const [shown, setShown] = useState<Shown | null>(null);
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const at = `/api/v1/sales/${saleId}/list`;
  const look = async (name: string, csv: string) => {
    setBusy(true);
    const answer = await askServer(at, 'POST', { csv });
    setBusy(false);
    setProblem(answer.ok ? '' : answer.message);
    setShown(answer.ok ? { name, csv, ...(answer.body as unknown as Omit<Shown, 'name' | 'csv'>) } : null);
  };
  const take = async () => {
    if (!shown) return;
    setBusy(true);
    const answer = await askServer(at, 'POST', { csv: shown.csv, take: shown.digest });
    setBusy(false);
    if (!answer.ok) {
      setProblem(answer.message);
      await look(shown.name, shown.csv);
      setProblem(answer.message);
      return;
    }
    const { added, changed } = answer.body as { added: number; changed: number };
    toast(`${plural(added, 'lot')} added, ${changed} changed.`);
    onClose();
    router.refresh();
  };
  const { getRootProps, getInputProps, isDragActive } = useDropzone({
    multiple: false,
    onDrop: ([file]) => {
      if (file) void file.text().then((text) => look(file.name, text));
    },
  });
  const faults = shown ? shown.bad.length + shown.steps.filter((s) => s.does === 'refused').length : 0;
  const does = shown?.steps.filter((s) => s.does === 'adds' || s.does === 'changes').length ?? 0;
  return (
    <Modal title="Lots from a list" onClose={onClose} wide>
      <div className="grid gap-4">
        <div
          {...getRootProps()}
          className={`grid min-h-24 cursor-pointer place-items-center rounded-cut border-2 border-dashed p-4 text-center ${isDragActive ? 'border-thread bg-wash' : 'border-ink/40'}`}
        >
          <input {...getInputProps({ 'aria-label': 'List of lots as CSV' })} accept=".csv,text/csv" />
          <p>
            {busy
              ? 'Reading …'
              : shown
                ? `${shown.name}. Drop another to look at that one.`
                : 'Drop a CSV file here, or press to choose one.'}
          </p>
        </div>
        {!shown && (
          <p className="text-sm text-soft">
            Columns: {LOT_COLUMNS.join(', ')}. Only the number is needed, and a make and model for a new lot; an empty
            cell leaves what is there.{' '}
            <a className="underline" href={EMPTY_LIST} download="lots.csv">
              An empty list
            </a>
          </p>
        )}
        {problem && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem}
          </p>
        )}
        {shown && (
          <>
            <p className="text-lg">
              <strong>{shown.steps.filter((s) => s.does === 'adds').length}</strong> new,{' '}
              <strong>{shown.steps.filter((s) => s.does === 'changes').length}</strong> changed,{' '}
              <strong>{shown.steps.filter((s) => s.does === 'nothing').length}</strong> as they are
              {faults > 0 && <strong className="text-pin">, {plural(faults, 'line')} with a mistake</strong>}.
            </p>
            {shown.unread.length > 0 && (
              <p className="border-l-4 border-tape bg-wash px-3 py-2 text-sm">
                Not understood and left out: the columns {shown.unread.join(', ')}.
              </p>
            )}
            <Lines shown={shown} />
            <button
              type="button"
              className="btn btn-main"
              disabled={busy || faults > 0 || does === 0}
              onClick={() => void take()}
            >
              {faults > 0
                ? 'Mend the file, then drop it again'
                : does === 0
                  ? 'Nothing to take'
                  : `Take ${plural(does, 'lot')}`}
            </button>
          </>
        )}
      </div>
    </Modal>
  );
}

const REFUSED = {
  'no-car': 'is new: say its make and model',
  'other-car': 'was begun under another name: renumber it, or correct its name at the lot',
} as const;

function Lines({ shown }: { shown: Shown }) {
  const lines = [
    ...shown.bad.map((b) => ({ line: b.line, bad: true, says: b.message })),
    ...shown.steps.map((s) => ({
      line: s.line,
      bad: s.does === 'refused',
      says:
        s.does === 'adds'
          ? `lot ${s.number}, new: ${s.facts.title}`
          : s.does === 'changes'
            ? `lot ${s.number}: ${s.changes.map((c) => `${LOT_FACT_WORDS[c.fact]} ${c.before ? `“${c.before}” becomes ` : ''}“${c.after}”`).join(', ')}`
            : s.does === 'refused'
              ? `lot ${s.number} ${REFUSED[s.why]}`
              : `lot ${s.number}, as it is`,
    })),
  ].sort((a, b) => Number(b.bad) - Number(a.bad) || a.line - b.line);
  return (
    <ol className="grid gap-px border border-line bg-line text-sm" aria-label="Line by line">
      {lines.slice(0, LINES_SHOWN).map((l) => (
        <li
          key={`${l.line} ${l.says}`}
          className={`flex gap-3 bg-card px-3 py-1.5 ${l.bad ? 'font-semibold text-pin' : ''}`}
        >
          <span className="figure w-16 shrink-0 text-soft">line {l.line}</span>
          <span className="min-w-0 wrap-anywhere">{l.says}</span>
        </li>
      ))}
      {lines.length > LINES_SHOWN && (
        <li className="bg-card px-3 py-1.5">and {lines.length - LINES_SHOWN} more lines</li>
      )}
    </ol>
  );
}
