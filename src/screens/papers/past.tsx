'use client';

import { useState } from 'react';
import { PAPER_SORTS, type PaperSort, type Storage } from '@/core/catalogue/papers';
import type { JudgedIdentity } from '@/core/identity/model';
import { groupedFigureOf } from '@/core/units/figure';
import { figureDay } from '@/core/units/figure-day';
import { Choice, Labelled } from '@/ui/parts/labelled';
import { RecordLine } from '@/ui/parts/record-line';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { dayText } from '@/words/dates';
import { odometerWhy } from '@/words/odometer';
import { keeperText, PAPER_SEEN_WORDS, PAPER_WORDS, paperText, STORAGE_WORDS } from '@/words/papers';

/** Who kept the car, what its papers say, and whether they carry its distance. */
export function Past() {
  const { mayEdit } = useLot();
  const identity = useJudged((j) => j.judgement?.identity ?? null);
  const papers = useRecords('paper');
  if (!identity) return null;
  const byDay = [...papers].sort((a, b) => (a.body.on ?? '9').localeCompare(b.body.on ?? '9'));
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Past and papers">
      <h2 className="text-lg font-bold">Past and papers</h2>
      <Distance odometer={identity.odometer} />
      {identity.kept.length > 0 && (
        <ul aria-label="Who kept it">
          {identity.kept.map(({ record, gapDays }) => (
            <RecordLine key={record.id} id={record.id} name={record.body.who}>
              {gapDays > 0 && (
                <span className="mb-1 block border-l-4 border-dashed border-ink/60 pl-2 text-soft">
                  {gapDays > 400 ? `${Math.round(gapDays / 365)} years` : `${gapDays} days`} of which nobody tells
                </span>
              )}
              {capital(keeperText(record.body))}
            </RecordLine>
          ))}
        </ul>
      )}
      {byDay.length > 0 && (
        <ul aria-label="Papers, the oldest first">
          {byDay.map(({ id, body }) => (
            <RecordLine key={id} id={id} name={`${PAPER_WORDS[body.sort]}${body.on ? ` of ${dayText(body.on)}` : ''}`}>
              {capital(paperText(body))}
            </RecordLine>
          ))}
        </ul>
      )}
      {papers.length === 0 && identity.kept.length === 0 && (
        <p className="text-sm text-soft">No paper and no keeper is written down yet.</p>
      )}
      {mayEdit && <PaperForm />}
      {mayEdit && <KeeperForm />}
    </section>
  );
}

const STATUS = { supported: 'Supported', 'not supported': 'Not supported', contradicted: 'Contradicted' } as const;

function Distance({ odometer }: { odometer: JudgedIdentity['odometer'] }) {
  if (!odometer)
    return (
      <p className="text-sm text-soft">The odometer was not read, or on no stated visit: the intake takes both.</p>
    );
  const { status, histories, why, unit, digits, digitsRead, more } = odometer;
  const shown = (v: number) => `${Math.round(v).toLocaleString('en-GB')} ${unit}`;
  return (
    <div className="grid gap-1.5 text-sm">
      <p className={`border-l-4 pl-2 ${status === 'contradicted' ? 'border-pin' : 'border-ink'}`}>
        <strong>{STATUS[status]}</strong> as the distance that is shown:{' '}
        {why.map((w) => odometerWhy(w, unit)).join('; ')}.
      </p>
      {histories.length > 1 && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">
            {more ? 'More than ' : ''}
            {histories.length} histories that the readings allow
          </summary>
          <ol className="grid gap-1">
            {histories.slice(0, 12).map((h) => (
              <li key={`${h.total} ${h.rounds} ${h.readings.map((r) => r.total).join()}`} className="figure">
                {h.atLeast ? 'at least ' : ''}
                {shown(h.total)}
                {h.rounds > 0 ? `, went round ${h.rounds === 1 ? 'once' : `${h.rounds} times`}` : ''}:{' '}
                {h.readings
                  .filter((r) => r.perYear !== null)
                  .map((r) => `${Math.round(r.perYear!).toLocaleString('en-GB')} a year to ${r.on.slice(0, 4)}`)
                  .join(', ')}
              </li>
            ))}
          </ol>
        </details>
      )}
      <p className="text-xs text-soft">
        {digitsRead ? `${digits} digits.` : `Taken to have ${digits} digits: the intake takes how many it has.`} A clock
        set back between two readings and driven up again is not seen.
      </p>
    </div>
  );
}

function PaperForm() {
  const { store } = useLot();
  const { car } = useCar();
  const [sort, setSort] = useState<PaperSort>(PAPER_SORTS[2]);
  const [seen, setSeen] = useState<keyof typeof PAPER_SEEN_WORDS>('original');
  const [given, setGiven] = useState({ on: '', km: '', owner: '', says: '' });
  const [changed, setChanged] = useState(false);
  const [problem, setProblem] = useState('');
  const field = (key: keyof typeof given, text: string, more: object = {}) => (
    <Labelled text={text}>
      <input
        className="field font-normal"
        value={given[key]}
        onChange={(e) => setGiven((g) => ({ ...g, [key]: e.target.value }))}
        {...more}
      />
    </Labelled>
  );
  const unit = car?.odometer?.unit ?? 'km';
  const keep = () => {
    const [on, value] = [figureDay(given.on), groupedFigureOf(given.km)];
    if (on === 'bad') return setProblem(`“${given.on}” is no day such as 1987-06-30.`);
    if (value === 'bad' || (value !== null && value < 0)) return setProblem(`“${given.km}” is no reading.`);
    if (on === null && value !== null) return setProblem('A reading needs its day.');
    if (on === null && given.owner.trim() === '' && given.says.trim() === '')
      return setProblem('Say of which day it is, or what it says.');
    const put = store.put([
      {
        kind: 'paper',
        body: {
          sort,
          seen,
          on,
          odometer: value === null ? null : { value, unit },
          changed,
          owner: given.owner.trim(),
          says: given.says.trim(),
          at: new Date().toISOString(),
        },
      },
    ]);
    setProblem(put.ok ? '' : put.message);
    if (!put.ok) return;
    setGiven({ on: '', km: '', owner: '', says: '' });
    setChanged(false);
  };
  return (
    <details className="border border-line p-3">
      <summary className="cursor-pointer py-1 font-semibold">Add a paper</summary>
      <div className="mt-2 grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          <Choice name="What" words={PAPER_WORDS} value={sort} onChange={(s) => s && setSort(s)} />
          <Choice name="Seen" words={PAPER_SEEN_WORDS} value={seen} onChange={(s) => s && setSeen(s)} />
          {field('on', 'Of which day', { placeholder: '1987-06-30' })}
          {field('km', `Odometer, ${unit}`, { inputMode: 'decimal' })}
          {field('owner', 'Owner it names', { maxLength: 80 })}
          {field('says', 'What it says', { maxLength: 500 })}
        </div>
        <label className="flex min-h-11 items-center gap-2 text-sm">
          <input type="checkbox" className="size-5" checked={changed} onChange={(e) => setChanged(e.target.checked)} />
          It says that the odometer was changed or set then
        </label>
        <button type="button" className="btn btn-main min-h-12" onClick={keep}>
          Keep the paper
        </button>
        {problem && <p role="alert">{problem}</p>}
      </div>
    </details>
  );
}

function KeeperForm() {
  const { store } = useLot();
  const [given, setGiven] = useState({ who: '', from: '', to: '', place: '' });
  const [storage, setStorage] = useState<Storage>('unknown');
  const [by, setBy] = useState<'paper' | 'told'>('told');
  const [problem, setProblem] = useState('');
  const field = (key: keyof typeof given, text: string, placeholder = '') => (
    <Labelled text={text}>
      <input
        className="field font-normal"
        placeholder={placeholder}
        value={given[key]}
        onChange={(e) => setGiven((g) => ({ ...g, [key]: e.target.value }))}
      />
    </Labelled>
  );
  const keep = () => {
    const [from, to] = [figureDay(given.from), figureDay(given.to)];
    if (from === 'bad' || to === 'bad') return setProblem('Days are such as 1967-04-12, or a year alone.');
    if (given.who.trim() === '') return setProblem('Say who, by a name or an alias.');
    const body = {
      who: given.who.trim(),
      from,
      to,
      place: given.place.trim(),
      storage,
      by,
      at: new Date().toISOString(),
    };
    const put = store.put([{ kind: 'keeper', body }]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) setGiven({ who: '', from: given.to, to: '', place: '' });
  };
  return (
    <details className="border border-line p-3">
      <summary className="cursor-pointer py-1 font-semibold">Add a keeper</summary>
      <div className="mt-2 grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          {field('who', 'Who', 'first owner')}
          {field('place', 'Where')}
          {field('from', 'From', '1967')}
          {field('to', 'To', 'open: until now')}
          <Choice name="How it stood" words={STORAGE_WORDS} value={storage} onChange={(s) => s && setStorage(s)} />
          <Choice
            name="Known by"
            words={{ paper: 'a paper', told: 'being told' }}
            value={by}
            onChange={(b) => b && setBy(b)}
          />
        </div>
        <button type="button" className="btn btn-main min-h-12" onClick={keep}>
          Keep the keeper
        </button>
        {problem && <p role="alert">{problem}</p>}
      </div>
    </details>
  );
}
