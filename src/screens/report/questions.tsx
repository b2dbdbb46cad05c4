'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { z } from 'zod';
import { planOfCar } from '@/core/body/plan';
import type { AnyRecord } from '@/core/kinds';
import { numberedFindings } from '@/report/numbered';
import { useWording } from '@/ui/preferences';
import { useCar, useLot, useStored } from '@/ui/records/inspection';
import { type LotQuestion, questionSchema, useQuestions } from '@/ui/records/use-questions';
import { dayText } from '@/words/dates';
import { plural } from '@/words/plural';
import { aboutText } from '@/words/questions';
import type { Wording } from '@/words/vocabulary';
import { ShownWith, showable } from './shown-with';

type Question = LotQuestion;

const MAIL_SAYS: Readonly<Record<string, string>> = {
  sent: 'Answered, and sent by mail.',
  failed: 'Answered. The mail could not be sent.',
  off: 'Answered. This server sends no mail.',
};

/** What bidders ask about this lot, and the answers; nothing where nobody asked. */
export function Questions() {
  const { facts } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const [list, kept] = useQuestions(facts.lot.id);
  const records = useStored((s) => s.records);
  if (list.length === 0) return null;
  const plan = planOfCar(car);
  const numbers = new Map(
    plan ? numberedFindings([...records.values()], plan).map((f) => [f.record.id, f.number]) : [],
  );
  const open = list.filter((q) => q.answer === null).length;
  return (
    <section aria-label="Questions" className="grid gap-2">
      <h2 className="text-lg font-bold">
        {open > 0 ? plural(open, 'question waits', 'questions wait') : 'Questions, all answered'}
      </h2>
      <ul className="grid gap-3">
        {list.map((q) => (
          <li key={q.id} className="grid gap-1 border-l-4 border-ink/40 pl-3 text-sm">
            <p>
              <strong>{q.asker || 'Somebody'}</strong>, {dayText(q.askedAt, facts.sale.timeZone)}, about{' '}
              {aboutText(q, (id) => numbers.get(id) ?? null, wording)}: “{q.text}”
            </p>
            {q.answer !== null && (
              <p>
                {q.answer}{' '}
                <span className="text-soft">
                  {q.answeredBy}, {q.toAll ? 'to all' : 'to whoever asked'}
                  {q.shows.length > 0 && `, with ${plural(q.shows.length, 'entry', 'entries')}`}
                </span>
              </p>
            )}
            {facts.role !== 'viewer' && facts.role !== 'consignor' && q.answer === null && (
              <Answer question={q} kept={kept} records={records} wording={wording} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Answer({
  question: q,
  kept,
  records,
  wording,
}: {
  question: Question;
  kept: (q: Question) => void;
  records: ReadonlyMap<string, AnyRecord>;
  wording: Wording;
}) {
  const [text, setText] = useState('');
  const [toAll, setToAll] = useState(true);
  const [shows, setShows] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const send = async () => {
    setBusy(true);
    const answer = await fetch(`/api/v1/questions/${q.id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ answer: text, toAll, shows }),
    }).catch(() => null);
    const read = answer?.ok
      ? z.object({ question: questionSchema, mail: z.string() }).safeParse(await answer.json())
      : null;
    setBusy(false);
    if (!read?.success)
      return void toast('The answer did not arrive. It stays here: send it again when you are connected.');
    kept(read.data.question);
    toast(MAIL_SAYS[read.data.mail] ?? 'Answered.');
  };
  return (
    <div className="grid gap-1.5">
      <label className="grid gap-1">
        <span className="sr-only">Answer to “{q.text}”</span>
        <textarea
          className="field min-h-20 py-2"
          maxLength={4000}
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder="In the house’s words. What changes facts goes into the records, and into the next revision."
        />
      </label>
      <ShownWith list={showable([...records.values()], q)} chosen={shows} choose={setShows} wording={wording} />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-thread"
          checked={toAll}
          onChange={(e) => setToAll(e.target.checked)}
        />
        To all who have the report
      </label>
      <button
        type="button"
        className="btn btn-small justify-self-start"
        disabled={busy || text.trim() === ''}
        onClick={() => void send()}
      >
        Answer
      </button>
    </div>
  );
}
