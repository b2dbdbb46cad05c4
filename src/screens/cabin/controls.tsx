'use client';

import { ArrowLeft, ArrowRight } from 'lucide-react';
import { useState } from 'react';
import { type FunctionLine, isAsked } from '@/core/functions/list';
import { putTried } from '@/ui/functions/put-tried';
import { StateKeys } from '@/ui/functions/state-keys';
import { Timer } from '@/ui/functions/timer';
import { useJudged, useLot } from '@/ui/records/inspection';
import { functionLine, functionName } from '@/words/functions';

const NONE: readonly FunctionLine[] = [];

/**
 * At the controls: one thing after another in an order that two people can keep, one inside and one outside. Whoever says
 * it moves both on: what one device keeps the other shows.
 */
export function Controls() {
  const { store, mayEdit } = useLot();
  const all = useJudged((j) => j.judgement?.functions.lines ?? NONE);
  const [outside, setOutside] = useState(false);
  const [picked, setPicked] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const asked = all.filter((l) => isAsked(l) && (!outside || l.of.outside));
  const tried = asked.filter((l) => l.record).length;
  const current = asked.find((l) => l.id === picked) ?? asked.find((l) => !l.record) ?? null;
  const at = current ? asked.indexOf(current) : asked.length;
  const rare = all.filter((l) => !isAsked(l));
  if (all.length === 0) return null;
  const step = (by: 1 | -1) => setPicked(asked[at + by]?.id ?? null);
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="At the controls">
      <h2 className="flex items-baseline gap-2 text-lg font-bold">
        At the controls{' '}
        <span className="figure text-sm font-normal text-soft">
          {tried} of {asked.length}
        </span>
      </h2>
      {mayEdit && (
        <div className="flex gap-1.5" role="group" aria-label="Who says it">
          <button
            type="button"
            className="btn btn-small min-h-11"
            aria-pressed={!outside}
            onClick={() => setOutside(false)}
          >
            At the wheel: all
          </button>
          <button
            type="button"
            className="btn btn-small min-h-11"
            aria-pressed={outside}
            onClick={() => setOutside(true)}
          >
            Outside: what is seen from there
          </button>
        </div>
      )}
      {mayEdit && current && (
        <div className="grid gap-2 border-2 border-ink p-3" aria-live="polite">
          <div className="flex items-center gap-2">
            <button
              type="button"
              className="btn btn-small size-12"
              aria-label="Back"
              disabled={at <= 0}
              onClick={() => step(-1)}
            >
              <ArrowLeft size={18} aria-hidden="true" />
            </button>
            <p className="min-w-0 flex-1 text-center">
              <strong className="block text-xl first-letter:uppercase">{functionName(current)}</strong>
              <span className="text-sm text-soft">
                {[
                  current.of.outside && 'seen from outside',
                  current.of.safety && 'driving depends on it',
                  current.record && functionLine(current),
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </p>
            <button
              type="button"
              className="btn btn-small size-12"
              aria-label="Skip"
              disabled={at >= asked.length - 1}
              onClick={() => step(1)}
            >
              <ArrowRight size={18} aria-hidden="true" />
            </button>
          </div>
          {current.of.slowFromS !== null && (
            <Timer
              key={current.id}
              seconds={current.record?.body.seconds ?? null}
              onSeconds={(seconds) => {
                setPicked(current.id);
                setProblem(putTried(store, current, { state: current.record?.body.state ?? 'works', seconds }));
              }}
            />
          )}
          <StateKeys
            key={`keys ${current.id}`}
            large
            held={current.record?.body.state ?? null}
            onSay={(state, why) => {
              setProblem(putTried(store, current, { state, why }));
              setPicked(picked === null ? null : (asked[at + 1]?.id ?? null));
            }}
          />
        </div>
      )}
      {mayEdit && !current && asked.length > 0 && <p role="status">Everything was tried, or said why not.</p>}
      {problem && <p role="alert">{problem}</p>}
      {mayEdit && rare.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer content-center text-sm font-semibold">
            Not every such car has them: {rare.length}
          </summary>
          <ul className="flex flex-wrap gap-1.5">
            {rare.map((l) => (
              <li key={l.id}>
                <button
                  type="button"
                  className="btn btn-small min-h-11"
                  onClick={() => setProblem(putTried(store, l, { state: 'absent' }))}
                >
                  No {functionName(l)}
                </button>
                <button
                  type="button"
                  className="btn btn-small min-h-11"
                  onClick={() => setProblem(putTried(store, l, { state: 'untried', why: 'time' }))}
                >
                  Has it
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
