'use client';

import { useState } from 'react';
import { type FunctionState, UNTRIED_BECAUSE, type UntriedBecause } from '@/core/catalogue/functions';
import { UNTRIED_WORDS } from '@/words/functions';

const KEYS: readonly (readonly [FunctionState, string])[] = [
  ['works', 'Works'],
  ['poor', 'Works poorly'],
  ['dead', 'Does not work'],
  ['disconnected', 'Disconnected'],
  ['absent', 'Not fitted'],
];

/** The answers to "does it work", as large keys; of what was not tried, why. */
export function StateKeys({
  held,
  large = false,
  onSay,
}: {
  held: FunctionState | null;
  large?: boolean;
  onSay: (state: FunctionState, why: UntriedBecause | null) => void;
}) {
  const [asks, setAsks] = useState(false);
  const key = large ? 'btn min-h-16 text-lg' : 'btn btn-small min-h-11';
  return (
    <>
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
        {KEYS.map(([state, says]) => (
          <button
            key={state}
            type="button"
            className={key}
            aria-pressed={held === state}
            onClick={() => {
              setAsks(false);
              onSay(state, null);
            }}
          >
            {says}
          </button>
        ))}
        <button type="button" className={key} aria-pressed={held === 'untried'} onClick={() => setAsks(!asks)}>
          Not tried
        </button>
      </div>
      {asks && (
        <div className="flex flex-wrap gap-1.5" role="group" aria-label="Why was it not tried?">
          {UNTRIED_BECAUSE.map((why) => (
            <button
              key={why}
              type="button"
              className="btn btn-small min-h-11"
              onClick={() => {
                setAsks(false);
                onSay('untried', why);
              }}
            >
              {UNTRIED_WORDS[why]}
            </button>
          ))}
        </div>
      )}
    </>
  );
}
