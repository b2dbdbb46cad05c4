'use client';

import { useState } from 'react';
import { figureOf } from '@/core/units/figure';
import { Labelled } from '@/ui/parts/labelled';
import { EDGES, edgeText } from '@/words/flaws';

/** A place along an edge being typed: what is no figure yet says nothing. */
const numberOrNull = (text: string) => {
  const value = figureOf(text);
  return value === 'bad' ? null : value;
};

/** Writes a place along an edge always in the same words: which edge, from where to where, measured from which end. */
export function AlongEdge({ onSay }: { onSay: (where: string) => void }) {
  const [edge, setEdge] = useState('');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const say = (e: string, f: string, t: string) => {
    setEdge(e);
    setFrom(f);
    setTo(t);
    const known = EDGES.find((x) => x === e);
    if (known) onSay(edgeText(known, numberOrNull(f), numberOrNull(t)));
  };
  return (
    <div className="grid grid-cols-3 gap-3">
      <Labelled text="Along an edge">
        <select className="field font-normal" value={edge} onChange={(e) => say(e.target.value, from, to)}>
          <option value="">no</option>
          {EDGES.map((e) => (
            <option key={e}>{e}</option>
          ))}
        </select>
      </Labelled>
      <Labelled text="From, mm">
        <input
          className="field figure"
          inputMode="numeric"
          value={from}
          disabled={edge === ''}
          onChange={(e) => say(edge, e.target.value, to)}
        />
      </Labelled>
      <Labelled text="To, mm">
        <input
          className="field figure"
          inputMode="numeric"
          value={to}
          disabled={edge === ''}
          onChange={(e) => say(edge, from, e.target.value)}
        />
      </Labelled>
    </div>
  );
}
