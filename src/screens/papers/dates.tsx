'use client';

import { useRef, useState } from 'react';
import type { DatedPart } from '@/core/identity/model';
import { figureDay } from '@/core/units/figure-day';
import { Timeline } from '@/ui/papers/timeline';
import { Labelled } from '@/ui/parts/labelled';
import { RecordLine } from '@/ui/parts/record-line';
import { useJudged, useLot } from '@/ui/records/inspection';
import { saveFile } from '@/ui/save-file';
import { capital } from '@/words/capital';
import { BUILT_BY_WORDS, datedText, daysText } from '@/words/date-fits';

const NONE: readonly DatedPart[] = [];

/** Dates of parts on one line with the day of building: what fits, what is too late or too early, and what that would mean. */
export function Dates() {
  const { mayEdit, facts } = useLot();
  const dates = useJudged((j) => j.judgement?.identity.dates ?? NONE);
  const built = useJudged((j) => j.judgement?.identity.built ?? null);
  const picture = useRef<SVGSVGElement>(null);
  const save = () => {
    if (!picture.current) return;
    const svg = new Blob([new XMLSerializer().serializeToString(picture.current)], { type: 'image/svg+xml' });
    saveFile('dates-of-parts.svg', svg);
  };
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Dates of parts">
      <h2 className="text-lg font-bold">Dates of parts</h2>
      <p className="text-sm">
        {built
          ? `Built ${daysText(built)}, ${BUILT_BY_WORDS[built.by]}.`
          : 'When the car was built is not known: no date can be judged. Its year at the intake, its number or its plate would tell.'}
      </p>
      {built && dates.some((d) => d.fit) && (
        <>
          <Timeline ref={picture} dates={dates} built={built} leads={facts.tables.dates} />
          <button type="button" className="btn btn-small justify-self-start" onClick={save}>
            Save as a picture
          </button>
        </>
      )}
      {dates.length > 0 && (
        <ul>
          {dates.map((d) => (
            <RecordLine key={d.record.id} id={d.record.id} name={d.name}>
              <strong>{capital(d.name)}</strong>: <span className="figure">{d.record.body.code}</span>{' '}
              <span className={d.fit === 'too-late' ? 'font-semibold text-pin' : ''}>{datedText(d)}</span>
            </RecordLine>
          ))}
        </ul>
      )}
      {mayEdit && <DateForm />}
    </section>
  );
}

function DateForm() {
  const { store, facts } = useLot();
  const table = facts.tables.dates;
  const ids = Object.keys(table.parts);
  const [part, setPart] = useState(ids[0] ?? '');
  const [code, setCode] = useState('');
  const [day, setDay] = useState('');
  const [problem, setProblem] = useState('');
  const keep = () => {
    const on = figureDay(day);
    if (on === 'bad') return setProblem(`“${day}” is no day such as 1967-04-12.`);
    if (code.trim() === '' && on === null) return setProblem('Enter the code as it stands there, or the day.');
    const put = store.put([{ kind: 'dated', body: { part, code: code.trim(), on, at: new Date().toISOString() } }]);
    setProblem(put.ok ? '' : put.message);
    if (!put.ok) return;
    setCode('');
    setDay('');
  };
  const forms = (table.parts[part]?.formats ?? []).flatMap((f) => table.formats.find((x) => x.id === f)?.name ?? []);
  return (
    <div className="grid gap-2 border border-line p-3">
      <div className="grid grid-cols-2 gap-2">
        <Labelled text="Part">
          <select className="field font-normal" value={part} onChange={(e) => setPart(e.target.value)}>
            {ids.map((id) => (
              <option key={id} value={id}>
                {table.parts[id]!.name}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled text="Code, as it stands there">
          <input
            className="field figure font-normal"
            value={code}
            maxLength={40}
            autoComplete="off"
            onChange={(e) => setCode(e.target.value)}
          />
        </Labelled>
        <Labelled text="Or the day">
          <input
            className="field figure font-normal"
            placeholder="1967-04-12"
            value={day}
            onChange={(e) => setDay(e.target.value)}
          />
        </Labelled>
      </div>
      <p className="text-xs text-soft">Read as: {forms.join('; ') || 'no form is known for this part'}.</p>
      <button type="button" className="btn btn-main min-h-12" onClick={keep}>
        Keep the date
      </button>
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
