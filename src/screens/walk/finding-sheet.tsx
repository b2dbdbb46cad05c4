'use client';

import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import type { Zone } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { FLAWS } from '@/core/catalogue/flaws/catalogue';
import { FAMILIES } from '@/core/catalogue/flaws/flaw';
import { scalePartOf } from '@/core/catalogue/flaws/iso4628';
import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import type { StoredRecord } from '@/core/kinds';
import { EVIDENCE, type Evidence } from '@/core/kinds/common';
import { figureOf } from '@/core/units/figure';
import { PinHead } from '@/ui/glyphs';
import { Modal } from '@/ui/parts/modal';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { EDGES, edgeText, flawAnswersTo, flawCause, flawName } from '@/words/flaws';
import { FAMILY_WORDS } from '@/words/terms';
import { zoneName } from '@/words/zones';
import { PhotoDrop } from './photo-drop';
import { type Graded, ScaleField } from './scale-field';

interface Given {
  count: number;
  sizeMm: string;
  share: string;
  where: string;
  visibleFromM: string;
  evidence: Evidence;
  touchedIn: boolean;
  note: string;
  withheld: string;
}

/** A place along an edge being typed: what is no figure yet says nothing. */
const numberOrNull = (text: string) => {
  const value = figureOf(text);
  return value === 'bad' ? null : value;
};

/** Enters or corrects a finding with buttons and fields, for who does not type it in the entry line. */
export function FindingSheet({
  zone,
  finding,
  place,
  onClose,
}: {
  zone: Zone;
  finding: StoredRecord<'finding'> | null;
  place: { uMm: number; vMm: number } | null;
  onClose: () => void;
}) {
  const { store, car } = useInspection();
  const [upon] = useState(finding?.version);
  const { words } = usePreferences().preferences;
  const wording = useWording(car?.steering);
  const [flaw, setFlaw] = useState<string | null>(finding?.body.flaw ?? null);
  const [graded, setGraded] = useState<Graded | null>(finding?.body.iso4628 ?? null);
  const part = flaw === null ? null : scalePartOf(flaw);
  const [search, setSearch] = useState('');
  const [problem, setProblem] = useState('');
  const b = finding?.body;
  const { register, handleSubmit, setValue } = useForm<Given>({
    defaultValues: {
      count: b?.count ?? 1,
      sizeMm: b?.sizeMm?.toString() ?? '',
      share: b?.share ? String(b.share * 100) : '',
      where: b?.where ?? '',
      visibleFromM: b?.visibleFromM?.toString() ?? '',
      evidence: b?.evidence ?? 'seen',
      touchedIn: b?.touchedIn ?? false,
      note: b?.note ?? '',
      withheld: b?.withheld ?? '',
    },
  });
  const offered = useMemo(() => {
    const fits = FLAWS.filter((f) => f.aspects.some((a) => zone.aspects.includes(a)));
    const asked = search.trim().toLowerCase();
    return asked === '' ? fits : FLAWS.filter((f) => f.id !== OWN_WORDS && flawAnswersTo(f.id, asked, words));
  }, [zone, search, words]);
  const submit = handleSubmit((given) => {
    if (!flaw) return setProblem('Choose what it is first.');
    const figures = {
      sizeMm: figureOf(given.sizeMm),
      share: figureOf(given.share),
      visibleFromM: figureOf(given.visibleFromM),
    };
    const bad = (Object.keys(figures) as (keyof typeof figures)[]).find((k) => figures[k] === 'bad');
    if (bad) return setProblem(`“${given[bad]}” is no number.`);
    const share = figures.share as number | null;
    const body = {
      ...b,
      zone: zone.slug,
      flaw,
      count: given.count,
      sizeMm: figures.sizeMm,
      share: share === null ? null : share / 100,
      iso4628: part ? graded : null,
      where: given.where,
      visibleFromM: figures.visibleFromM,
      evidence: given.evidence,
      touchedIn: given.touchedIn,
      note: given.note,
      withheld: given.withheld.trim() || null,
      place: b?.place ?? place,
      at: b?.at ?? new Date().toISOString(),
    };
    const result = store.put([{ kind: 'finding', body, ...(finding && { id: finding.id, upon: upon! }) }]);
    if (result.ok) onClose();
    else setProblem(result.message);
  });
  return (
    <Modal title={`${finding ? 'Correct' : 'Finding'}: ${zoneName(zone.slug, wording)}`} onClose={onClose} wide>
      <form onSubmit={submit} className="grid gap-4">
        {flaw === null ? (
          <div className="grid gap-3">
            <input
              className="field"
              placeholder="Search all flaws"
              aria-label="Search flaws"
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
            {offered.length === 0 && <p>Nothing in the list says “{search.trim()}”.</p>}
            {FAMILIES.map((family) => {
              const own = offered.filter((f) => f.family === family);
              if (own.length === 0) return null;
              return (
                <div key={family}>
                  <h3 className="mb-1 flex items-center gap-2 text-sm font-bold">
                    <PinHead family={family} severity={0.5} /> {FAMILY_WORDS[family]}
                  </h3>
                  <div className="flex flex-wrap gap-1.5">
                    {own.map((f) => (
                      <button
                        key={f.id}
                        type="button"
                        className="btn btn-small min-h-11 font-medium"
                        onClick={() => setFlaw(f.id)}
                      >
                        {flawName(f.id, words)}
                      </button>
                    ))}
                  </div>
                </div>
              );
            })}
            <button
              type="button"
              className="btn justify-self-start"
              onClick={() => {
                setFlaw(OWN_WORDS);
                if (search.trim() !== '') setValue('note', search.trim());
              }}
            >
              {search.trim() === '' ? 'Something else, in own words' : `Keep “${search.trim()}” in own words`}
            </button>
          </div>
        ) : flaw === OWN_WORDS ? (
          <>
            <div className="flex flex-wrap items-center gap-3 border-b border-line pb-3">
              <strong className="text-lg">In own words</strong>
              <span className="text-sm text-soft">printed as written, marked as such; it judges nothing</span>
              <button type="button" className="btn btn-small ml-auto" onClick={() => setFlaw(null)}>
                Another
              </button>
            </div>
            <Labelled text="What is it?">
              <textarea className="field py-2" rows={3} {...register('note')} />
            </Labelled>
            <Labelled text="Where on it">
              <input className="field" placeholder="leading edge" {...register('where')} />
            </Labelled>
            <Labelled text="Known how">
              <select className="field" {...register('evidence')}>
                {EVIDENCE.map((e) => (
                  <option key={e}>{e}</option>
                ))}
              </select>
            </Labelled>
          </>
        ) : (
          <>
            <div className="flex flex-wrap items-center gap-3 border-b border-line pb-3">
              <strong className="text-lg first-letter:uppercase">{flawName(flaw, words)}</strong>
              <span className="text-sm text-soft">usually: {flawCause(flaw, words) || 'various'}</span>
              <button type="button" className="btn btn-small ml-auto" onClick={() => setFlaw(null)}>
                Another
              </button>
            </div>
            <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
              <Labelled text={flawById(flaw).perDm2 ? 'In 10 × 10 cm' : 'Count'}>
                <input type="number" min={1} className="field figure" {...register('count', { valueAsNumber: true })} />
              </Labelled>
              <Labelled text="Size, mm">
                <input inputMode="decimal" className="field figure" {...register('sizeMm')} />
              </Labelled>
              <Labelled text="Share, %">
                <input inputMode="decimal" className="field figure" {...register('share')} />
              </Labelled>
              <Labelled text="Seen from, m">
                <input inputMode="decimal" className="field figure" {...register('visibleFromM')} />
              </Labelled>
            </div>
            {part && <ScaleField part={part} value={graded} onChange={setGraded} />}
            <AlongEdge onSay={(where) => setValue('where', where)} />
            <Labelled text="Where on it">
              <input className="field" placeholder="leading edge" {...register('where')} />
            </Labelled>
            <div className="grid gap-3 sm:grid-cols-2">
              <Labelled text="Known how">
                <select className="field" {...register('evidence')}>
                  {EVIDENCE.map((e) => (
                    <option key={e}>{e}</option>
                  ))}
                </select>
              </Labelled>
              <label className="flex min-h-11 items-center gap-2 self-end">
                <input type="checkbox" className="size-5 accent-thread" {...register('touchedIn')} /> touched in
              </label>
            </div>
            <Labelled text="Note">
              <textarea className="field py-2" rows={2} {...register('note')} />
            </Labelled>
            <details>
              <summary className="min-h-11 content-center text-sm font-semibold">Leave out of the report</summary>
              <Labelled text="Reason, counted in the report">
                <input className="field" placeholder="withheld by the consignor" {...register('withheld')} />
              </Labelled>
            </details>
          </>
        )}
        {finding && <PhotoDrop zone={zone.slug} finding={finding.id} />}
        {problem && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem}
          </p>
        )}
        {flaw !== null && (
          <button type="submit" className="btn btn-main">
            {finding ? 'Keep correction' : 'Add finding'}
          </button>
        )}
      </form>
    </Modal>
  );
}

function Labelled({ text, children }: { text: string; children: React.ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="grid gap-1 text-sm font-semibold">
      {text}
      {children}
    </label>
  );
}

/** Writes a place along an edge always in the same words: which edge, from where to where, measured from which end. */
function AlongEdge({ onSay }: { onSay: (where: string) => void }) {
  const [edge, setEdge] = useState('');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const say = (e: string, f: string, t: string) => {
    setEdge(e);
    setFrom(f);
    setTo(t);
    const known = EDGES.find((x) => x === e);
    if (known) onSay(edgeText(known, numberOrNull(f), numberOrNull(t)));
  };
  return (
    <div className="grid grid-cols-3 gap-3">
      <Labelled text="Along an edge">
        <select className="field font-normal" value={edge} onChange={(e) => say(e.target.value, from, to)}>
          <option value="">no</option>
          {EDGES.map((e) => (
            <option key={e}>{e}</option>
          ))}
        </select>
      </Labelled>
      <Labelled text="From, mm">
        <input
          className="field figure"
          inputMode="numeric"
          value={from}
          disabled={edge === ''}
          onChange={(e) => say(edge, e.target.value, to)}
        />
      </Labelled>
      <Labelled text="To, mm">
        <input
          className="field figure"
          inputMode="numeric"
          value={to}
          disabled={edge === ''}
          onChange={(e) => say(edge, from, e.target.value)}
        />
      </Labelled>
    </div>
  );
}
