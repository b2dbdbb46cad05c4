'use client';

import { useState } from 'react';
import { MECH_STATES, type MechPart, type MechState } from '@/core/catalogue/mechanical';
import { BLOCKED_BY, type BlockedBy } from '@/core/kinds/look';
import type { MechLine } from '@/core/mechanical/model';
import { choicesOf, Keys } from '@/ui/parts/choice-keys';
import { RecordPictures } from '@/ui/parts/record-pictures';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { MECH_CAUTION, MECH_GROUP_WORDS, MECH_STATE_WORDS, mechText, sagText } from '@/words/mechanical';
import { BLOCKED_WORDS } from '@/words/terms';
import { respelt } from '@/words/vocabulary';

const NONE: readonly MechLine[] = [];

/** Steering, suspension, brakes, driveline and exhaust, part by part as one goes along below the car. */
export function Mechanical() {
  const { mayEdit } = useLot();
  const lines = useJudged((j) => j.judgement?.mechanical.lines ?? NONE);
  const unsafe = useJudged((j) => j.judgement?.mechanical.unsafe ?? NONE);
  const { words } = usePreferences().preferences;
  const sag = useJudged((j) => respelt(sagText(j.judgement?.mechanical.sag ?? null), words));
  const [open, setOpen] = useState<string | null>(null);
  const groups = Object.keys(MECH_GROUP_WORDS) as MechPart['group'][];
  const said = lines.filter((l) => l.record).length;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Underneath">
      <h2 className="text-lg font-bold">
        Underneath, mechanical{' '}
        <span className="figure text-sm font-normal text-soft">
          {said} of {lines.length}
        </span>
      </h2>
      <p className="text-xs text-soft">{MECH_CAUTION}</p>
      {unsafe.length > 0 && (
        <p className="border-l-4 border-pin pl-2 text-sm font-semibold">
          Not to be driven: {unsafe.map((l) => `${l.of.name}, ${mechText(l.record!.body)}`).join('; ')}.
        </p>
      )}
      {sag && <p className="border-l-2 border-ink pl-2 text-sm">{sag}</p>}
      {groups.map((group) => (
        <div key={group} className="grid gap-1">
          <h3 className="text-sm font-bold">{MECH_GROUP_WORDS[group]}</h3>
          <ul className="grid gap-1">
            {lines
              .filter((l) => l.of.group === group)
              .map((l) => (
                <li
                  key={l.id}
                  className={`grid border px-2 text-sm ${l.record ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}
                >
                  <button
                    type="button"
                    className="flex min-h-11 items-center justify-between gap-2 text-left"
                    disabled={!mayEdit}
                    aria-expanded={open === l.id}
                    onClick={() => setOpen(open === l.id ? null : l.id)}
                  >
                    <span>{capital(l.of.name)}</span>
                    <span className={l.record ? 'font-semibold' : 'text-soft'}>
                      {l.record ? mechText(l.record.body) : 'not looked at'}
                    </span>
                  </button>
                  {open === l.id && <PartKeys line={l} onDone={() => setOpen(null)} />}
                </li>
              ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

function PartKeys({ line, onDone }: { line: MechLine; onDone: () => void }) {
  const { store } = useLot();
  const [asks, setAsks] = useState(false);
  const [problem, setProblem] = useState('');
  const own = line.record;
  const put = (change: object, done: boolean) => {
    const kept = store.put([
      {
        kind: 'mech',
        ...(own && { id: own.id }),
        body: { ...own?.body, part: line.id, why: null, ...change, at: new Date().toISOString() },
      },
    ]);
    setProblem(kept.ok ? '' : kept.message);
    if (kept.ok && done) onDone();
  };
  const say = (state: MechState) => (state === 'unseen' ? setAsks(true) : put({ state }, state === 'sound'));
  return (
    <div className="grid gap-2 pb-2">
      <Keys
        legend="How it is"
        choices={MECH_STATES.map((s) => [s, capital(MECH_STATE_WORDS[s])] as const)}
        held={own?.body.state ?? null}
        onSay={say}
      />
      {asks && (
        <Keys
          legend="Why was it not seen?"
          choices={BLOCKED_BY.map((b): readonly [BlockedBy, string] => [b, BLOCKED_WORDS[b]])}
          held={null}
          onSay={(why) => put({ state: 'unseen', why }, true)}
        />
      )}
      {own && own.body.state !== 'sound' && own.body.state !== 'unseen' && (
        <Keys
          legend="Only one side"
          choices={choicesOf({ left: 'Left', right: 'Right' })}
          held={own.body.side}
          onSay={(side) => put({ state: own.body.state, side: own.body.side === side ? null : side }, false)}
        />
      )}
      {own && <RecordPictures record={own.id} zone={null} says="Photo of this part" />}
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
