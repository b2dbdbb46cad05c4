'use client';

import { useMemo, useState } from 'react';
import { TRADES, type Trade } from '@/core/catalogue/remedies';
import { type WorkPlan, workPlanSchema } from '@/core/cost/work-plan';
import type { CostTable } from '@/core/work/cost-table';
import { Link } from '@/ui/parts/link';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { told } from '@/ui/told';
import { plural } from '@/words/plural';
import { PlanForm } from './plan-form';
import { SaleChosen } from './sale-chosen';
import { useSaleWork } from './use-sale-work';

export interface SaleLot {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly inspectionId: string;
  readonly expected: number | null;
}

/** What a house begins with where it planned nothing yet: its shops at a day's hours, nothing to spend. */
const BEGINNING: WorkPlan = {
  budget: 0,
  days: 42,
  shops: TRADES.filter((t) => t !== 'owner').map((trade) => ({ trade, hoursPerDay: 6, waitsDays: 0 })),
};

/** Which jobs on a sale's lots are worth doing before it, under one budget and with the shops that there are. */
export function SaleWork({
  sale,
  lots,
  kept,
  cost,
  mayKeep,
}: {
  sale: { readonly id: string; readonly name: string; readonly currency: string };
  lots: readonly SaleLot[];
  kept: WorkPlan | null;
  cost: Pick<CostTable, 'allow' | 'hoursPerDay'>;
  mayKeep: boolean;
}) {
  const [plan, setPlan] = useState<WorkPlan>(kept ?? BEGINNING);
  const priced = useMemo(() => lots.filter((l) => l.expected !== null), [lots]);
  const silent = lots.filter((l) => l.expected === null);
  const valid = workPlanSchema.safeParse(plan).success;
  const { weighed, weighing, weigh, stop, answer, choosing } = useSaleWork(priced, valid ? plan : null, cost);
  const keep = () => void told(`/api/v1/sales/${sale.id}/work`, 'PUT', plan, 'Kept with the sale.');
  const takes: ReadonlySet<Trade> = new Set(weighed.flatMap((l) => l.jobs.map((j) => j.shop)));
  return (
    <PlainPage title="Work before the sale" about={sale.name} width="table" menu={<ReaderMenu compact />}>
      <div className="grid items-start gap-5 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <div className="grid gap-4">
          <PlanForm plan={plan} onPlan={setPlan} currency={sale.currency} takes={takes} />
          {mayKeep && (
            <button type="button" className="btn btn-main" disabled={!valid} onClick={keep}>
              Keep with the sale
            </button>
          )}
          <Silent lots={silent} />
        </div>
        <div className="grid gap-4" aria-live="polite">
          {priced.length === 0 ? (
            <p className="sheet p-5">
              Nothing can be weighed yet: say of a lot under Grade · Work what such a car fetches, and it is weighed
              here with the others.
            </p>
          ) : (
            <Weighs {...weighing} onStop={stop} onWeigh={() => void weigh()} />
          )}
          {answer?.found && (
            <SaleChosen found={answer.found} lots={priced} weighed={weighed} plan={plan} currency={sale.currency} />
          )}
          {choosing && <p className="sheet p-5">Choosing among {plural(weighed.length, 'lot')}…</p>}
          {answer && !answer.found && (
            <p className="sheet p-5" role="alert">
              No set was found in twenty seconds. Nothing was changed. Leave shops or lots out and try again.
            </p>
          )}
        </div>
      </div>
    </PlainPage>
  );
}

function Weighs({
  done,
  of,
  failed,
  running,
  onStop,
  onWeigh,
}: {
  done: number;
  of: number;
  failed: readonly number[];
  running: boolean;
  onStop: () => void;
  onWeigh: () => void;
}) {
  if (running)
    return (
      <div className="sheet flex items-center gap-3 p-4">
        <label className="grid flex-1 gap-1 text-sm">
          Weighing what each job adds: {done} of {plural(of, 'lot')}
          <progress className="h-2 w-full accent-thread" value={done} max={Math.max(1, of)} />
        </label>
        <button type="button" className="btn" onClick={onStop}>
          Stop
        </button>
      </div>
    );
  return failed.length === 0 && done === of ? null : (
    <div className="sheet flex flex-wrap items-center gap-3 p-4" role="status">
      <p className="flex-1">
        {done < of && `Stopped after ${done} of ${plural(of, 'lot')}. `}
        {failed.length > 0 && `Not weighed, and so left out: lots ${failed.join(', ')}.`}
      </p>
      <button type="button" className="btn" onClick={onWeigh}>
        Weigh again
      </button>
    </div>
  );
}

/** Lots of which nobody said what they fetch: they are not weighed, which is said. */
function Silent({ lots }: { lots: readonly SaleLot[] }) {
  if (lots.length === 0) return null;
  return (
    <section className="sheet grid gap-1 p-4" aria-label="Without a price">
      <h2 className="font-bold">{plural(lots.length, 'lot')} without an expected price</h2>
      <p className="text-sm text-soft">Not weighed: say under Grade · Work what such a car fetches.</p>
      <p className="flex flex-wrap gap-x-3 text-sm">
        {lots.map((l) => (
          <Link key={l.id} className="min-h-8 underline underline-offset-4" href={`/lots/${l.id}/grade/work`}>
            {l.number}
            <span className="sr-only"> {l.title}</span>
          </Link>
        ))}
      </p>
    </section>
  );
}
