'use client';

import { CornerDownLeft, Undo2 } from 'lucide-react';
import { type RefObject, useMemo, useState } from 'react';
import { chipsOf } from '@/entry/chips';
import type { ParsedEntry } from '@/entry/parse';
import { entryProblemText } from '@/entry/problem-words';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useLot, useStored } from '@/ui/records/inspection';
import { zoneWords } from '@/words/zones';
import { completion } from './completion';
import { DictateKey } from './dictate-key';
import { commandOf } from './spoken';
import { type LineTaker, tellTaken } from './use-take-line';
import type { Walking } from './walking';

/** Everything can be typed or dictated here in the words people say; what was understood shows before it is taken. */
export function EntryLine({
  walking,
  line,
  inputRef,
}: {
  walking: Walking;
  line: LineTaker;
  inputRef: RefObject<HTMLInputElement | null>;
}) {
  const { store, mayEdit } = useLot();
  const { plan } = useCar();
  const canUndo = useStored((s) => s.canUndo);
  const [text, setText] = useState('');
  const { read } = line;
  const entry = useMemo(() => (text.trim() ? read(text) : null), [text, read]);
  const asks = entry?.items.some((i) => 'askUnit' in i && i.askUnit) ?? false;
  const twice = entry && entry.problems.length === 0 ? line.sameAt(entry) : null;
  const done = () => {
    walking.remember(text);
    setText('');
  };
  const take = (asked?: 'as-mil' | 'as-typed') => entry && line.take(entry, asked) && done();
  const hint = completion(text);
  const [coming, setComing] = useState('');
  // What is said is kept in the line at once, a sentence behind the other; a command is carried out instead.
  const settled = (said: string) => {
    setComing('');
    const command = commandOf(said);
    if (command === 'undo') tellTaken(store.undo(), 'Nothing of this page is left to take back.');
    else if (command === 'photo') walking.camera.current?.();
    else if (command) walking.step(command === 'next' ? 1 : -1);
    else setText((t) => [t.trim(), said].filter(Boolean).join('; '));
  };
  return (
    <form
      className="grid shrink-0 gap-1.5 border-t border-line bg-card px-3 py-2 sm:px-4"
      onSubmit={(e) => {
        e.preventDefault();
        if (!twice) take();
      }}
    >
      <Understood
        entry={entry}
        twice={twice}
        asks={asks}
        hint={mayEdit && plan !== null}
        zone={walking.zone}
        onTake={take}
        onOwnWords={() => line.keepOwnWords(text.trim()) && done()}
        onSlip={() => setText('')}
      />
      {coming && (
        <p aria-live="polite" className="text-sm text-soft italic">
          {coming} …
        </p>
      )}
      <div className="flex items-center gap-2">
        {mayEdit && plan && <DictateKey onWords={setComing} onSettled={settled} />}
        <label className="flex min-w-0 flex-1 items-center gap-2">
          <span className="sr-only">Entry line</span>
          <span aria-hidden="true" className="figure hidden text-soft lg:block">
            /
          </span>
          <input
            ref={inputRef}
            className="min-h-11 w-full border-b-2 border-thread bg-transparent font-mono text-base outline-none placeholder:text-soft focus:border-ink disabled:opacity-60"
            value={text}
            onChange={(e) => setText(e.target.value)}
            disabled={!mayEdit || !plan}
            placeholder={mayEdit ? '131 over · chip 3 2mm · ok' : 'Nothing can be entered here'}
            autoCapitalize="off"
            autoComplete="off"
            spellCheck={false}
            enterKeyHint="done"
            onKeyDown={(e) => {
              if (e.key === 'Tab' && hint && !e.shiftKey) {
                e.preventDefault();
                setText(`${text.replace(/[a-z’']+$/i, hint)} `);
              }
              if (e.key === 'Escape') e.currentTarget.blur();
            }}
          />
          {hint && text && <span className="hidden text-xs text-soft sm:block">Tab: {hint}</span>}
        </label>
        {mayEdit && (
          <button
            type="button"
            className="btn"
            disabled={!canUndo}
            aria-label="Undo the last entry"
            title="Undo (z)"
            onClick={() => tellTaken(store.undo(), 'Nothing of this page is left to take back.')}
          >
            <Undo2 size={18} aria-hidden="true" />
          </button>
        )}
        <button
          type="submit"
          className="btn btn-main"
          disabled={!entry || entry.items.length === 0 || entry.problems.length > 0 || asks || twice !== null}
        >
          Take <CornerDownLeft size={16} className="max-sm:hidden" aria-hidden="true" />
        </button>
      </div>
    </form>
  );
}

/**
 * What was understood of the line, what was not, and what is asked before it is taken. Its room is kept while nothing is
 * typed: the plan does not jump with every line.
 */
function Understood({
  entry,
  twice,
  asks,
  hint,
  zone,
  onTake,
  onOwnWords,
  onSlip,
}: {
  entry: ParsedEntry | null;
  /** The panel at which the same figures stand. */
  twice: string | null;
  /** Whether the unit is in doubt. */
  asks: boolean;
  hint: boolean;
  zone: string;
  onTake: (asked?: 'as-mil' | 'as-typed') => void;
  onOwnWords: () => void;
  onSlip: () => void;
}) {
  const { mayEdit } = useLot();
  const { car } = useCar();
  const { preferences } = usePreferences();
  const wording = useWording(car?.steering);
  const chips = entry ? chipsOf(entry.items, wording, preferences.unit) : [];
  return (
    <div aria-live="polite" className="flex min-h-7 flex-wrap items-center gap-1.5">
      {!entry && hint && (
        <span className="truncate text-sm text-soft">What is understood stands here before it is taken.</span>
      )}
      {entry && entry.items.length > 1 && <span className="figure text-sm">{entry.items.length} wait:</span>}
      {chips.map((c, i) => (
        <span
          key={i}
          className={`rounded-cut border px-2 py-0.5 text-sm ${c.tone === 'ask' ? 'border-2 border-pin' : 'border-thread bg-thread/10'}`}
        >
          {c.text}
        </span>
      ))}
      {entry?.problems.map((p, i) => (
        <span key={i} className="text-sm font-semibold text-pin">
          {entryProblemText(p, wording)}
        </span>
      ))}
      {entry && entry.problems.length > 0 && mayEdit && (
        <button
          type="button"
          className="btn btn-small"
          onClick={onOwnWords}
          title="Kept as written, marked as your own words; it judges nothing."
        >
          Keep in own words at {zoneWords(zone, wording)}
        </button>
      )}
      {twice && (
        <span className="flex flex-wrap items-center gap-2 text-sm">
          <span className="font-semibold">The same figures as at {zoneWords(twice, wording)}.</span>
          <button
            type="button"
            className="btn btn-small btn-main"
            onClick={() => onTake(asks ? 'as-typed' : undefined)}
          >
            They are right
          </button>
          <button type="button" className="btn btn-small" onClick={onSlip}>
            A slip
          </button>
        </span>
      )}
      {asks && !twice && entry?.problems.length === 0 && (
        <span className="flex flex-wrap items-center gap-2 text-sm">
          Below 30 µm is nearly bare metal.
          <button type="button" className="btn btn-small btn-main" onClick={() => onTake('as-mil')}>
            It is mil
          </button>
          <button type="button" className="btn btn-small" onClick={() => onTake('as-typed')}>
            It is µm
          </button>
        </span>
      )}
    </div>
  );
}
