'use client';

import { useState } from 'react';
import type { WeighedClaim } from '@/core/claims/model';
import { splitClaims } from '@/core/claims/split';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { Balance, MarkList } from '@/ui/papers/balance';
import { Labelled } from '@/ui/parts/labelled';
import { RecordLine } from '@/ui/parts/record-line';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useInspection, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { CLAIM_WORD_SAYS, CLAIM_WORD_WORDS, chanceText, reachText } from '@/words/claims';
import { CLAIM_WORDS, term } from '@/words/terms';
import { zoneWords } from '@/words/zones';

const NONE: readonly WeighedClaim[] = [];

/** What the seller says, each as a balance of what was found, with the look that would move it most. */
export function Claims() {
  const { mayClaim } = useInspection();
  const claims = useJudged((j) => j.judgement?.claims.all ?? NONE);
  return (
    <section className="grid gap-4 border-b border-line p-4" aria-label="Claims">
      <h2 className="text-lg font-bold">What the seller says, and how far it is borne out</h2>
      {claims.length === 0 && (
        <p className="text-sm text-soft">
          No claim is written down. Paste the seller’s text below: it is taken apart, and nothing is added to it.
        </p>
      )}
      {claims.map((c) => (
        <OneClaim key={c.record.id} claim={c} />
      ))}
      {claims.length > 0 && (
        <p className="text-xs text-soft">
          Even odds before anything was looked at; each mark makes a claim so many times likelier or less. A word, not a
          verdict: contradicted below 5 of 100, doubtful below 25, open to 75, supported above, well supported above 95.
        </p>
      )}
      {mayClaim && <Paste />}
      <HandMarks />
    </section>
  );
}

function OneClaim({ claim: c }: { claim: WeighedClaim }) {
  const { car, plan } = useCar();
  const { mayEdit } = useLot();
  const wording = useWording(car?.steering);
  const { kind, text, source } = c.record.body;
  const name = (zone: string) => (plan?.zones.has(zone) ? zoneWords(zone, wording) : zone.replaceAll(/[.-]/g, ' '));
  const sides = [c.marks.filter((m) => m.ratio < 1), c.marks.filter((m) => m.ratio > 1)] as const;
  const reach = reachText(c, kind, name);
  return (
    <article className="grid gap-2 border border-line p-3" aria-label={text}>
      <header className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h3 className="font-semibold">“{text}”</h3>
        <span className="text-xs text-soft">
          {source}, {term(CLAIM_WORDS, kind, wording.words)}
        </span>
      </header>
      <p className="text-lg font-bold">
        {capital(CLAIM_WORD_WORDS[c.word])}
        <span className="ml-2 text-sm font-normal text-soft">
          {CLAIM_WORD_SAYS[c.word]}
          {chanceText(c)}
        </span>
      </p>
      <Balance claim={c} />
      {c.marks.length > 0 && (
        <div className="grid gap-3 sm:grid-cols-2">
          {(['Against', 'For'] as const).map((side, i) => (
            <div key={side}>
              <h4 className="text-sm font-bold">{side}</h4>
              {sides[i]!.length > 0 ? (
                <MarkList marks={sides[i]!} place={(zone) => <ToWalk zone={zone}>{name(zone)}</ToWalk>} />
              ) : (
                <p className="text-sm text-soft">Nothing was found.</p>
              )}
            </div>
          ))}
        </div>
      )}
      {reach && <p className="border-l-2 border-ink pl-2 text-sm">{reach}</p>}
      {c.next[0] && (
        <p className="text-sm">
          <strong>Look next: </strong>
          {c.next.map((n) => n.says).join('; then ')}.
        </p>
      )}
      {c.paper && c.word !== 'well-supported' && (
        <p className="text-sm text-soft">Paper that would carry it: {c.paper}.</p>
      )}
      {mayEdit && <AddMark kind={kind} />}
    </article>
  );
}

/** What a look at the car or its papers showed, for this kind of claim. */
function AddMark({ kind }: { kind: WeighedClaim['record']['body']['kind'] }) {
  const { store, facts } = useLot();
  const [where, setWhere] = useState('');
  const [problem, setProblem] = useState('');
  const looks = Object.entries(facts.tables.claims.looks).filter(([, l]) => l.by === 'hand' && l.claims.includes(kind));
  if (looks.length === 0) return null;
  const say = (mark: string) => {
    const put = store.put([{ kind: 'proof', body: { mark, where: where.trim(), at: new Date().toISOString() } }]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) setWhere('');
  };
  return (
    <details>
      <summary className="cursor-pointer py-2 text-sm font-semibold">Say what you saw for or against it</summary>
      <div className="grid gap-2">
        <Labelled text="Where, if it matters">
          <input
            className="field font-normal"
            maxLength={160}
            value={where}
            onChange={(e) => setWhere(e.target.value)}
          />
        </Labelled>
        {looks.map(([id, l]) => (
          <fieldset key={id}>
            <legend className="mb-1 text-sm font-semibold">{capital(l.says)}</legend>
            <div className="grid gap-1.5">
              {Object.entries(l.marks).map(([mark, m]) => (
                <button
                  key={mark}
                  type="button"
                  className="btn min-h-12 justify-start px-3 text-left"
                  onClick={() => say(mark)}
                >
                  {capital(m.says)}
                </button>
              ))}
            </div>
          </fieldset>
        ))}
        {problem && <p role="alert">{problem}</p>}
      </div>
    </details>
  );
}

/** Marks that were entered by hand, to be taken out again; those that the table does not know say so. */
function HandMarks() {
  const { facts } = useLot();
  const proofs = useRecords('proof');
  if (proofs.length === 0) return null;
  const says = new Map(Object.values(facts.tables.claims.looks).flatMap((l) => Object.entries(l.marks)));
  return (
    <details>
      <summary className="cursor-pointer py-2 text-sm font-semibold">Marks entered by hand: {proofs.length}</summary>
      <ul>
        {proofs.map(({ id, body }) => (
          <RecordLine key={id} id={id} name={body.mark}>
            {capital(says.get(body.mark)?.says ?? `${body.mark}: not understood, the table does not have it`)}
            {body.where && `, ${body.where}`}
          </RecordLine>
        ))}
      </ul>
    </details>
  );
}

/** A listing or a letter, taken apart into what it claims; each is kept only when the person keeps it. */
function Paste() {
  const { store } = useInspection();
  const { words } = usePreferences().preferences;
  const [text, setText] = useState('');
  const [source, setSource] = useState('');
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [problem, setProblem] = useState('');
  const found = splitClaims(text);
  const keep = () => {
    const taken = found.filter((_, i) => !left.has(i));
    if (source.trim() === '') return setProblem('Say who says so: the seller, a listing and its year.');
    const saidAt = new Date().toISOString();
    const put = store.put(
      taken.map((c) => ({
        kind: 'claim' as const,
        body: { kind: c.kind, text: c.text.slice(0, 500), source: source.trim(), saidAt },
      })),
    );
    setProblem(put.ok ? '' : put.message);
    if (put.ok) setText('');
  };
  return (
    <div className="grid gap-2 border border-line p-3">
      <Labelled text="Text of the seller or of a listing">
        <textarea
          className="field min-h-24 font-normal"
          maxLength={8000}
          value={text}
          onChange={(e) => {
            setText(e.target.value);
            setLeft(new Set());
          }}
        />
      </Labelled>
      {text.trim() !== '' && (
        <>
          {found.length === 0 ? (
            <p className="text-sm">Nothing in it claims anything that could be looked at.</p>
          ) : (
            <ul className="grid gap-1" aria-label="Claims in the text">
              {found.map((c, i) => (
                <li key={`${c.kind} ${c.text}`}>
                  <label className="flex min-h-11 items-center gap-2 text-sm">
                    <input
                      type="checkbox"
                      className="size-5"
                      checked={!left.has(i)}
                      onChange={() =>
                        setLeft((l) => (l.has(i) ? new Set([...l].filter((x) => x !== i)) : new Set([...l, i])))
                      }
                    />
                    <span>
                      “{c.text}” <span className="text-soft">{term(CLAIM_WORDS, c.kind, words)}</span>
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          )}
          <Labelled text="Who says so">
            <input
              className="field font-normal"
              maxLength={120}
              value={source}
              onChange={(e) => setSource(e.target.value)}
            />
          </Labelled>
          <button
            type="button"
            className="btn btn-main min-h-12"
            disabled={found.length - left.size <= 0}
            onClick={keep}
          >
            Keep {found.length - left.size} as claims
          </button>
          {problem && <p role="alert">{problem}</p>}
        </>
      )}
    </div>
  );
}
