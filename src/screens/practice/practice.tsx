'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { FoilRead } from '@/core/agreement/house';
import { COURSE } from '@/core/practice/course';
import type { Character } from '@/core/practice/practice-car';
import type { PracticeRow } from '@/core/practice/practice-row';
import { askServer } from '@/ui/ask-server';
import { Labelled } from '@/ui/parts/labelled';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { useHere } from '@/ui/use-here';
import { dayText } from '@/words/dates';
import { GaugesAgree } from './gauges-agree';
import { HouseAgrees } from './house-agrees';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Begins something on the server and opens the lot that it gives. */
function useBegin() {
  const router = useRouter();
  const here = useHere();
  const [busy, setBusy] = useState(false);
  const begin = async (path: string, body: object, open: boolean) => {
    setBusy(true);
    const answer = await askServer(path, 'POST', body);
    if (answer.ok && open) return router.push(`/lots/${answer.body.lotId}/walk`);
    setBusy(false);
    if (!answer.ok) toast(answer.message);
    else router.refresh();
  };
  return { busy: busy || !here, begin };
}

/** The course of practice cars, second looks at real ones, and how far the house's inspectors agree. */
export function Practice({
  me,
  rows,
  lots,
  inspectors,
  manages,
  foils,
}: {
  me: Named;
  manages: boolean;
  /** What the house's gauges read of their foils. */
  foils: readonly FoilRead[];
  rows: readonly PracticeRow[];
  /** Lots that may be looked at a second time, for whoever may ask for it. */
  lots: readonly { readonly id: string; readonly says: string }[];
  inspectors: readonly Named[];
}) {
  const seconds = rows.filter((r) => r.kind === 'second');
  return (
    <PlainPage
      title="Practice"
      about="Made cars whose truth is known, and second looks at real ones. Nothing of it goes out."
      menu={<ReaderMenu compact />}
    >
      <Course me={me} rows={rows} />
      <People rows={rows} me={me} />
      <Seconds rows={seconds} me={me} lots={lots} inspectors={inspectors} />
      <HouseAgrees rows={seconds} manages={manages} />
      <GaugesAgree rows={seconds} foils={foils} />
    </PlainPage>
  );
}

const SELLER: Readonly<Record<Character, string>> = {
  honest: 'an honest seller',
  hopeful: 'a hopeful seller',
  hiding: 'a seller who hides',
};
const scoreText = (score: number | null) => (score === null ? '–' : `${Math.round(100 * score)} %`);
const scoreOf = (r: PracticeRow) => (r.outcome?.kind === 'car' ? r.outcome.debrief.score : null);

function Course({ me, rows }: { me: Named; rows: readonly PracticeRow[] }) {
  const { busy, begin } = useBegin();
  const own = rows.filter((r) => r.kind === 'car' && r.person.id === me.id);
  const firstNew = COURSE.find((c) => !own.some((r) => r.course === c.number && r.closedAt));
  return (
    <section aria-label="The course" className="grid gap-2">
      <h2 className="text-lg font-bold">The course</h2>
      <p className="text-sm text-soft">
        Twelve cars, from easy to hard, each made anew for each try. What is scored is how much was found of what a
        bidder would mind.
      </p>
      <ol className="grid gap-px border border-line bg-line">
        {COURSE.map((c) => {
          const tries = own.filter((r) => r.course === c.number);
          const open = tries.find((r) => !r.closedAt);
          const done = tries.filter((r) => r.closedAt);
          return (
            <li key={c.number} className="flex flex-wrap items-center gap-x-3 gap-y-1 bg-card px-3 py-2">
              <span className="figure w-7 text-lg font-semibold">{c.number}</span>
              <span className="min-w-40 flex-1">
                <strong className="font-semibold">{c.teaches}</strong>
                <span className="block text-sm text-soft">
                  {c.minutes} minutes · {c.ageYears} years old · {SELLER[c.seller]}
                </span>
              </span>
              <span className="flex flex-wrap gap-2 text-sm">
                {done.slice(0, 3).map((r) => (
                  <a key={r.lotId} href={`/practice/${r.lotId}`} className="underline underline-offset-4">
                    <span className="figure">{scoreText(scoreOf(r))}</span> on {dayText(r.startedAt)}
                  </a>
                ))}
              </span>
              {open ? (
                <a href={`/lots/${open.lotId}/walk`} className="btn btn-small btn-main">
                  Go on
                </a>
              ) : (
                <button
                  type="button"
                  className={`btn btn-small ${c === firstNew ? 'btn-main' : ''}`}
                  disabled={busy}
                  aria-label={`Begin car ${c.number}: ${c.teaches}`}
                  onClick={() => void begin('/api/v1/practice', { car: c.number }, true)}
                >
                  {done.length > 0 ? 'Again' : 'Begin'}
                </button>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** How far each person is, for whoever manages. */
function People({ rows, me }: { rows: readonly PracticeRow[]; me: Named }) {
  const cars = rows.filter((r) => r.kind === 'car' && r.closedAt);
  const people = [...new Map(cars.map((r) => [r.person.id, r.person])).values()];
  if (people.length === 0 || (people.length === 1 && people[0]!.id === me.id)) return null;
  return (
    <section aria-label="How far each is" className="grid gap-2">
      <h2 className="text-lg font-bold">How far each is</h2>
      <ul className="divide-y divide-line border-y border-line">
        {people.map((p) => {
          const own = cars.filter((r) => r.person.id === p.id);
          const last = own[0]!;
          return (
            <li key={p.id} className="flex flex-wrap items-baseline gap-x-3 py-2">
              <strong className="min-w-40 flex-1 font-semibold">{p.name}</strong>
              <span className="text-sm">
                {new Set(own.map((r) => r.course)).size} of {COURSE.length} cars; last{' '}
                <a href={`/practice/${last.lotId}`} className="underline underline-offset-4">
                  car {last.course}, <span className="figure">{scoreText(scoreOf(last))}</span>
                </a>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function Seconds({
  rows,
  me,
  lots,
  inspectors,
}: {
  rows: readonly PracticeRow[];
  me: Named;
  lots: readonly { readonly id: string; readonly says: string }[];
  inspectors: readonly Named[];
}) {
  const { busy, begin } = useBegin();
  const [lot, setLot] = useState('');
  const [person, setPerson] = useState('');
  return (
    <section aria-label="Second looks" className="grid gap-2">
      <h2 className="text-lg font-bold">Second looks</h2>
      <p className="text-sm text-soft">
        A second inspector looks at a real car without seeing what is on record. Once it is closed, both are set side by
        side.
      </p>
      {rows.length > 0 && (
        <ul className="divide-y divide-line border-y border-line">
          {rows.map((r) => (
            <li key={r.lotId} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
              <span className="min-w-40 flex-1">
                <strong className="font-semibold">{r.title}</strong>{' '}
                <span className="text-sm text-soft">
                  by {r.person.name}, {dayText(r.startedAt)}
                </span>
              </span>
              {r.closedAt ? (
                <a href={`/practice/${r.lotId}`} className="btn btn-small">
                  Compare
                </a>
              ) : r.person.id === me.id ? (
                <a href={`/lots/${r.lotId}/walk`} className="btn btn-small btn-main">
                  Go on
                </a>
              ) : (
                <span className="text-sm">under way</span>
              )}
            </li>
          ))}
        </ul>
      )}
      {lots.length > 0 && (
        <form
          className="sheet grid items-end gap-3 p-4 sm:grid-cols-[1.4fr_1fr_auto]"
          onSubmit={(e) => {
            e.preventDefault();
            void begin(`/api/v1/lots/${lot}/second`, { person }, person === me.id);
          }}
        >
          <Labelled text="Lot">
            <select className="field font-normal" value={lot} required onChange={(e) => setLot(e.target.value)}>
              <option value="">choose</option>
              {lots.map((l) => (
                <option key={l.id} value={l.id}>
                  {l.says}
                </option>
              ))}
            </select>
          </Labelled>
          <Labelled text="Who looks">
            <select className="field font-normal" value={person} required onChange={(e) => setPerson(e.target.value)}>
              <option value="">choose</option>
              {inspectors.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </select>
          </Labelled>
          <button type="submit" className="btn btn-main" disabled={busy}>
            Ask for it
          </button>
        </form>
      )}
      {rows.length === 0 && lots.length === 0 && (
        <p className="text-sm">None yet. A manager of the house asks for one.</p>
      )}
    </section>
  );
}
