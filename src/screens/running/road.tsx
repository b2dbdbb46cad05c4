'use client';

import { type FormEvent, useState } from 'react';
import {
  GATE_ASKS,
  type GateAsk,
  ROAD_ITEMS,
  ROAD_STATES,
  type RoadItem,
  type RoadState,
} from '@/core/catalogue/run-words';
import type { BodyOf } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { GATE_WORDS, gateText, ROAD_ITEM_WORDS, ROAD_STATE_WORDS, roadText } from '@/words/running';
import { respelt } from '@/words/vocabulary';
import { FeltOnRoad } from './felt';

/** The road test: its gate, answered by what is on record and by the person; then the drive. */
export function Road() {
  const { store, mayEdit } = useLot();
  const { words } = usePreferences().preferences;
  const gate = useJudged((j) => j.judgement?.running.gate ?? null);
  const [own] = useRecords('road');
  const [problem, setProblem] = useState('');
  if (!gate) return null;
  const put = (change: Partial<BodyOf<'road'>>) => {
    const kept = store.put([
      {
        kind: 'road',
        ...(own && { id: own.id }),
        body: { gate: {}, ...own?.body, ...change, at: own?.body.at ?? new Date().toISOString() },
      },
    ]);
    setProblem(kept.ok ? '' : kept.message);
  };
  const answer = (ask: GateAsk, say: 'yes' | 'no') => {
    const held = { ...own?.body.gate };
    if (held[ask] === say) delete held[ask];
    else held[ask] = say;
    // A drive stands on the answers with which it was made.
    if (own?.body.driven && held[ask] !== 'yes')
      return setProblem('It was driven on these answers. Take the drive back first.');
    put({ gate: held });
  };
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Road test">
      <h2 className="text-lg font-bold">Road test</h2>
      <p className={`border-l-4 pl-2 text-sm font-semibold ${gate.free ? 'border-ink' : 'border-pin'}`}>
        {own?.body.driven ? capital(roadText(own.body)) : respelt(gateText(gate), words)}
      </p>
      {gate.forbids.length > 0 && (
        <p className="text-sm">That is on record already. Whatever is answered, it is not driven.</p>
      )}
      {mayEdit && (
        <ul className="grid gap-1.5">
          {GATE_ASKS.map((ask) => (
            <li
              key={ask}
              className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border-b border-line pb-1 text-sm"
            >
              <span>{respelt(GATE_WORDS[ask], words)}</span>
              <span className="flex gap-1.5" role="group" aria-label={respelt(GATE_WORDS[ask], words)}>
                {(['yes', 'no'] as const).map((say) => (
                  <button
                    key={say}
                    type="button"
                    className="btn btn-small min-h-11 min-w-14"
                    aria-pressed={own?.body.gate[ask] === say}
                    onClick={() => answer(ask, say)}
                  >
                    {capital(say)}
                  </button>
                ))}
              </span>
            </li>
          ))}
        </ul>
      )}
      {mayEdit && own && (gate.free || own.body.driven) && <Drive road={own.body} onPut={put} />}
      {own?.body.driven && <FeltOnRoad felt={own.body.felt} onPut={(felt) => put({ felt: [...felt] })} />}
      {problem && <p role="alert">{problem}</p>}
      <p className="text-xs text-soft">
        Licence, insurance, plates and roadworthiness are matters of local rules. Any doubt is a no.
      </p>
    </section>
  );
}

const NEXT: Readonly<Record<string, RoadState | undefined>> = { none: 'good', good: 'poor', poor: 'bad' };

/** What was noted of the drive, for a passenger's thumb: a touch goes on from yes to not quite to no. */
function Drive({ road, onPut }: { road: BodyOf<'road'>; onPut: (change: Partial<BodyOf<'road'>>) => void }) {
  const [problem, setProblem] = useState('');
  const touch = (item: RoadItem) => {
    const items = { ...road.items };
    const next = NEXT[items[item] ?? 'none'];
    if (next) items[item] = next;
    else delete items[item];
    onPut({ items, driven: true });
  };
  const keep = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const given = new FormData(e.currentTarget);
    const [km, top] = [figureOf(String(given.get('km'))), figureOf(String(given.get('top')))];
    if (km === 'bad' || top === 'bad') return setProblem('Distance and speed are numbers.');
    setProblem('');
    onPut({
      driven: true,
      distanceM: km === null ? null : Math.round(km * 1000),
      topKmh: top,
      surface: String(given.get('surface')),
    });
  };
  return (
    <div className="grid gap-3 border-2 border-ink p-3">
      <div className="grid grid-cols-2 gap-1.5">
        {ROAD_ITEMS.map((item) => {
          const state = road.items[item];
          return (
            <button
              key={item}
              type="button"
              className="btn min-h-14 justify-between gap-2 px-3 text-left"
              aria-pressed={state !== undefined}
              onClick={() => touch(item)}
            >
              <span>{capital(ROAD_ITEM_WORDS[item])}</span>
              <span className="figure text-sm">{state ? ROAD_STATE_WORDS[state] : ''}</span>
            </button>
          );
        })}
      </div>
      <p className="text-xs text-soft">
        A touch says {ROAD_STATES.map((s) => ROAD_STATE_WORDS[s]).join(', then ')}, then nothing.
      </p>
      <form className="grid grid-cols-2 gap-2" onSubmit={keep}>
        <label className="grid gap-1 text-sm font-semibold">
          Distance, km
          <input
            className="field figure"
            name="km"
            inputMode="decimal"
            defaultValue={road.distanceM === null ? '' : road.distanceM / 1000}
          />
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Up to, km/h
          <input className="field figure" name="top" inputMode="decimal" defaultValue={road.topKmh ?? ''} />
        </label>
        <label className="col-span-2 grid gap-1 text-sm font-semibold">
          Where, on what
          <input
            className="field"
            name="surface"
            placeholder="a lap of the yard, ice"
            maxLength={200}
            defaultValue={road.surface}
          />
        </label>
        <button type="submit" className="btn btn-main col-span-2">
          Keep the drive
        </button>
      </form>
      {road.driven && (
        <button
          type="button"
          className="btn justify-self-start"
          onClick={() => onPut({ driven: false, items: {}, distanceM: null, topKmh: null, surface: '', felt: [] })}
        >
          It was not driven
        </button>
      )}
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
