'use client';

import { Check, CircleHelp, StickyNote, X } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { chipsOf } from '@/entry/chips';
import { type Decision, isKept, type SortRow } from '@/entry/talk/sorting';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar } from '@/ui/records/inspection';
import { filmTime } from '@/words/film-time';

const SURE_WORDS = [
  [0.94, 'sure'],
  [0.78, 'likely'],
  [0, 'a guess'],
] as const;
const sureWord = (sure: number) => SURE_WORDS.find(([from]) => sure >= from)![1];

const WHY_WORDS = {
  unclear: 'not understood',
  'no-zone': 'where is that?',
  'which-zone': 'which one?',
  'no-matter': 'says nothing of the car',
} as const;

const DONE: Readonly<Record<Decision, { readonly Icon: typeof Check; readonly says: string }>> = {
  taken: { Icon: Check, says: 'taken' },
  noted: { Icon: StickyNote, says: 'kept as a note' },
  dropped: { Icon: X, says: 'dropped' },
};

/** One thing that was said: when, in which words, what was understood of it, what became of it. */
export function StatementRow({
  row,
  here,
  onPick,
  children,
}: {
  row: SortRow;
  here: boolean;
  onPick: () => void;
  children?: ReactNode;
}) {
  const { car } = useCar();
  const { preferences } = usePreferences();
  const wording = useWording(car?.steering);
  const own = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (here) own.current?.scrollIntoView({ block: 'nearest' });
  }, [here]);
  const done = row.decision ? DONE[row.decision] : null;
  return (
    <li
      ref={own}
      aria-current={here ? 'true' : undefined}
      className={`border-b border-line ${here ? 'border-l-4 border-l-thread bg-thread/10' : 'border-l-4 border-l-transparent'} ${done ? 'bg-wash text-soft' : ''}`}
    >
      <button type="button" className="grid w-full gap-1 px-3 py-2 text-left" onClick={onPick}>
        <span className="flex items-baseline gap-2 text-sm">
          <span className="figure shrink-0 text-soft">{row.fromS === undefined ? row.line : filmTime(row.fromS)}</span>
          <span className="min-w-0 flex-1 italic">“{row.text}”</span>
          {done && (
            <span className="flex shrink-0 items-center gap-1 text-xs font-semibold">
              <done.Icon size={14} aria-hidden="true" />
              {done.says}
            </span>
          )}
        </span>
        {row.item ? (
          <span className="flex flex-wrap items-center gap-1.5">
            {chipsOf([row.item], wording, preferences.unit).map((c, i) => (
              <span key={i} className="rounded-cut border border-thread bg-card px-2 py-0.5 text-sm">
                {c.text}
              </span>
            ))}
            <span className="text-xs text-soft">
              {sureWord(row.sure)}
              {!isKept(row.item) && ' · no record holds this yet'}
            </span>
          </span>
        ) : (
          <span className="flex items-center gap-1.5 text-sm font-semibold text-pin">
            <CircleHelp size={16} aria-hidden="true" />
            {WHY_WORDS[row.why ?? 'unclear']}
          </span>
        )}
      </button>
      {here && children}
    </li>
  );
}
