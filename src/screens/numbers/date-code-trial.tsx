'use client';

import { useState } from 'react';
import { readDateCode, resolveDate } from '@/core/dates/date-code';
import { datesTable } from '@/core/dates/windows';
import { figureDay } from '@/core/units/figure-day';
import { Labelled } from '@/ui/parts/labelled';
import { daysText } from '@/words/date-fits';
import type { TableToolProps } from './table-tools';

/** A code read by every form of the table as it stands, beside a day of building. */
export function DateCodeTrial({ value }: TableToolProps) {
  const [code, setCode] = useState('');
  const [day, setDay] = useState('1967-04-12');
  const table = datesTable.schema.safeParse(value);
  const built = figureDay(day);
  const on = typeof built === 'string' && built !== 'bad' ? { from: built, to: built } : null;
  const said = !table.success
    ? []
    : table.data.formats.flatMap((f) => {
        const read = code.trim() === '' ? null : readDateCode(code, f);
        if (!read) return [];
        const made = resolveDate(read, on);
        return [{ name: f.name, says: made ? daysText(made) : read.length === 0 ? 'no such day' : 'decade open' }];
      });
  return (
    <section className="grid gap-2" aria-label="Try a code">
      <div className="grid grid-cols-2 gap-2">
        <Labelled text="Try a code">
          <input className="field figure font-normal" value={code} onChange={(e) => setCode(e.target.value)} />
        </Labelled>
        <Labelled text="On a car built">
          <input className="field figure font-normal" value={day} onChange={(e) => setDay(e.target.value)} />
        </Labelled>
      </div>
      <ul className="text-sm" role="status">
        {said.map((s) => (
          <li key={s.name}>
            <span className="figure font-semibold">{s.says}</span>, by {s.name}
          </li>
        ))}
        {code.trim() !== '' && said.length === 0 && <li>It is of none of the forms.</li>}
      </ul>
    </section>
  );
}
