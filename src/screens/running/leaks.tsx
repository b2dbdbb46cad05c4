'use client';

import { useCallback, useState } from 'react';
import {
  FLUIDS,
  type Fluid,
  HEARD,
  LEAK_AMOUNTS,
  LEAK_LOADS,
  LEAK_WHENS,
  type LeakAmount,
  type LeakLoad,
  type LeakWhen,
} from '@/core/catalogue/leak-places';
import { figureOf } from '@/core/units/figure';
import { Keys } from '@/ui/parts/choice-keys';
import { TakeOut } from '@/ui/parts/take-out';
import { useJudged, useLot } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import {
  amountText,
  FLUID_WORDS,
  LEAK_LOAD_WORDS,
  LEAK_WHEN_WORDS,
  LEAKS_SAY,
  leakWhy,
  nextLookText,
  wetText,
} from '@/words/leaks';
import { DropCounter } from './drop-counter';

/** What is wet and what is dry, and from where it comes: ranked, with the one look that would tell. */
export function Leaks() {
  const { mayEdit } = useLot();
  const leaks = useJudged((j) => j.judgement?.leaks ?? null);
  if (!leaks) return null;
  const { wet, layout, answer, odd } = leaks;
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Leaks">
      <h2 className="text-lg font-bold">Leaks</h2>
      {answer.sources.length > 0 && (
        <ol className="grid gap-2 text-sm" aria-label="Sources, the likeliest first">
          {answer.sources.slice(0, 5).map((s) => (
            <li key={s.place} className="grid grid-cols-[3.5rem_minmax(0,1fr)] gap-2">
              <span className="figure text-right text-lg font-semibold">{Math.round(100 * s.chance)} %</span>
              <span>
                <strong>{capital(layout.get(s.place)?.name ?? s.place)}</strong>, {FLUID_WORDS[s.fluid]}
                <span className="block text-soft">{leakWhy(s.why, s.kind, layout)}.</span>
              </span>
            </li>
          ))}
        </ol>
      )}
      {answer.next && (
        <p className="border-l-2 border-ink pl-2 text-sm font-semibold">{nextLookText(answer.next, layout)}</p>
      )}
      {answer.sources.length > 0 && <p className="text-xs text-soft">{LEAKS_SAY}</p>}
      {odd.length > 0 && (
        <p role="alert" className="text-sm">
          Not understood: {odd.map((w) => w.body.place).join(', ')}. This car has no such place.
        </p>
      )}
      {mayEdit && <AddPlace />}
      {wet.length > 0 && (
        <ul className="grid text-sm">
          {wet.map((w) => (
            <li key={w.id} className="flex items-center gap-2 border-b border-line">
              <span className="min-w-0 flex-1">
                <strong>{capital(layout.get(w.body.place)?.name ?? w.body.place)}</strong>: {wetText(w.body)}
              </span>
              <TakeOut record={w.id} says={`Take out: ${layout.get(w.body.place)?.name ?? w.body.place}`} />
            </li>
          ))}
        </ul>
      )}
      {wet.length === 0 && <p className="text-sm text-soft">Nobody said yet what is wet and what is dry.</p>}
    </section>
  );
}

/** A place with how wet it is; the place asked for next stands in it already. */
function AddPlace() {
  const { store } = useLot();
  const leaks = useJudged((j) => j.judgement!.leaks);
  const [picked, setPicked] = useState('');
  const [when, setWhen] = useState<LeakWhen>('after');
  const [fluid, setFluid] = useState('');
  const [drops, setDrops] = useState('');
  const [load, setLoad] = useState<LeakLoad | null>(null);
  const heard = HEARD.has(fluid as Fluid);
  const [problem, setProblem] = useState('');
  const counted = useCallback((perMin: number) => setDrops(String(perMin)), []);
  const place = picked || leaks.answer.next?.look || '';
  const say = (amount: LeakAmount) => {
    const perMin = figureOf(drops);
    if (perMin === 'bad') return setProblem(`“${drops}” is no number of drops.`);
    const body = {
      place,
      amount,
      fluid: amount === 'dry' || fluid === '' ? null : fluid,
      when,
      dropsPerMin: amount === 'drips' && !heard ? perMin : null,
      load: amount === 'dry' || !heard ? null : load,
      at: new Date().toISOString(),
    };
    if (place === '') return setProblem('Choose the place first.');
    const put = store.put([{ kind: 'wet', body }]);
    setProblem(put.ok ? '' : put.message);
    if (!put.ok) return;
    setPicked('');
    setDrops('');
    setLoad(null);
  };
  return (
    <div className="grid gap-2 border border-line p-3">
      <Keys
        legend="When"
        choices={LEAK_WHENS.map((w) => [w, LEAK_WHEN_WORDS[w]] as const)}
        held={when}
        onSay={setWhen}
      />
      <div className="grid grid-cols-2 gap-2">
        <label className="grid gap-1 text-sm font-semibold">
          Place
          <select className="field" value={place} onChange={(e) => setPicked(e.target.value)}>
            <option value="">choose</option>
            {[...leaks.layout].map(([slug, p]) => (
              <option key={slug} value={slug}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Which fluid
          <select className="field" value={fluid} onChange={(e) => setFluid(e.target.value)}>
            <option value="">not told</option>
            {FLUIDS.map((f) => (
              <option key={f} value={f}>
                {FLUID_WORDS[f]}
              </option>
            ))}
          </select>
        </label>
      </div>
      {heard ? (
        <Keys
          legend="With load, a helper at the pedal"
          choices={LEAK_LOADS.map((l) => [l, capital(LEAK_LOAD_WORDS[l])] as const)}
          held={load}
          onSay={(l) => setLoad(load === l ? null : l)}
        />
      ) : (
        <>
          <label className="grid max-w-40 gap-1 text-sm font-semibold">
            Drops in a minute
            <input
              className="field figure"
              inputMode="decimal"
              value={drops}
              onChange={(e) => setDrops(e.target.value)}
            />
          </label>
          <DropCounter onCounted={counted} />
        </>
      )}
      <div className="grid grid-cols-4 gap-1.5">
        {LEAK_AMOUNTS.map((a) => (
          <button key={a} type="button" className="btn min-h-14" onClick={() => say(a)}>
            {capital(amountText(a, (fluid || null) as Fluid | null))}
          </button>
        ))}
      </div>
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
