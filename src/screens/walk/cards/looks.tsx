'use client';

import { Ban, Check, Ruler } from 'lucide-react';
import { useState } from 'react';
import type { Aspect } from '@/core/body/zone';
import type { Cell } from '@/core/coverage/coverage';
import { recordsOf } from '@/core/records/reduce';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot } from '@/ui/records/inspection';
import { ASPECT_WORDS, lookText, term } from '@/words/terms';
import { intoView } from '../into-view';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** What a touch on `function` asks: a lamp that was looked at was not tried by that. */
const FUNCTION_ASKS = [
  { says: 'Works', flaw: null },
  { says: 'Works poorly', flaw: 'works-poorly' },
  { says: 'Does not work', flaw: 'inoperative' },
] as const;

/** Each aspect of the zone: seen and clean, blocked and why, measured, or not seen. A second touch takes a look back. */
export function Looks({ zone, walking: { asking, ask } }: CardProps) {
  const { store, mayEdit } = useLot();
  const { words } = usePreferences().preferences;
  const cells = useJudged((j) => j.judgement?.coverage.cells.filter((c) => c.zone.slug === zone.slug) ?? []);
  const at = () => new Date().toISOString();
  const clean = (aspect: Aspect) => {
    store.put([{ kind: 'look', body: { zone: zone.slug, aspect, outcome: 'clean', at: at() } }]);
    ask(null);
  };
  const takeBack = (aspect: Aspect) => {
    const own = recordsOf(store.snapshot().records, 'look').filter(
      (l) => l.body.zone === zone.slug && l.body.aspect === aspect,
    );
    const latest = own.reduce(
      (a, b) => (a && Date.parse(a.body.at) > Date.parse(b.body.at) ? a : b),
      undefined as (typeof own)[number] | undefined,
    );
    if (latest) store.remove(latest.id);
  };
  const touch = (c: Cell) => {
    if (c.status === 'clean' || c.status === 'blocked') takeBack(c.aspect);
    else if (c.aspect === 'function') ask(asking?.what === 'function' ? null : { what: 'function' });
    else clean(c.aspect);
  };
  const answer = (flaw: string | null, thing: string) => {
    if (flaw === null) return clean('function');
    store.put([{ kind: 'finding', body: { zone: zone.slug, flaw, where: thing.trim(), at: at() } }]);
    ask(null);
  };
  return (
    <section aria-label="Looks" className="grid gap-2">
      <ul className="flex flex-wrap gap-1.5">
        {cells.map((c) => (
          <li key={c.aspect}>
            <button
              type="button"
              disabled={!mayEdit || c.status === 'findings'}
              aria-pressed={c.status === 'clean'}
              onClick={() => touch(c)}
              title={TITLES[c.status]}
              className={`flex min-h-11 items-center gap-1.5 rounded-cut border px-2.5 text-sm disabled:cursor-default ${LOOKS_LIKE[c.status]}`}
            >
              <Sign cell={c} />
              {term(ASPECT_WORDS, c.aspect, words)}
              <span className="text-xs text-soft">{lookText(c)}</span>
            </button>
          </li>
        ))}
      </ul>
      {asking?.what === 'function' && (
        <FunctionAsk onAnswer={answer} onUntried={() => ask({ what: 'blocked', aspects: ['function'] })} />
      )}
    </section>
  );
}

const TITLES: Readonly<Record<Cell['status'], string | undefined>> = {
  unseen: 'Press when seen and clean',
  measured: 'Measured; press when also seen and clean',
  clean: 'Press once more to take it back',
  blocked: 'Press to take it back',
  findings: undefined,
};
const LOOKS_LIKE: Readonly<Record<Cell['status'], string>> = {
  unseen: 'border-dashed border-ink/60',
  measured: 'border-ink/60 bg-tape/30',
  clean: 'border-ink/70 bg-wash',
  blocked: 'border-pin',
  findings: 'border-ink/70 bg-wash',
};

function Sign({ cell }: { cell: Cell }) {
  if (cell.status === 'clean') return <Check size={15} aria-hidden="true" />;
  if (cell.status === 'measured') return <Ruler size={15} aria-hidden="true" />;
  if (cell.status === 'blocked') return <Ban size={15} className="text-pin" aria-hidden="true" />;
  if (cell.status === 'findings') return <span className="figure text-xs font-bold">{cell.findings.length}</span>;
  return null;
}

/** Works, poorly, not at all, or not tried; of what does not, which thing it is. */
function FunctionAsk({
  onAnswer,
  onUntried,
}: {
  onAnswer: (flaw: string | null, thing: string) => void;
  onUntried: () => void;
}) {
  const [thing, setThing] = useState('');
  return (
    <fieldset ref={intoView} className="grid gap-2 border border-line p-2">
      <legend className="px-1 text-sm font-semibold">Tried?</legend>
      <label className="grid gap-1 text-sm">
        Which thing, if not all of it
        <input
          className="field font-normal"
          placeholder="clock, lock, low beam …"
          maxLength={160}
          value={thing}
          onChange={(e) => setThing(e.target.value)}
        />
      </label>
      <div className="grid grid-cols-2 gap-1.5">
        {FUNCTION_ASKS.map(({ says, flaw }) => (
          <button
            key={says}
            type="button"
            className="btn"
            // One thing that works does not say that all of it does.
            disabled={flaw === null && thing.trim() !== ''}
            onClick={() => onAnswer(flaw, thing)}
          >
            {says}
          </button>
        ))}
        <button type="button" className="btn" onClick={onUntried}>
          Not tried
        </button>
      </div>
    </fieldset>
  );
}

export const looks: ZoneCardDefinition = { place: 10, applies: () => true, Card: Looks };
