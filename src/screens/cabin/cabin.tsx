'use client';

import type { FunctionLine } from '@/core/functions/list';
import { type JudgedFunctions, saidOtherwise } from '@/core/functions/model';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { putTried } from '@/ui/functions/put-tried';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
import { functionLine, functionName, SAFETY_CAUTION, triedOfText } from '@/words/functions';
import { CABIN_ASPECTS } from './cabin-aspects';
import { Controls } from './controls';
import { Damp } from './damp';

const NONE: readonly FunctionLine[] = [];
const NOBODY: JudgedFunctions['otherwise'] = [];

/** Trim, and what works: the run at the controls, what does not work, what nobody tried. */
export function Cabin() {
  return (
    <AspectChapter title="Cabin and functions" aspects={CABIN_ASPECTS}>
      <Faults />
      <Controls />
      <Damp />
      <All />
    </AspectChapter>
  );
}

/** What does not work, driving's needs first. */
function Faults() {
  const dead = useJudged((j) => j.judgement?.functions.dead ?? NONE);
  const poor = useJudged((j) => j.judgement?.functions.poor ?? NONE);
  const otherwise = useJudged((j) => j.judgement?.functions.otherwise ?? NOBODY);
  const { words } = usePreferences().preferences;
  const { mayEdit } = useLot();
  const saidOf = (l: FunctionLine) => {
    const by = saidOtherwise(otherwise, l);
    return by ? `${flawName(by.body.flaw, words)} by a finding; ticked: ${functionLine(l)}` : functionLine(l);
  };
  const all = [...dead, ...poor].sort((a, b) => Number(b.of.safety) - Number(a.of.safety));
  if (all.length === 0) return null;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Does not work">
      <h2 className="text-lg font-bold">What does not work as it should</h2>
      <ul className="grid gap-1 text-sm">
        {all.map((l) => (
          <li key={l.id} className={`border-l-2 pl-2 ${l.of.safety ? 'border-pin' : 'border-ink/50'}`}>
            <strong>{capital(functionName(l))}</strong>: {saidOf(l)}
            {l.of.safety && <span className="font-semibold text-pin"> · driving depends on it</span>}
            {mayEdit && <More line={l} />}
          </li>
        ))}
      </ul>
      {all.some((l) => l.of.safety) && <p className="text-xs text-soft">{SAFETY_CAUTION}</p>}
    </section>
  );
}

const MORE = [
  ['from', 'From which switch'],
  ['cause', 'Cause, as a guess'],
  ['note', 'Note'],
] as const;

/** What else is known of a fault; its cause never more than a guess. */
function More({ line }: { line: FunctionLine }) {
  const { store } = useLot();
  const body = line.record!.body;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer content-center text-soft">Switch, cause, note</summary>
      <div className="grid grid-cols-3 gap-1.5 pb-1">
        {MORE.map(([key, says]) => (
          <label key={key} className="grid gap-0.5 text-xs text-soft">
            {says}
            <input
              className="field text-sm text-ink"
              defaultValue={body[key]}
              maxLength={80}
              onBlur={(e) =>
                e.currentTarget.value.trim() !== body[key] &&
                void putTried(store, line, { state: body.state, why: body.why, [key]: e.currentTarget.value })
              }
            />
          </label>
        ))}
      </div>
    </details>
  );
}

/** Everything that was tried, and what was not. */
function All() {
  const asked = useJudged((j) => j.judgement?.functions.asked ?? NONE);
  const said = asked.flatMap((l) => (l.record ? [l.record.body.state] : []));
  if (said.length === 0) return null;
  return (
    <details className="border-b border-line p-4">
      <summary className="min-h-11 cursor-pointer content-center font-semibold">
        {triedOfText(asked.length, said)}
      </summary>
      <ul className="grid gap-0.5 text-sm">
        {asked.map((l) => (
          <li key={l.id} className="flex justify-between gap-2 border-b border-line py-1">
            <span>{capital(functionName(l))}</span>
            <span className={l.record ? '' : 'text-soft'}>{functionLine(l)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
