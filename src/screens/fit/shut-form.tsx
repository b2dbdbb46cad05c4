'use client';

import { useState } from 'react';
import { recordsOf } from '@/core/records/reduce';
import { figureOf } from '@/core/units/figure';
import { useInspection } from '@/ui/records/inspection';
import { SHUT_WORDS, shutText } from '@/words/fit';

const LEGENDS = { feel: 'Shuts', sound: 'Sound', checkStrap: 'Check strap', glass: 'Glass', lines: 'Lines' } as const;

/** How the panel shuts, drops and sounds: one touch each; what was not tried stays open. */
export function ShutForm({ zone }: { zone: string }) {
  const { state, store, mayEdit } = useInspection();
  const held = recordsOf(state.records, 'shut').findLast((s) => s.body.zone === zone);
  const [problem, setProblem] = useState('');
  const put = (change: object) => {
    const body = { ...held?.body, zone, ...change, at: new Date().toISOString() };
    const done = store.put([{ kind: 'shut', body, ...(held && { id: held.id, upon: held.version }) }]);
    setProblem(done.ok ? '' : done.message);
  };
  if (!mayEdit) return held ? <p className="text-sm">{shutText(held.body)}</p> : null;
  return (
    <fieldset className="grid gap-2 border border-line p-3">
      <legend className="px-1 text-sm font-bold">Shut and hang</legend>
      <div className="grid grid-cols-2 gap-2">
        {(Object.keys(LEGENDS) as (keyof typeof LEGENDS)[]).map((name) => (
          <label key={name} className="grid gap-1 text-sm font-semibold">
            {LEGENDS[name]}
            <select
              className="field font-normal"
              value={held?.body[name] ?? ''}
              onChange={(e) => put({ [name]: e.target.value || null })}
            >
              <option value="">not tried</option>
              {Object.entries(SHUT_WORDS[name]).map(([key, word]) => (
                <option key={key} value={key}>
                  {word}
                </option>
              ))}
            </select>
          </label>
        ))}
        <label className="grid gap-1 text-sm font-semibold">
          Drops on opening, mm
          <input
            className="field figure"
            inputMode="decimal"
            defaultValue={held?.body.dropMm ?? ''}
            onBlur={(e) => {
              const dropMm = figureOf(e.target.value);
              if (dropMm === 'bad') setProblem(`“${e.target.value}” is no number. Nothing was kept.`);
              else if (dropMm !== (held?.body.dropMm ?? null)) put({ dropMm });
            }}
          />
        </label>
      </div>
      {problem && <p role="alert">{problem}</p>}
    </fieldset>
  );
}
