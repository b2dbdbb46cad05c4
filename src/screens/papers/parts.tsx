'use client';

import { useState } from 'react';
import {
  MAJOR_PART_IDS,
  type MajorPart,
  SYSTEMS,
  type WORK_EXTENTS,
  type WORK_QUALITIES,
  WORK_SIGNS,
  type WorkSign,
  type WorkSystem,
} from '@/core/catalogue/papers';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';
import { choicesOf, Keys, toggled } from '@/ui/parts/choice-keys';
import { Choice, Labelled } from '@/ui/parts/labelled';
import { RecordLine } from '@/ui/parts/record-line';
import { usePreferences } from '@/ui/preferences';
import { useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import {
  majorPart,
  PART_STATE_WORDS,
  partText,
  REVERSIBLE_WORDS,
  restoredText,
  SYSTEM_WORDS,
  WORK_EXTENT_WORDS,
  WORK_QUALITY_WORDS,
  WORK_SIGN_WORDS,
} from '@/words/papers';

/** What each major part is to this car, what was added, and what was restored. */
export function Parts() {
  const { mayEdit } = useLot();
  const parts = useRecords('part');
  const { words } = usePreferences().preferences;
  const [open, setOpen] = useState<MajorPart | null>(null);
  const own = new Map(parts.flatMap((p) => (p.body.part ? [[p.body.part, p] as const] : [])));
  const additions = parts.filter((p) => p.body.part === null);
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Parts">
      <h2 className="text-lg font-bold">
        Parts{' '}
        <span className="figure text-sm font-normal text-soft">
          {own.size} of {MAJOR_PART_IDS.length} said
        </span>
      </h2>
      <ul className="grid gap-1">
        {MAJOR_PART_IDS.map((id) => {
          const record = own.get(id);
          return (
            <li
              key={id}
              className={`border px-2 text-sm ${record ? 'border-line bg-wash' : 'border-dashed border-ink/60'}`}
            >
              <button
                type="button"
                className="flex min-h-11 w-full items-center justify-between gap-2 text-left"
                disabled={!mayEdit}
                aria-expanded={open === id}
                onClick={() => setOpen(open === id ? null : id)}
              >
                <span>{capital(majorPart(id, words))}</span>
                <span className={record ? 'font-semibold' : 'text-soft'}>
                  {record ? partText(record.body) : 'not said'}
                </span>
              </button>
              {open === id && <PartKeys part={id} record={record ?? null} />}
            </li>
          );
        })}
      </ul>
      <h3 className="text-sm font-bold">Added to it</h3>
      {additions.length === 0 && <p className="text-sm text-soft">Nothing was entered as added.</p>}
      <ul>
        {additions.map(({ id, body }) => (
          <RecordLine key={id} id={id} name={body.what}>
            <strong>{capital(body.what)}</strong>: {partText(body)}
          </RecordLine>
        ))}
      </ul>
      {mayEdit && <AddAddition />}
      <Restored />
    </section>
  );
}

function PartKeys({ part, record }: { part: MajorPart; record: StoredRecord<'part'> | null }) {
  const { store } = useLot();
  const [problem, setProblem] = useState('');
  const put = (change: Partial<BodyOf<'part'>>) => {
    const done = store.put([
      {
        kind: 'part',
        ...(record && { id: record.id }),
        body: { state: 'unknown', ...record?.body, part, ...change, at: new Date().toISOString() },
      },
    ]);
    setProblem(done.ok ? '' : done.message);
  };
  return (
    <div className="grid gap-2 pb-2">
      <Keys
        legend="What it is"
        choices={choicesOf(PART_STATE_WORDS)}
        held={record?.body.state ?? null}
        onSay={(state) => put({ state })}
      />
      {record && (record.body.state === 'modified' || record.body.state === 'missing') && (
        <Keys
          legend="Undone"
          choices={[
            ['yes', REVERSIBLE_WORDS.yes],
            ['no', REVERSIBLE_WORDS.no],
          ]}
          held={record.body.reversible}
          onSay={(reversible) => put({ reversible })}
        />
      )}
      {record && (
        <Labelled text="What shows it">
          <input
            className="field font-normal"
            maxLength={500}
            defaultValue={record.body.note}
            onBlur={(e) => e.target.value !== record.body.note && put({ note: e.target.value })}
          />
        </Labelled>
      )}
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}

function AddAddition() {
  const { store } = useLot();
  const [what, setWhat] = useState('');
  const [problem, setProblem] = useState('');
  const add = (works: 'yes' | 'no' | 'untried') => {
    if (what.trim() === '') return setProblem('Say what was added.');
    const body = { part: null, what: what.trim(), state: 'modified', works, at: new Date().toISOString() };
    const put = store.put([{ kind: 'part', body }]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) setWhat('');
  };
  return (
    <div className="grid gap-2">
      <Labelled text="What was added">
        <input
          className="field font-normal"
          placeholder="tow hitch"
          maxLength={120}
          value={what}
          onChange={(e) => setWhat(e.target.value)}
        />
      </Labelled>
      <Keys
        legend="Does it work?"
        choices={choicesOf({ yes: 'Works', no: 'Does not work', untried: 'Not tried' } as const)}
        held={null}
        onSay={add}
      />
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}

function Restored() {
  const { mayEdit } = useLot();
  const works = useRecords('restored');
  return (
    <>
      <h3 className="text-sm font-bold">Restored</h3>
      {works.length === 0 && <p className="text-sm text-soft">No work of a restoration is entered.</p>}
      <ul>
        {works.map(({ id, body }) => (
          <RecordLine key={id} id={id} name={SYSTEM_WORDS[body.system]}>
            {capital(restoredText(body))}
          </RecordLine>
        ))}
      </ul>
      {mayEdit && <RestoredForm />}
    </>
  );
}

function RestoredForm() {
  const { store } = useLot();
  const [system, setSystem] = useState<WorkSystem>(SYSTEMS[0]);
  const [extent, setExtent] = useState<(typeof WORK_EXTENTS)[number] | ''>('');
  const [quality, setQuality] = useState<(typeof WORK_QUALITIES)[number] | ''>('');
  const [signs, setSigns] = useState<readonly WorkSign[]>([]);
  const [papers, setPapers] = useState(false);
  const [matured, setMatured] = useState(false);
  const [given, setGiven] = useState({ from: '', to: '', by: '' });
  const [problem, setProblem] = useState('');
  const keep = () => {
    const [fromYear, toYear] = [figureOf(given.from), figureOf(given.to)];
    if (fromYear === 'bad' || toYear === 'bad') return setProblem('Years are numbers such as 1988.');
    const body = {
      system,
      fromYear,
      toYear,
      by: given.by.trim(),
      extent: extent || null,
      quality: quality || null,
      papers,
      matured: matured || null,
      signs: [...signs],
      at: new Date().toISOString(),
    };
    const put = store.put([{ kind: 'restored', body }]);
    setProblem(put.ok ? '' : put.message);
    if (!put.ok) return;
    setGiven({ from: '', to: '', by: '' });
    setSigns([]);
  };
  const field = (key: keyof typeof given, text: string) => (
    <Labelled text={text}>
      <input
        className="field font-normal"
        value={given[key]}
        onChange={(e) => setGiven((g) => ({ ...g, [key]: e.target.value }))}
      />
    </Labelled>
  );
  const tick = (text: string, held: boolean, set: (v: boolean) => void) => (
    <label className="flex min-h-11 items-center gap-2 text-sm">
      <input type="checkbox" className="size-5" checked={held} onChange={(e) => set(e.target.checked)} />
      {text}
    </label>
  );
  return (
    <details className="border border-line p-3">
      <summary className="cursor-pointer py-1 font-semibold">Add work of a restoration</summary>
      <div className="mt-2 grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          <Choice name="On what" words={SYSTEM_WORDS} value={system} onChange={(s) => s && setSystem(s)} />
          <Choice name="How far" words={WORK_EXTENT_WORDS} value={extent} empty="not known" onChange={setExtent} />
          {field('from', 'From, year')}
          {field('to', 'To, year')}
          {field('by', 'By whom')}
          <Choice
            name="How good now"
            words={WORK_QUALITY_WORDS}
            value={quality}
            empty="not judged"
            onChange={setQuality}
          />
        </div>
        {tick('Bills or photographs of it were seen', papers, setPapers)}
        {tick('It has matured: neither new nor original', matured, setMatured)}
        <Keys
          legend="What shows how it was done"
          choices={WORK_SIGNS.map((s) => [s, WORK_SIGN_WORDS[s]] as const)}
          held={signs}
          onSay={(s) => setSigns((all) => toggled(all, s))}
        />
        <button type="button" className="btn btn-main min-h-12" onClick={keep}>
          Keep the work
        </button>
        {problem && <p role="alert">{problem}</p>}
      </div>
    </details>
  );
}
