import { useEffect, useState } from 'react';
import type { LotMoved } from '@/core/calibration/lot-moved';
import { TABLES, type Tables } from '@/core/grade/all-tables';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { NumbersAnswer, NumbersAsked } from '@/workers/numbers.worker';

export type Typed = Pick<Tables, 'grade' | 'work'>;

/** Numbers that were tried to the end: measured on made cars and on the house's lots. */
export interface Trial extends Typed {
  readonly yardstick: Tables['yardstick'];
  readonly lots: readonly LotMoved[];
}

/** Made cars for a trial: enough for ranks within a few per cent in some twenty seconds. */
export const CARS_TRIED = 2100;

const make = () => new Worker(new URL('../../workers/numbers.worker.ts', import.meta.url), { type: 'module' });

/** Typed numbers as tables, or what is wrong with them. */
export function readTyped(typed: Typed): { readonly tables: Typed | null; readonly problem: string } {
  for (const name of ['grade', 'work'] as const) {
    const read = TABLES[name].schema.safeParse(typed[name]);
    if (read.success) continue;
    const { path, message } = read.error.issues[0]!;
    return { tables: null, problem: `${path.join(' › ')}: ${message}` };
  }
  return { tables: typed, problem: '' };
}

/**
 * Tries numbers: the described cars at once; made cars and the house's own lots when asked. Work on older numbers is stopped
 * when newer ones come.
 */
export function useTrial(kept: Tables, typed: Typed | null) {
  const [question, setQuestion] = useState<Omit<NumbersAsked, 'id'> | null>(null);
  const [trial, setTrial] = useState<Trial | null>(null);
  const [problem, setProblem] = useState('');
  const [described, setDescribed] = useState<Pick<NumbersAnswer, 'described' | 'before'> | null>(null);
  const [answer, stage] = useWorkerAnswer<Omit<NumbersAsked, 'id'>, NumbersAnswer>(make, question);
  useEffect(() => {
    setTrial(null);
    setQuestion(typed && { tables: { ...kept, ...typed }, kept, cars: 0 });
  }, [kept, typed]);
  useEffect(() => {
    if (!answer) return;
    setDescribed(answer);
    const { yardstick } = answer;
    if (!yardstick || !typed) return;
    const left = new AbortController();
    void (async () => {
      const sent = { ...typed, yardstick };
      const reply = await fetch('/api/v1/numbers/try', {
        method: 'POST',
        body: JSON.stringify(sent),
        headers: { 'content-type': 'application/json' },
        signal: left.signal,
      }).catch(() => null);
      if (left.signal.aborted) return;
      const said = await reply?.json().catch(() => null);
      if (!reply?.ok) {
        setProblem(
          said?.message ??
            'The house’s lots could not be tried. The numbers are still here; try again when you are connected.',
        );
        return;
      }
      setTrial({ ...sent, lots: said.lots });
    })();
    return () => left.abort();
  }, [answer, typed]);
  const ask = (cars: number) => typed && setQuestion({ tables: { ...kept, ...typed }, kept, cars });
  const tryAll = () => {
    setProblem('');
    ask(CARS_TRIED);
  };
  const stop = () => ask(0);
  const trying = question !== null && question.cars > 0 && trial === null && problem === '';
  return { described, trial, trying, stage, problem, tryAll, stop };
}
