'use client';

import { useState } from 'react';
import { type Fastening, NUMBER_ZONES, type NumberPlace, type Stamping } from '@/core/catalogue/papers';
import { useCar, useLot } from '@/ui/records/inspection';
import { FASTENING_WORDS, NUMBER_PLACE_WORDS, STAMPING_WORDS } from '@/words/papers';
import { Choice, Labelled } from '../parts/labelled';

/** Enters a number as it is read, with how its plate is held and its stamp looks. */
export function NumberForm({ places }: { places: readonly NumberPlace[] }) {
  const { store } = useLot();
  const { plan } = useCar();
  const [place, setPlace] = useState<NumberPlace>(places[0]!);
  const [asRead, setAsRead] = useState('');
  const [fastening, setFastening] = useState<Fastening | ''>('');
  const [stamping, setStamping] = useState<Stamping | ''>('');
  const [problem, setProblem] = useState('');
  const keep = () => {
    const zone = NUMBER_ZONES[place].find((z) => plan?.zones.has(z)) ?? null;
    if (asRead.trim() === '' && fastening === '' && stamping === '')
      return setProblem('Say what is read there, or how it looks.');
    const put = store.put([
      {
        kind: 'number',
        body: {
          place,
          zone,
          asRead: asRead.trim(),
          fastening: fastening || null,
          stamping: stamping || null,
          at: new Date().toISOString(),
        },
      },
    ]);
    setProblem(put.ok ? '' : put.message);
    if (!put.ok) return;
    setAsRead('');
    setFastening('');
    setStamping('');
  };
  const words = Object.fromEntries(places.map((p) => [p, NUMBER_PLACE_WORDS[p]])) as Record<NumberPlace, string>;
  return (
    <div className="grid gap-2 border border-line p-3">
      <div className="grid grid-cols-2 gap-2">
        <Choice name="Where" words={words} value={place} onChange={(p) => p && setPlace(p)} />
        <Labelled text="As read">
          <input
            className="field figure font-normal"
            value={asRead}
            maxLength={60}
            autoCapitalize="characters"
            autoComplete="off"
            spellCheck={false}
            onChange={(e) => setAsRead(e.target.value)}
          />
        </Labelled>
        <Choice
          name="How it is held"
          words={FASTENING_WORDS}
          value={fastening}
          empty="not looked at"
          onChange={setFastening}
        />
        <Choice
          name="Stamp and ground"
          words={STAMPING_WORDS}
          value={stamping}
          empty="not looked at"
          onChange={setStamping}
        />
      </div>
      <button type="button" className="btn btn-main min-h-12" onClick={keep}>
        Keep the number
      </button>
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
