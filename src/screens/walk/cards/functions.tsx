'use client';

import { useState } from 'react';
import { type FunctionLine, isAsked } from '@/core/functions/list';
import { putTried } from '@/ui/functions/put-tried';
import { StateKeys } from '@/ui/functions/state-keys';
import { useJudged, useLot } from '@/ui/records/inspection';
import { functionLine, functionName } from '@/words/functions';
import type { CardProps, ZoneCardDefinition } from '../walking';

const NONE: readonly FunctionLine[] = [];

/** What should work here: each with how it was found. A touch opens its keys. */
export function Functions({ zone }: CardProps) {
  const { store, mayEdit } = useLot();
  const [open, setOpen] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const lines = useJudged((j) => j.judgement?.functions.lines ?? NONE);
  const own = lines.filter((l) => l.zone === zone.slug && isAsked(l));
  if (own.length === 0) return null;
  const said = own.filter((l) => l.record).length;
  return (
    <details className="border-y border-line py-1" aria-label="Functions">
      <summary className="min-h-11 cursor-pointer content-center text-sm font-bold">
        Does it work: {said} of {own.length} tried
      </summary>
      <ul className="grid gap-1.5 pb-2">
        {own.map((l) => (
          <li
            key={l.id}
            className={`grid gap-1.5 border p-2 text-sm ${l.record ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}
          >
            <button
              type="button"
              className="flex min-h-11 items-center justify-between gap-2 text-left"
              aria-expanded={open === l.id}
              disabled={!mayEdit}
              onClick={() => setOpen(open === l.id ? null : l.id)}
            >
              <strong className="first-letter:uppercase">{functionName(l)}</strong>
              <span className="text-soft">{functionLine(l)}</span>
            </button>
            {open === l.id && (
              <StateKeys
                held={l.record?.body.state ?? null}
                onSay={(state, why) => {
                  setProblem(putTried(store, l, { state, why }));
                  setOpen(null);
                }}
              />
            )}
          </li>
        ))}
      </ul>
      {problem && <p role="alert">{problem}</p>}
    </details>
  );
}

export const functions: ZoneCardDefinition = { place: 48, applies: () => true, Card: Functions };
