import { useEffect, useState } from 'react';
import type { LotMoved } from '@/core/calibration/lot-moved';
import type { TableName, Tables } from '@/core/grade/all-tables';
import { digestOf } from '@/core/population/digest';
import { askServer } from '@/ui/ask-server';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { NumbersAnswer, NumbersAsked } from '@/workers/numbers.worker';
import { CARS_TRIED } from './use-trial';

/** A table as it was tried: on the cars that people described, and on the house's own lots. */
export interface TableTrial extends Pick<NumbersAnswer, 'described' | 'before' | 'yardstick'> {
  readonly value: unknown;
  readonly lots: readonly LotMoved[];
}

const make = () => new Worker(new URL('../../workers/numbers.worker.ts', import.meta.url), { type: 'module' });

/** Tries a table when asked: made cars are measured anew where they follow from it. A trial is of the very value tried. */
export function useTableTrial(name: TableName, kept: Tables, value: unknown) {
  const [question, setQuestion] = useState<Omit<NumbersAsked, 'id'> | null>(null);
  const [trial, setTrial] = useState<TableTrial | null>(null);
  const [problem, setProblem] = useState('');
  const [answer, stage] = useWorkerAnswer<Omit<NumbersAsked, 'id'>, NumbersAnswer>(make, question);
  useEffect(() => {
    if (!answer || !question) return;
    let left = false;
    const tried = question.tables[name];
    void (async () => {
      const { described, before, yardstick } = answer;
      const reply = await askServer(`/api/v1/tables/${name}/try`, 'POST', {
        value: tried,
        ...(yardstick && { yardstick }),
      });
      if (left) return;
      setQuestion(null);
      if (!reply.ok) return setProblem(reply.message);
      setTrial({ value: tried, described, before, yardstick, lots: reply.body.lots as readonly LotMoved[] });
    })();
    return () => {
      left = true;
    };
  }, [answer, question, name]);
  const begin = () => {
    setProblem('');
    setTrial(null);
    const tables = { ...kept, [name]: value } as Tables;
    setQuestion({ tables, kept, cars: digestOf(tables) === kept.yardstick.madeFrom ? 0 : CARS_TRIED });
  };
  const stop = () => setQuestion(null);
  const fits = trial !== null && JSON.stringify(trial.value) === JSON.stringify(value);
  return { trial: fits ? trial : null, trying: question !== null, stage, problem, begin, stop };
}
