'use client';

import { useState } from 'react';
import type { BodyOf } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { figureOf } from '@/core/units/figure';
import { Labelled } from '@/ui/parts/labelled';
import { useInspection } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { standsText } from '@/words/standoff';

const STANDS = [
  'level',
  'nose-high',
  'nose-low',
  'tail-high',
  'tail-low',
  'low-left',
  'low-right',
  'low-left-front',
  'low-right-front',
  'low-left-rear',
  'low-right-rear',
] as const;

/** The long look before the lap: how the car stands by eye, and from how far it looks well to whoever stands there. */
export function StandoffForm() {
  const { state, store, mayEdit } = useInspection();
  const held = recordsOf(state.records, 'standoff').at(-1);
  const [problem, setProblem] = useState('');
  const put = (change: Partial<BodyOf<'standoff'>>) => {
    const body = { stands: '', looksWellFromM: null, ...held?.body, ...change, at: new Date().toISOString() };
    // Nothing of it said any more: there is no such look.
    if (body.stands === '' && body.looksWellFromM === null) {
      if (held) store.remove(held.id);
      return setProblem('');
    }
    const done = store.put([{ kind: 'standoff', ...(held && { id: held.id }), body }]);
    setProblem(done.ok ? '' : done.message);
  };
  const stands = held?.body.stands ?? '';
  const listed: readonly string[] = STANDS;
  return (
    <section className="grid gap-2 border-t border-line p-4" aria-label="From a distance">
      <h2 className="text-lg font-bold">From a distance</h2>
      <p className="text-sm text-soft">
        First from about 6 m, then 2 m, 1 m and an arm’s length: how it stands, and the nearest at which nothing is
        noticed.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Labelled text="Stands">
          <select
            className="field font-normal"
            value={stands}
            disabled={!mayEdit}
            onChange={(e) => put({ stands: e.target.value })}
          >
            <option value="">not said</option>
            {[...STANDS, ...(stands && !listed.includes(stands) ? [stands] : [])].map((s) => (
              <option key={s} value={s}>
                {capital(standsText(s))}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled text="Looks well from, m">
          <input
            key={held?.version ?? 0}
            className="field figure font-normal"
            inputMode="decimal"
            disabled={!mayEdit}
            defaultValue={held?.body.looksWellFromM ?? ''}
            onBlur={(e) => {
              const metres = figureOf(e.target.value);
              if (metres === 'bad')
                return setProblem('A distance in metres is a figure, such as 2.5. Nothing was kept.');
              if (metres !== (held?.body.looksWellFromM ?? null)) put({ looksWellFromM: metres });
            }}
          />
        </Labelled>
      </div>
      {problem && <p role="alert">{problem}</p>}
    </section>
  );
}
