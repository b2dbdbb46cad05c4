'use client';

import { type FormEvent, useState } from 'react';
import { KINDS } from '@/core/kinds';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { TireRow } from '@/ui/wheels/tire-row';
import { KIND_WORDS } from '@/words/kinds/all';
import { respelt } from '@/words/vocabulary';
import { MATCH_WORDS, TIRE_CAUTION, WHEELS_TITLE } from '@/words/wheels';
import { zoneName } from '@/words/zones';

/** Tires and wheels: each with its age on the sale day, whether they match each other and the placard. */
export function Wheels() {
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const match = useJudged((j) => j.judgement?.wheels.match ?? null);
  const wheels = [...plan!.zones.values()].filter((z) => z.need === 'tires');
  if (wheels.length === 0) return null;
  const title = respelt(WHEELS_TITLE, wording.words);
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label={title}>
      <h2 className="text-lg font-bold">{title}</h2>
      {match && <p className="text-sm">{respelt(MATCH_WORDS[match], wording.words)}</p>}
      <Placard />
      <ul className="grid gap-2">
        {wheels.map((w) => (
          <TireRow key={w.slug} zone={w.slug} name={zoneName(w.slug, wording)} />
        ))}
        <TireRow zone={null} name="spare" />
      </ul>
      <p className="text-xs text-soft">{respelt(TIRE_CAUTION, wording.words)}</p>
    </section>
  );
}

/** The tires that the car's placard asks for. */
function Placard() {
  const { store, mayEdit } = useLot();
  const wording = useWording();
  const [own] = useRecords('placard');
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState('');
  const keep = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const given = Object.fromEntries(new FormData(e.currentTarget));
    const body = KINDS.placard.schema.safeParse({ ...given, at: new Date().toISOString() });
    if (!body.success || body.data.front === '') return setProblem('The placard names a size for the front at least.');
    const put = store.put([{ kind: 'placard', ...(own && { id: own.id }), body: body.data }]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) setOpen(false);
  };
  return (
    <div className="grid gap-2 text-sm">
      <p className="flex flex-wrap items-baseline gap-2">
        <span>
          By the placard: <strong>{own ? KIND_WORDS.placard.says(own.body, wording) : 'not read'}</strong>
        </span>
        {mayEdit && !open && (
          <button type="button" className="btn btn-small min-h-11" onClick={() => setOpen(true)}>
            {own ? 'Correct' : 'Read the placard'}
          </button>
        )}
      </p>
      {open && (
        <form className="grid grid-cols-3 items-end gap-2" onSubmit={keep}>
          {(['front', 'rear', 'service'] as const).map((name) => (
            <label key={name} className="grid gap-1 font-semibold">
              {{ front: 'Front', rear: 'Rear, if other', service: 'Load and speed' }[name]}
              <input className="field figure" name={name} defaultValue={own?.body[name] ?? ''} />
            </label>
          ))}
          <button type="submit" className="btn btn-main col-span-3">
            Keep
          </button>
        </form>
      )}
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
