'use client';

import { useState } from 'react';
import type { LedgerLine } from '@/core/bright/ledger';
import { BASE_FACTS, type PieceFault, PRESENCE, type Presence, pieceAspectOf } from '@/core/catalogue/pieces';
import type { BodyOf } from '@/core/kinds';
import { BASE_WORDS, FAULT_WORDS, PRESENCE_WORDS, pieceRemedyText } from '@/words/pieces';
import { useLot } from '../records/inspection';

const SHORT: Readonly<Record<Presence, string>> = {
  fitted: 'Fitted',
  along: 'Comes along',
  missing: 'Missing',
  wrong: 'Wrong',
};

/** One piece of the ledger: whether it is there, what is wrong with it, what puts that right. A touch keeps each. */
export function PieceRow({ line, name }: { line: LedgerLine; name: string }) {
  const { store, mayEdit } = useLot();
  const { record, of } = line;
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState('');
  const body = record?.body;
  const put = (change: object) => {
    const kept = store.put([
      {
        kind: 'piece',
        ...(record && { id: record.id }),
        body: {
          zone: line.zone,
          piece: line.piece,
          presence: 'fitted',
          ...body,
          aspect: pieceAspectOf(of),
          ...change,
          at: new Date().toISOString(),
        },
      },
    ]);
    setProblem(kept.ok ? '' : kept.message);
  };
  const toPresence = (presence: Presence) => {
    if (record && body?.presence === presence) store.remove(record.id);
    else put(presence === 'fitted' || presence === 'along' ? { presence } : { presence, faults: [] });
  };
  const toggle = (fault: PieceFault) =>
    put({
      faults: body?.faults.includes(fault) ? body.faults.filter((f) => f !== fault) : [...(body?.faults ?? []), fault],
    });
  const there = body?.presence === 'fitted' || body?.presence === 'along';
  const remedy = pieceRemedyText(of, body?.faults ?? []);
  const platable = of.base?.startsWith('chromed-') ?? false;
  return (
    <li className={`grid gap-1.5 border p-2 text-sm ${record ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <strong className="first-letter:uppercase">{name}</strong>
        <span className="text-soft">
          {[of.base && BASE_WORDS[of.base], of.scarce && 'hard to find', of.fails && 'always fails on this model']
            .filter(Boolean)
            .join(', ')}
        </span>
      </p>
      {mayEdit ? (
        <fieldset className="grid grid-cols-4 gap-1.5">
          <legend className="sr-only">{name}</legend>
          {PRESENCE.map((p) => (
            <button
              key={p}
              type="button"
              className="btn btn-small min-h-11 px-1"
              aria-pressed={body?.presence === p}
              onClick={() => toPresence(p)}
            >
              {SHORT[p]}
            </button>
          ))}
        </fieldset>
      ) : (
        <p>{body ? PRESENCE_WORDS[body.presence] : 'nobody said'}</p>
      )}
      {there && body && body.faults.length > 0 && !open && <p>{body.faults.map((f) => FAULT_WORDS[f]).join(', ')}</p>}
      {remedy && <p className="text-soft first-letter:uppercase">{remedy}.</p>}
      {there && mayEdit && of.base && (
        <>
          <button
            type="button"
            className="btn btn-small justify-self-start"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            What is wrong with it
          </button>
          {open && (
            <div className="flex flex-wrap gap-1.5" role="group" aria-label={`What is wrong: ${name}`}>
              {BASE_FACTS[of.base].faults.map((f) => (
                <button
                  key={f}
                  type="button"
                  className="btn btn-small min-h-11"
                  aria-pressed={body?.faults.includes(f) ?? false}
                  onClick={() => toggle(f)}
                >
                  {FAULT_WORDS[f]}
                </button>
              ))}
              {platable && (
                <>
                  <button
                    type="button"
                    className="btn btn-small min-h-11"
                    aria-pressed={body?.replated === 'yes'}
                    onClick={() => put({ replated: body?.replated === 'yes' ? 'unknown' : 'yes' })}
                  >
                    plated again
                  </button>
                  <button
                    type="button"
                    className="btn btn-small min-h-11"
                    aria-pressed={body?.replated === 'no'}
                    onClick={() => put({ replated: body?.replated === 'no' ? 'unknown' : 'no' })}
                  >
                    plating of the works
                  </button>
                </>
              )}
            </div>
          )}
        </>
      )}
      {there && mayEdit && of.base === 'glass' && <PaneSays body={body!} name={name} onSay={put} />}
      {problem && <p role="alert">{problem}</p>}
    </li>
  );
}

const PANE_SAYS = [
  ['mark', 'Maker’s mark'],
  ['code', 'Date code'],
  ['etched', 'Etched into it'],
] as const;

/** What stands on a pane: kept when one leaves the field. */
function PaneSays({ body, name, onSay }: { body: BodyOf<'piece'>; name: string; onSay: (change: object) => void }) {
  return (
    <fieldset className="grid grid-cols-3 gap-1.5">
      <legend className="sr-only">What stands on it: {name}</legend>
      {PANE_SAYS.map(([key, says]) => (
        <label key={key} className="grid gap-0.5 text-xs text-soft">
          {says}
          <input
            className="field figure text-sm text-ink"
            defaultValue={body[key]}
            maxLength={40}
            onBlur={(e) => e.currentTarget.value.trim() !== body[key] && onSay({ [key]: e.currentTarget.value })}
          />
        </label>
      ))}
    </fieldset>
  );
}
