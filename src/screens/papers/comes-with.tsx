'use client';

import { useState } from 'react';
import { ALONG_THINGS, type AlongThing } from '@/core/catalogue/along';
import { useWording } from '@/ui/preferences';
import { useLot, useRecords } from '@/ui/records/inspection';
import { alongName } from '@/words/along';
import { capital } from '@/words/capital';

const ANSWERS = [
  [true, 'there'],
  [false, 'not there'],
] as const;

/** What lies in or with the car, thing by thing: there, looked for and not there, or nobody looked. */
export function ComesWith() {
  const { store, mayEdit } = useLot();
  const { words } = useWording();
  const said = new Map(useRecords('along').map((r) => [r.body.thing, r]));
  const [problem, setProblem] = useState('');
  const say = (thing: AlongThing, there: boolean) => {
    const own = said.get(thing);
    // A second touch takes the answer back.
    if (own?.body.there === there) return store.remove(own.id);
    const done = store.put([
      {
        kind: 'along',
        ...(own && { id: own.id }),
        body: { note: '', ...own?.body, thing, there, evidence: 'seen', at: new Date().toISOString() },
      },
    ]);
    setProblem(done.ok ? '' : done.message);
  };
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Comes with it">
      <h2 className="text-lg font-bold">
        Comes with it{' '}
        <span className="figure text-sm font-normal text-soft">
          {said.size} of {ALONG_THINGS.length} looked for
        </span>
      </h2>
      {problem && <p role="alert">{problem}</p>}
      <ul className="grid gap-1 sm:grid-cols-2">
        {ALONG_THINGS.map((thing) => {
          const own = said.get(thing);
          const name = capital(alongName(thing, words));
          return (
            <li
              key={thing}
              className={`flex items-center gap-2 border px-2 text-sm ${own ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}
            >
              <span className="min-w-0 flex-1">
                {name}
                {own && own.body.evidence !== 'seen' && <span className="text-soft"> ({own.body.evidence})</span>}
                {own?.body.note && <span className="block text-soft">{own.body.note}</span>}
              </span>
              {ANSWERS.map(([there, says]) => (
                <button
                  key={says}
                  type="button"
                  className="btn my-1 min-h-11 px-2"
                  disabled={!mayEdit}
                  aria-pressed={own?.body.there === there}
                  aria-label={`${name}: ${says}`}
                  onClick={() => say(thing, there)}
                >
                  {says}
                </button>
              ))}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
