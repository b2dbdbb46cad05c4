'use client';

import { useState } from 'react';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';
import { choicesOf, Keys, toggled } from '@/ui/parts/choice-keys';
import { useJudged, useLot, useRecords } from '@/ui/records/inspection';
import {
  BLOW_BY_WORDS,
  CATCH_WORDS,
  CHOKE_WORDS,
  COURSE_WORDS,
  CRANK_WORDS,
  NOISE_WORDS,
  SMOKE_WORDS,
  START_CAUTION,
  startSays,
  startText,
} from '@/words/running';
import { clockText, useAwake, useSince } from './run-clock';

type Start = BodyOf<'start'>;

/** The start of the engine as a run: before, cranking, catching, smoke, noises; each touch is kept at once. */
export function StartRun() {
  const { mayEdit } = useLot();
  const starts = useRecords('start');
  const judged = useJudged((j) => j.judgement?.running.starts ?? null);
  const [open, setOpen] = useState<string | null>(null);
  const current = starts.find((s) => s.id === open) ?? null;
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Start">
      <h2 className="text-lg font-bold">Start</h2>
      {starts.length > 0 && (
        <ul className="grid gap-1.5 text-sm">
          {starts.map((s) => (
            <li key={s.id} className="flex items-start gap-2 border-l-2 border-ink/50 pl-2">
              <span className="min-w-0 flex-1 first-letter:uppercase">{startText(s.body) || 'nothing noted yet'}</span>
              {mayEdit && s.id !== open && (
                <button type="button" className="btn btn-small" onClick={() => setOpen(s.id)}>
                  Go on
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      {judged && <Means />}
      {mayEdit && !current && <Begin first={starts.length === 0} onBegun={setOpen} />}
      {current && <Steps key={current.id} start={current} onDone={() => setOpen(null)} />}
    </section>
  );
}

/** What the starts say together. */
function Means() {
  const j = useJudged((x) => x.judgement?.running.starts ?? null);
  if (!j) return null;
  const says = startSays(j);
  if (says.length === 0) return null;
  return (
    <ul className="grid gap-1 text-sm">
      {says.map((s) => (
        <li key={s} className="bg-tape/40 px-2 py-1">
          {s}.
        </li>
      ))}
    </ul>
  );
}

function Begin({ first, onBegun }: { first: boolean; onBegun: (id: string) => void }) {
  const { store } = useLot();
  const [problem, setProblem] = useState('');
  const begin = (hot: boolean) => {
    const put = store.put([{ kind: 'start', body: { hot, at: new Date().toISOString() } }]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) onBegun(put.ids[0]!);
  };
  return (
    <div className="grid gap-2">
      <p className="border-l-4 border-pin pl-2 text-sm">{START_CAUTION}</p>
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="btn btn-main" onClick={() => begin(false)}>
          {first ? 'Begin the cold start' : 'Another cold start'}
        </button>
        <button type="button" className="btn" onClick={() => begin(true)}>
          Hot restart
        </button>
      </div>
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}

function Steps({ start, onDone }: { start: StoredRecord<'start'>; onDone: () => void }) {
  const { store } = useLot();
  const [problem, setProblem] = useState('');
  const b = start.body;
  const say = (change: Partial<Start>) => {
    const put = store.put([{ kind: 'start', id: start.id, body: { ...b, ...change } }]);
    setProblem(put.ok ? '' : put.message);
  };
  const either = <K extends keyof Start>(key: K, value: Start[K]) =>
    say({ [key]: b[key] === value ? null : value } as Partial<Start>);
  const running = b.turnedAt !== null;
  const since = useSince(b.turnedAt, running);
  useAwake(running);
  return (
    <div className="grid gap-3 border-2 border-ink p-3">
      {!running && !b.hot && <Before body={b} either={either} say={say} />}
      {!running ? (
        <button
          type="button"
          className="btn btn-main min-h-16 text-lg"
          onClick={() => say({ turnedAt: new Date().toISOString() })}
        >
          First turn of the key
        </button>
      ) : (
        <>
          <p className="flex items-baseline gap-2">
            <span className="figure text-3xl font-semibold" role="timer">
              {clockText(since)}
            </span>
            <span className="text-sm text-soft">since the first turn</span>
          </p>
          {!b.hot && (b.cold === null || b.floor === null) && (
            <p className="bg-tape/40 px-2 py-1 text-sm">
              What was not noted before the first turn cannot be had again today.
            </p>
          )}
          <Keys legend="Cranking" choices={choicesOf(CRANK_WORDS)} held={b.cranks} onSay={(v) => either('cranks', v)} />
          <Keys
            legend="Catching"
            choices={choicesOf(CATCH_WORDS)}
            held={b.catches}
            onSay={(v) => say({ catches: v, caughtAfterS: v === 'not' ? null : (b.caughtAfterS ?? since) })}
          />
          <Keys legend="Choke" choices={choicesOf(CHOKE_WORDS)} held={b.choke} onSay={(v) => either('choke', v)} />
          <Smoke body={b} say={say} />
          <Keys
            legend="Noises"
            choices={choicesOf(NOISE_WORDS)}
            held={b.noises}
            onSay={(v) => say({ noises: toggled(b.noises, v) })}
          />
          <Keys
            legend="At the filler cap"
            choices={choicesOf(BLOW_BY_WORDS)}
            held={b.blowBy}
            onSay={(v) => either('blowBy', v)}
          />
        </>
      )}
      {problem && <p role="alert">{problem}</p>}
      <button type="button" className="btn justify-self-start" onClick={onDone}>
        Done with the start
      </button>
    </div>
  );
}

function Before({
  body,
  either,
  say,
}: {
  body: Start;
  either: <K extends keyof Start>(key: K, value: Start[K]) => void;
  say: (change: Partial<Start>) => void;
}) {
  const [problem, setProblem] = useState('');
  return (
    <>
      <Keys
        legend="Hand on the engine"
        choices={[
          ['cold', 'Cold'],
          ['warm', 'Warm already'],
        ]}
        held={body.cold}
        onSay={(v) => either('cold', v)}
      />
      <Keys
        legend="Floor below"
        choices={[
          ['dry', 'Dry'],
          ['drips', 'Drips'],
        ]}
        held={body.floor}
        onSay={(v) => either('floor', v)}
      />
      <label className="grid max-w-40 gap-1 text-sm font-semibold">
        Hours since it ran
        <input
          className="field figure"
          inputMode="decimal"
          defaultValue={body.hoursSince ?? ''}
          onBlur={(e) => {
            const hours = figureOf(e.currentTarget.value);
            setProblem(hours === 'bad' ? `“${e.currentTarget.value}” is no number of hours; it was not kept.` : '');
            if (typeof hours === 'number') say({ hoursSince: hours });
          }}
        />
      </label>
      {problem && <p role="alert">{problem}</p>}
    </>
  );
}

/** Smoke by colour, then by its course. */
function Smoke({ body, say }: { body: Start; say: (change: Partial<Start>) => void }) {
  const colours = body.smoke.map((s) => s.colour);
  const last = body.smoke[body.smoke.length - 1];
  return (
    <>
      <Keys
        legend="Smoke"
        choices={choicesOf(SMOKE_WORDS)}
        held={colours}
        onSay={(colour) =>
          say({
            smoke: colours.includes(colour)
              ? body.smoke.filter((s) => s.colour !== colour)
              : colour === 'none'
                ? [{ colour, course: null }]
                : [...body.smoke.filter((s) => s.colour !== 'none'), { colour, course: null }],
          })
        }
      />
      {last && last.colour !== 'none' && (
        <Keys
          legend={`Course of the ${last.colour} smoke`}
          choices={choicesOf(COURSE_WORDS)}
          held={last.course}
          onSay={(course) => say({ smoke: [...body.smoke.slice(0, -1), { ...last, course }] })}
        />
      )}
    </>
  );
}
