import { useEffect, useMemo, useState } from 'react';
import { TRADES, type Trade } from '@/core/catalogue/remedies';
import { type Decided, type Work, workOf } from '@/core/cost/cost';
import type { WorkFound } from '@/core/cost/reckon';
import type { Lens } from '@/core/grade/tables';
import { recordsOf } from '@/core/records/reduce';
import type { Decision } from '@/core/work/cost-table';
import { useInspection } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { WorkAnswer, WorkQuestion } from '@/workers/work.worker';

const make = () => new Worker(new URL('../../workers/work.worker.ts', import.meta.url), { type: 'module' });
const OWN = 'farvin-own-trades';

/** The trades that this reader does himself, kept on the device. */
function useOwnTrades() {
  const [own, setOwn] = useState<readonly Trade[]>([]);
  useEffect(() => {
    const held = (localStorage.getItem(OWN) ?? '').split(',');
    setOwn(TRADES.filter((t) => held.includes(t)));
  }, []);
  const turn = (trade: Trade) => {
    const next = own.includes(trade) ? own.filter((t) => t !== trade) : [...own, trade];
    setOwn(next);
    localStorage.setItem(OWN, next.join(','));
  };
  return { own, turn };
}

/** What there is to do on the open car: at once what is decided, and reckoned by a worker what it costs and gives. */
export function useWork(lens: Lens) {
  const { judgement, facts, state, store } = useInspection();
  const { own, turn } = useOwnTrades();
  const records = judgement?.records ?? null;
  const decisions = useMemo(
    () => new Map<string, Decision>(recordsOf(state.records, 'remedy').map((r) => [r.body.of, r.body.remedy])),
    [state.records],
  );
  const work: Work | null = useMemo(
    () => (judgement ? workOf(judgement, facts.tables.cost, { decisions }) : null),
    [judgement, facts.tables, decisions],
  );
  const question = useMemo(
    (): Omit<WorkQuestion, 'id'> | null =>
      records ? { records, tables: facts.tables, onYear: facts.onYear, own, lens } : null,
    [records, facts.tables, facts.onYear, own, lens],
  );
  const [answer] = useWorkerAnswer<Omit<WorkQuestion, 'id'>, WorkAnswer>(make, question);
  // While figures are reckoned anew, those of before stand.
  const [found, setFound] = useState<WorkFound | null>(null);
  useEffect(() => {
    if (answer) setFound(answer.found);
  }, [answer]);
  const decide = ({ options }: Decided, decision: Decision) => {
    const of = options.thing.key;
    const held = recordsOf(store.snapshot().records, 'remedy').filter((r) => r.body.of === of);
    if (decision === options.rule) {
      for (const r of held) store.remove(r.id);
      return;
    }
    const body = { of, remedy: decision, rule: options.rule, at: new Date().toISOString() };
    store.put([{ kind: 'remedy', body, ...(held[0] && { id: held[0].id }) }]);
  };
  return { judgement, work, found, busy: question !== null && answer === null, own, turn, decide };
}
export type WorkAtHand = ReturnType<typeof useWork>;
