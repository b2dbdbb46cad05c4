'use client';

import { useState } from 'react';
import { CHECKED_FLUIDS, type CheckedFluid, FLUID_LEVELS, FLUID_LOOKS } from '@/core/catalogue/fluid-states';
import type { JudgedFluid } from '@/core/fluids/model';
import { Keys } from '@/ui/parts/choice-keys';
import { RecordPictures } from '@/ui/parts/record-pictures';
import { useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { checkedFluidName, FLUID_LEVEL_WORDS, FLUID_LOOK_WORDS, fluidText } from '@/words/leaks';

const NONE: readonly JudgedFluid[] = [];

/** Each fluid by its level and look, with what that means. */
export function Fluids() {
  const { mayEdit } = useLot();
  const judged = useJudged((j) => j.judgement?.fluids.all ?? NONE);
  const crossed = useJudged((j) => j.judgement?.fluids.crossed ?? false);
  const [open, setOpen] = useState<CheckedFluid | null>(null);
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Fluids">
      <h2 className="text-lg font-bold">Fluids</h2>
      {crossed && (
        <p className="border-l-4 border-pin pl-2 text-sm font-semibold">
          Oil and coolant in each other: not to be started before it is looked at.
        </p>
      )}
      <ul className="grid gap-1.5">
        {CHECKED_FLUIDS.map((f) => {
          const own = judged.find((j) => j.fluid === f);
          return (
            <li
              key={f}
              className={`grid gap-1 border p-2 text-sm ${own ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}
            >
              <button
                type="button"
                className="flex min-h-11 items-center justify-between gap-2 text-left"
                disabled={!mayEdit}
                aria-expanded={open === f}
                onClick={() => setOpen(open === f ? null : f)}
              >
                <strong>{capital(checkedFluidName(f))}</strong>
                <span className={own ? '' : 'text-soft'}>{own ? fluidText(own.body) : 'not looked at'}</span>
              </button>
              {own?.means.map((m) => (
                <p key={m.when} className={m.stop ? 'font-semibold text-pin' : 'text-soft'}>
                  {capital(m.says)}.
                </p>
              ))}
              {open === f && <FluidKeys fluid={f} zone={own?.zone ?? null} />}
            </li>
          );
        })}
      </ul>
      <p className="text-xs text-soft">Never open coolant hot.</p>
    </section>
  );
}

function FluidKeys({ fluid, zone }: { fluid: CheckedFluid; zone: string | null }) {
  const { store } = useLot();
  const own = useRecords('fluid', (f) => f.body.fluid === fluid).at(-1);
  const [problem, setProblem] = useState('');
  const say = (change: object) => {
    const put = store.put([
      {
        kind: 'fluid',
        ...(own && { id: own.id }),
        body: { ...own?.body, fluid, ...change, at: new Date().toISOString() },
      },
    ]);
    setProblem(put.ok ? '' : put.message);
  };
  const looks = own?.body.looks ?? [];
  return (
    <div className="grid gap-2">
      <Keys
        legend="Level"
        choices={FLUID_LEVELS.map((l) => [l, FLUID_LEVEL_WORDS[l]] as const)}
        held={own?.body.level ?? null}
        onSay={(level) => say({ level })}
      />
      <Keys
        legend="Look and smell"
        choices={FLUID_LOOKS.map((l) => [l, FLUID_LOOK_WORDS[l]] as const)}
        held={looks}
        onSay={(l) => say({ looks: looks.includes(l) ? looks.filter((x) => x !== l) : [...looks, l] })}
      />
      {own && <RecordPictures record={own.id} zone={zone} says="Photo of the rag" />}
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
