'use client';

import { useMemo, useState } from 'react';
import { chipsOf } from '@/entry/chips';
import type { EntryItem } from '@/entry/clauses';
import { parseEntry } from '@/entry/parse';
import { entryProblemText } from '@/entry/problem-words';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar } from '@/ui/records/inspection';

/** What was said, in the words of the entry line: read as it is typed, taken when it is understood. */
export function SayOtherwise({
  text: given,
  zone,
  onTake,
  onLeave,
}: {
  text: string;
  zone: string | null;
  onTake: (items: readonly EntryItem[]) => void;
  onLeave: () => void;
}) {
  const { plan, car } = useCar();
  const { preferences } = usePreferences();
  const wording = useWording(car?.steering);
  const [text, setText] = useState(given);
  const { unit, kerb } = preferences;
  const entry = useMemo(
    () =>
      text.trim() === ''
        ? null
        : parseEntry(text, { plan: plan!, zone, unit, kerb, steering: wording.steering, ceilingUm: USUAL_CEILING_UM }),
    [text, plan, zone, unit, kerb, wording.steering],
  );
  const whole = entry !== null && entry.problems.length === 0 && entry.items.length > 0;
  return (
    <form
      className="grid gap-2 px-3 pb-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (whole) onTake(entry.items);
      }}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: the key that opens it means to type
        autoFocus
        aria-label="Say it otherwise"
        className="field font-mono"
        value={text}
        maxLength={2000}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => e.key === 'Escape' && onLeave()}
      />
      <p aria-live="polite" className="flex flex-wrap gap-1.5 text-sm">
        {entry &&
          chipsOf(entry.items, wording, unit).map((c, i) => (
            <span key={i} className="rounded-cut border border-thread bg-card px-2 py-0.5">
              {c.text}
            </span>
          ))}
        {entry?.problems.map((p, i) => (
          <span key={i} className="font-semibold text-pin">
            {entryProblemText(p, wording)}
          </span>
        ))}
      </p>
      <div className="flex gap-1.5">
        <button type="submit" className="btn btn-small btn-main" disabled={!whole}>
          Take
        </button>
        <button type="button" className="btn btn-small" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </form>
  );
}
