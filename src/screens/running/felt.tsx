'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { z } from 'zod';
import { SIGN_PLACES, SIGN_WITHS, SIGNS } from '@/core/catalogue/drive-signs';
import type { BodyOf } from '@/core/kinds';
import { feltSchema } from '@/core/kinds/road';
import { figureOf } from '@/core/units/figure';
import { choicesOf, Keys, toggled } from '@/ui/parts/choice-keys';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import {
  feltText,
  type SIGN_COAST_WORDS,
  SIGN_PLACE_WORDS,
  SIGN_WITH_WORDS,
  SIGN_WORDS,
  SIGNS_SAY,
  signName,
  signWhy,
} from '@/words/drive-signs';
import { respelt } from '@/words/vocabulary';

type Felt = BodyOf<'road'>['felt'][number];
type Given = Partial<z.input<typeof feltSchema>>;

/** What is felt and heard on the road, each with what it most likely comes from and the look that would tell. */
export function FeltOnRoad({ felt, onPut }: { felt: readonly Felt[]; onPut: (felt: readonly Felt[]) => void }) {
  const { mayEdit } = useLot();
  const { words } = usePreferences().preferences;
  const judged = useJudged((j) => j.judgement?.running.felt ?? null);
  const lines = useJudged((j) => j.judgement?.mechanical.lines ?? null);
  const part = (id: string) => lines?.find((l) => l.id === id)?.of.name ?? id;
  return (
    <div className="grid gap-2">
      <h3 className="text-sm font-bold">Felt and heard on the road</h3>
      {felt.length > 0 && (
        <ul className="grid gap-2">
          {felt.map((f, i) => {
            const sources = judged?.[i]?.sources ?? [];
            return (
              <li key={i} className="grid gap-1 border border-line bg-wash p-2 text-sm">
                <span className="flex items-start gap-2">
                  <strong className="min-w-0 flex-1">{capital(feltText(f))}</strong>
                  {mayEdit && (
                    <button
                      type="button"
                      className="grid size-11 place-items-center"
                      aria-label={`Take out: ${feltText(f)}`}
                      onClick={() => onPut(felt.filter((_, k) => k !== i))}
                    >
                      <Trash2 size={16} aria-hidden="true" />
                    </button>
                  )}
                </span>
                {sources.slice(0, 3).map((s) => (
                  <span key={s.id} className="grid grid-cols-[3rem_minmax(0,1fr)] gap-2">
                    <span className="figure text-right font-semibold">{Math.round(100 * s.chance)} %</span>
                    <span>
                      {respelt(capital(signName(s)), words)}
                      {s.why.length > 0 && (
                        <span className="block text-soft">{respelt(capital(signWhy(s, part)), words)}.</span>
                      )}
                    </span>
                  </span>
                ))}
                {sources[0] && (
                  <span className="border-l-2 border-ink pl-2">{respelt(capital(sources[0].look), words)}.</span>
                )}
                {sources.length === 0 && (
                  <span className="text-soft">Too little said to tell: where, from which speed, with what?</span>
                )}
              </li>
            );
          })}
        </ul>
      )}
      {felt.length > 0 && <p className="text-xs text-soft">{SIGNS_SAY}</p>}
      {mayEdit && <AddFelt onAdd={(f) => onPut([...felt, f])} />}
    </div>
  );
}

const FIGURES = [
  ['fromKmh', 'From, km/h'],
  ['toKmh', 'To, km/h'],
  ['hz', 'Times a second'],
] as const;

/** One sign, by large keys; the figures may be left open. */
function AddFelt({ onAdd }: { onAdd: (felt: Felt) => void }) {
  const [given, setGiven] = useState<Given>({});
  const [figures, setFigures] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState('');
  const what = given.what;
  const say = (change: Given) => setGiven((g) => ({ ...g, ...change }));
  const add = () => {
    const read: Record<string, number | null> = {};
    for (const [key, says] of FIGURES) {
      const value = figureOf(figures[key] ?? '');
      if (value === 'bad') return setProblem(`${says}: “${figures[key]}” is no number.`);
      read[key] = value;
    }
    const parsed = feltSchema.safeParse({ ...given, ...read });
    if (!parsed.success) return setProblem(parsed.error.issues[0]?.message ?? 'One of these figures cannot be.');
    onAdd(parsed.data);
    setGiven({});
    setFigures({});
    setProblem('');
  };
  return (
    <div className="grid gap-2 border border-line p-3">
      <Keys
        legend="What"
        choices={SIGNS.map((s) => [s, capital(SIGN_WORDS[s])] as const)}
        held={what ?? null}
        onSay={(w) => (what === w ? setGiven({}) : say({ what: w }))}
      />
      {what && (
        <>
          <Keys
            legend="Where"
            choices={SIGN_PLACES.map((p) => [p, capital(SIGN_PLACE_WORDS[p])] as const)}
            held={given.at ?? null}
            onSay={(at) => say({ at: given.at === at ? null : at })}
          />
          <Keys
            legend="There, or stronger, when"
            choices={SIGN_WITHS.map((w) => [w, capital(SIGN_WITH_WORDS[w])] as const)}
            held={given.withs ?? []}
            onSay={(w) => say({ withs: toggled(given.withs ?? [], w) })}
          />
          <Keys
            legend="Out of gear at the same speed"
            choices={choicesOf({ stays: 'It stays', goes: 'It goes' } satisfies Record<
              keyof typeof SIGN_COAST_WORDS,
              string
            >)}
            held={given.coasts ?? null}
            onSay={(c) => say({ coasts: given.coasts === c ? null : c })}
          />
          <div className="grid grid-cols-3 gap-2">
            {FIGURES.map(([key, says]) => (
              <label key={key} className="grid gap-1 text-xs font-semibold">
                {says}
                <input
                  className="field figure"
                  inputMode="decimal"
                  value={figures[key] ?? ''}
                  onChange={(e) => setFigures((f) => ({ ...f, [key]: e.target.value }))}
                />
              </label>
            ))}
          </div>
          <button type="button" className="btn btn-main min-h-14" onClick={add}>
            Keep what was felt
          </button>
        </>
      )}
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
