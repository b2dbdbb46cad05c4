'use client';

import { addDays, format, parseISO } from 'date-fns';
import { useMemo, useState } from 'react';
import { SCHOOLS, type School } from '@/core/catalogue/schools';
import { type DaysPlan, daysPlanSchema, timedVisits } from '@/core/days/days-plan';
import { lotsToRoute } from '@/core/days/lots-to-route';
import { minuteOf, timeOf } from '@/core/days/read-csv';
import type { RouteProblem } from '@/core/days/route';
import { Labelled } from '@/ui/parts/labelled';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { told } from '@/ui/told';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { capital } from '@/words/capital';
import { plural } from '@/words/plural';
import { SCHOOL_WORDS } from '@/words/standard-views';
import type { DaysAnswer, DaysQuestion } from '@/workers/days.worker';
import { DaysBoard } from './days-board';

export interface DayLot {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly stands: string;
  readonly keysWith: string;
  readonly reportDueOn: string | null;
  readonly seen: number;
}

const make = () => new Worker(new URL('../../workers/days.worker.ts', import.meta.url), { type: 'module' });
const USUAL_DAYS = 9;

/** Who visits which lots of a sale on which days: planned, moved by hand, kept as people were told. */
export function Days({
  sale,
  lots,
  kept,
  inspectors,
  today,
  mayKeep,
}: {
  sale: { readonly id: string; readonly name: string; readonly place: string; readonly opensOn: string | null };
  lots: readonly DayLot[];
  kept: DaysPlan | null;
  inspectors: readonly string[];
  today: string;
  mayKeep: boolean;
}) {
  const [plan, setPlan] = useState<DaysPlan>(
    kept ?? {
      from: today,
      days: USUAL_DAYS,
      opens: 510,
      closes: 960,
      school: 'survey',
      inspectors: inspectors.length > 0 ? [...inspectors] : ['Inspector'],
      visits: [],
    },
  );
  const [problem, setProblem] = useState<RouteProblem | null>(null);
  const question = useMemo((): Omit<DaysQuestion, 'id'> | null => problem && { problem }, [problem]);
  const [answer] = useWorkerAnswer<Omit<DaysQuestion, 'id'>, DaysAnswer>(make, question);
  const [taken, setTaken] = useState<DaysAnswer | null>(null);
  if (answer && answer !== taken) {
    setTaken(answer);
    const order = [...answer.route.visits].sort((a, b) => a.day - b.day || a.from - b.from);
    setPlan({
      ...plan,
      visits: order.map((v) => ({ lot: v.lot, inspector: plan.inspectors.indexOf(v.inspector), day: v.day })),
    });
  }
  const open = useMemo(() => new Map(lots.map((l) => [l.id, l])), [lots]);
  const routed = useMemo(() => lotsToRoute(lots, plan.school, plan.from), [lots, plan.school, plan.from]);
  // What was sealed or withdrawn since is visited no more.
  const shown = useMemo(() => ({ ...plan, visits: plan.visits.filter((v) => open.has(v.lot)) }), [plan, open]);
  const timed = useMemo(() => timedVisits(shown, routed), [shown, routed]);
  const unplanned = lots.filter((l) => !shown.visits.some((v) => v.lot === l.id));
  const valid = daysPlanSchema.safeParse(shown).success;
  const planAnew = () =>
    setProblem({ lots: routed, inspectors: plan.inspectors, days: plan.days, from: plan.opens, to: plan.closes });
  const days = Array.from({ length: plan.days }, (_, d) => format(addDays(parseISO(plan.from), d), 'yyyy-MM-dd'));
  const set = (change: Partial<DaysPlan>) => setPlan({ ...plan, ...change });
  const time = (says: string, value: number, onTime: (m: number) => void) => (
    <Labelled text={says}>
      <input
        type="time"
        className="field figure font-normal"
        value={timeOf(value)}
        onChange={(e) => {
          const m = minuteOf(e.target.value);
          if (m !== null) onTime(m);
        }}
      />
    </Labelled>
  );
  const late = timed.filter((v) => v.late).length + unplanned.filter((l) => l.reportDueOn !== null).length;
  return (
    <PlainPage
      title="Days"
      about={`${sale.name}${sale.place ? `, ${sale.place}` : ''}`}
      width="table"
      menu={<ReaderMenu compact />}
    >
      <section
        className="sheet grid items-end gap-3 p-4 sm:grid-cols-3 lg:grid-cols-[1fr_.7fr_.8fr_.8fr_1fr_auto]"
        aria-label="What is planned under"
      >
        <Labelled text="First day">
          <input
            type="date"
            className="field font-normal"
            value={plan.from}
            onChange={(e) => e.target.value && set({ from: e.target.value })}
          />
        </Labelled>
        <Labelled text="Days">
          <input
            type="number"
            className="field figure font-normal"
            min={1}
            max={60}
            value={plan.days}
            onChange={(e) => set({ days: Math.min(60, Math.max(1, Number(e.target.value) || 1)) })}
          />
        </Labelled>
        {time('From', plan.opens, (opens) => set({ opens }))}
        {time('To', plan.closes, (closes) => set({ closes }))}
        <Labelled text="Working order">
          <select
            className="field font-normal"
            value={plan.school}
            onChange={(e) => set({ school: e.target.value as School })}
          >
            {SCHOOLS.map((s) => (
              <option key={s} value={s}>
                {capital(SCHOOL_WORDS[s])}
              </option>
            ))}
          </select>
        </Labelled>
        <button type="button" className="btn btn-main" disabled={plan.opens >= plan.closes} onClick={planAnew}>
          Plan it
        </button>
      </section>
      <p aria-live="polite">
        {question && !answer
          ? 'Planning…'
          : shown.visits.length === 0
            ? `${plural(lots.length, 'lot')} to visit. Nothing is planned yet.`
            : `${plural(shown.visits.length, 'visit')}, ${plural(unplanned.length, 'lot')} without one, ${late === 0 ? 'none late' : `${late} late`}.${
                taken && taken.route.bound > 0 ? ` ${taken.route.bound} would be late whatever is done.` : ''
              }`}
      </p>
      <DaysBoard
        plan={shown}
        timed={timed}
        days={days}
        today={today}
        lots={open}
        unplanned={unplanned}
        sale={sale}
        onMove={(lot, to) => {
          const rest = shown.visits.filter((v) => v.lot !== lot);
          set({ visits: to ? [...rest, { lot, ...to }] : rest });
        }}
      />
      {mayKeep && (
        <button
          type="button"
          className="btn btn-main justify-self-start"
          disabled={!valid}
          onClick={() => void told(`/api/v1/sales/${sale.id}/days`, 'PUT', shown, 'Kept: so people are told.')}
        >
          Keep this plan
        </button>
      )}
    </PlainPage>
  );
}
