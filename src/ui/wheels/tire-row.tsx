'use client';

import { useState } from 'react';
import { dateSays, type JudgedTire } from '@/core/wheels/model';
import { respelt } from '@/words/vocabulary';
import { ageText, DATE_SAYS, tireSays, tireText } from '@/words/wheels';
import { usePreferences } from '../preferences';
import { useJudged, useLot, useRecords } from '../records/inspection';
import { TireSheet } from './tire-sheet';
import { useSaleDay } from './use-sale-day';

const NONE: readonly JudgedTire[] = [];

/** One tire: what was read, what follows on the sale day; a touch opens its sheet. */
export function TireRow({ zone, name }: { zone: string | null; name: string }) {
  const { mayEdit, facts } = useLot();
  const { words } = usePreferences().preferences;
  const [open, setOpen] = useState(false);
  const on = useSaleDay();
  const tires = useRecords('tire');
  const judged = useJudged((j) => j.judgement?.wheels.tires ?? NONE);
  const own = tires.find((t) => t.body.zone === zone) ?? null;
  const says = judged.find((t) => t.id === own?.id);
  const like = tires.find((t) => t.body.zone !== null && t.body.zone !== zone)?.body ?? null;
  const t = facts.tables.tires;
  const date = says ? dateSays(says.made, says.refused !== null, on, t) : null;
  return (
    <li className={`grid gap-1 border p-2 text-sm ${own ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}>
      <p className="flex flex-wrap items-center gap-x-2">
        <strong className="first-letter:uppercase">{respelt(name, words)}</strong>
        {says?.made && (
          <span className={`figure ${date === 'not-relied-on' ? 'font-semibold text-pin' : ''}`}>
            {ageText(says.made, on)}
          </span>
        )}
        {own && date === 'none' && <span className="text-soft">{DATE_SAYS.none}</span>}
        {mayEdit && (
          <button type="button" className="btn btn-small -my-0.5 ml-auto min-h-11" onClick={() => setOpen(true)}>
            {own ? 'Correct' : respelt('Read the tire', words)}
          </button>
        )}
      </p>
      {own && <p>{tireText(own.body)}</p>}
      {says && date && <p className="text-soft">{tireSays(says, date, t.leastTreadMm)}</p>}
      {!own && !mayEdit && <p className="text-soft">nobody read it</p>}
      {open && <TireSheet zone={zone} name={name} tire={own} like={like} onClose={() => setOpen(false)} />}
    </li>
  );
}
