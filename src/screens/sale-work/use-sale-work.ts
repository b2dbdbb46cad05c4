import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { LotToPrepare } from '@/core/cost/prepare-sale';
import type { Weighed } from '@/core/cost/reckon';
import type { WorkPlan } from '@/core/cost/work-plan';
import type { CostTable } from '@/core/work/cost-table';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { SaleWorkAnswer, SaleWorkQuestion } from '@/workers/sale-work.worker';

const make = () => new Worker(new URL('../../workers/sale-work.worker.ts', import.meta.url), { type: 'module' });

export interface Weighing {
  readonly done: number;
  readonly of: number;
  /** Lots that the server did not weigh, by number. */
  readonly failed: readonly number[];
  readonly running: boolean;
}

/** Weighs the lots one after the other, as far as it is let; and chooses among their jobs whenever the plan changes. */
export function useSaleWork(
  lots: readonly { readonly id: string; readonly number: number; readonly inspectionId: string }[],
  plan: WorkPlan | null,
  cost: Pick<CostTable, 'allow' | 'hoursPerDay'>,
) {
  const [weighed, setWeighed] = useState<readonly LotToPrepare[]>([]);
  const [weighing, setWeighing] = useState<Weighing>({ done: 0, of: lots.length, failed: [], running: false });
  const stopper = useRef<AbortController>(undefined);
  const stop = useCallback(() => stopper.current?.abort(), []);
  const weigh = useCallback(async () => {
    stopper.current?.abort();
    const stopping = new AbortController();
    stopper.current = stopping;
    const [got, failed]: [LotToPrepare[], number[]] = [[], []];
    const tell = (running: boolean) =>
      setWeighing({ done: got.length + failed.length, of: lots.length, failed: [...failed], running });
    tell(true);
    for (const lot of lots) {
      const answer: { weighed: Weighed | null } | null = await fetch(`/api/v1/inspections/${lot.inspectionId}/work`, {
        signal: stopping.signal,
      })
        .then((r) => (r.ok ? r.json() : null))
        .catch(() => null);
      if (stopping.signal.aborted) break;
      if (answer?.weighed) got.push({ lot: lot.id, jobs: answer.weighed.jobs });
      else failed.push(lot.number);
      tell(true);
    }
    if (stopper.current !== stopping) return;
    tell(false);
    setWeighed(got);
  }, [lots]);
  useEffect(() => {
    void weigh();
    return stop;
  }, [weigh, stop]);
  const question = useMemo(
    (): Omit<SaleWorkQuestion, 'id'> | null =>
      plan && weighed.length > 0 ? { lots: weighed, plan, cost: { ...cost } } : null,
    [plan, weighed, cost],
  );
  const [answer] = useWorkerAnswer<Omit<SaleWorkQuestion, 'id'>, SaleWorkAnswer>(make, question);
  return { weighed, weighing, weigh, stop, answer, choosing: question !== null && answer === null };
}
