'use client';

import { Check, X } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { onPlan } from '@/core/days/on-plan';
import { stationsDone } from '@/core/days/station-worth';
import { timeOf } from '@/core/time/minutes';
import { Link } from '@/ui/parts/link';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot } from '@/ui/records/inspection';
import { deviceClock, useVisitPlan, type VisitPlan } from '@/ui/visit-plan';
import { capital } from '@/words/capital';
import { stationName } from '@/words/stations';

/** From so many minutes behind on what to leave out is offered. */
const LATE_FROM = 5;
const MINUTE_MS = 60_000;

/** Minutes from midnight and the day, by the device's clock. */
function useClock(): { minute: number; day: string } | null {
  const [at, setAt] = useState<Date | null>(null);
  useEffect(() => {
    setAt(new Date());
    const clock = setInterval(() => setAt(new Date()), MINUTE_MS / 4);
    return () => clearInterval(clock);
  }, []);
  return useMemo(() => at && deviceClock(at), [at]);
}

/** The order that this car is walked by today, if it is: without one, nothing is judged for it and no clock runs. */
export function PlanLine() {
  const { facts } = useLot();
  const { plan, keep } = useVisitPlan(facts.lot.id);
  return plan && <OrderLine plan={plan} keep={keep} />;
}

/** The station in hand with its clock, what comes then, how far one is behind. */
function OrderLine({ plan, keep }: { plan: VisitPlan; keep: (next: VisitPlan | null) => void }) {
  const { facts } = useLot();
  const { words } = usePreferences().preferences;
  const judgement = useJudged((j) => j.judgement);
  const seen = useMemo(() => (judgement ? stationsDone(judgement) : []), [judgement]);
  const now = useClock();
  if (!now || plan.on !== now.day) return null;
  const at = onPlan(plan.stops, new Set([...plan.done, ...seen]), now.minute);
  if (!at) return null;
  const { current, next, behind } = at;
  return (
    <section
      aria-label="Order of the visit"
      className="flex items-center gap-2 border-b border-line bg-card px-3 py-0.5 text-sm"
    >
      <p className="min-w-0 flex-1 truncate">
        <span className="figure font-semibold">
          {timeOf(current.from)}–{timeOf(current.to)}
        </span>{' '}
        <strong>{capital(stationName(current.station, words))}</strong>
        {next && <span className="text-soft"> · then {stationName(next.station, words)}</span>}
      </p>
      {behind >= LATE_FROM && (
        <Link
          href={`/lots/${facts.lot.id}/intake/order`}
          className="flex min-h-11 shrink-0 items-center font-semibold text-pin underline underline-offset-4"
        >
          {Math.round(behind)} min behind
        </Link>
      )}
      <button
        type="button"
        className="btn btn-small my-0.5 shrink-0"
        onClick={() => keep({ ...plan, done: [...plan.done, current.station] })}
      >
        <Check size={16} aria-hidden="true" /> Done
      </button>
      <button
        type="button"
        className="grid size-11 shrink-0 place-items-center text-soft"
        aria-label="Walk without an order"
        onClick={() => keep(null)}
      >
        <X size={16} aria-hidden="true" />
      </button>
    </section>
  );
}
