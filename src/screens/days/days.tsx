'use client';

import { useMemo, useState } from 'react';
import type { RouteProblem } from '@/core/days/booking';
import { hoursByDay, lightOf } from '@/core/days/day-hours';
import { asPlanned, type DaysPlan, daysOf, daysPlanSchema, timedVisits } from '@/core/days/days-plan';
import { learntOf, type VisitTook } from '@/core/days/learnt';
import { type KnowsMake, lotsToRoute } from '@/core/days/lots-to-route';
import { minuteOf } from '@/core/days/read-csv';
import { replan } from '@/core/days/replan';
import { clockIn, dayIn } from '@/core/time/day';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { told } from '@/ui/told';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { plural } from '@/words/plural';
import type { DaysAnswer, DaysQuestion } from '@/workers/days.worker';
import { DaysBoard } from './days-board';
import { DaysFeed } from './days-feed';
import { DaysUnder } from './days-under';

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
  feed,
  took,
  knows,
}: {
  sale: {
    readonly id: string;
    readonly name: string;
    readonly place: string;
    readonly opensOn: string | null;
    readonly timeZone: string;
  };
  lots: readonly DayLot[];
  kept: DaysPlan | null;
  inspectors: readonly string[];
  today: string;
  mayKeep: boolean;
  /** Under which address calendars follow it; null: none. */
  feed: string | null;
  /** How long the house's visits took. */
  took: readonly VisitTook[];
  /** Who inspected cars of which make here. */
  knows: readonly KnowsMake[];
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
      place: null,
      daylightOnly: false,
      wet: [],
      keys: null,
      since: null,
    },
  );
  const [problem, setProblem] = useState<RouteProblem | null>(null);
  const question = useMemo((): Omit<DaysQuestion, 'id'> | null => problem && { problem }, [problem]);
  const [answer] = useWorkerAnswer<Omit<DaysQuestion, 'id'>, DaysAnswer>(make, question);
  const [moved, setMoved] = useState<readonly string[] | null>(null);
  const [taken, setTaken] = useState<DaysAnswer | null>(null);
  if (answer && answer !== taken) {
    setTaken(answer);
    setPlan({ ...plan, visits: asPlanned(answer.route.visits, plan.inspectors) });
  }
  const open = useMemo(() => new Map(lots.map((l) => [l.id, l])), [lots]);
  const learnt = useMemo(() => learntOf(took, plan.school), [took, plan.school]);
  const routed = useMemo(
    () => lotsToRoute(lots, { school: plan.school, from: plan.from, keys: plan.keys }, learnt.minutes, knows),
    [lots, plan.school, plan.from, plan.keys, learnt.minutes, knows],
  );
  // What was sealed or withdrawn since is visited no more.
  const shown = useMemo(() => ({ ...plan, visits: plan.visits.filter((v) => open.has(v.lot)) }), [plan, open]);
  const days = useMemo(() => daysOf({ days: plan.days, from: plan.from }), [plan.days, plan.from]);
  const { timeZone } = sale;
  const hours = useMemo(() => hoursByDay(plan, days, timeZone), [plan, days, timeZone]);
  const light = useMemo(() => lightOf(plan, days, timeZone), [plan, days, timeZone]);
  const timed = useMemo(() => timedVisits(shown, routed, hours), [shown, routed, hours]);
  /** So many of the plan's days are over. */
  const gone = days.filter((d) => d < today).length;
  const missed = shown.visits.filter((v) => v.day < gone).length;
  const unplanned = lots.filter((l) => !shown.visits.some((v) => v.lot === l.id));
  const valid = daysPlanSchema.safeParse(shown).success;
  const frame = (since: DaysPlan['since']): RouteProblem => ({
    lots: routed,
    inspectors: plan.inspectors,
    days: plan.days,
    from: plan.opens,
    to: plan.closes,
    hours: hoursByDay({ ...plan, since }, days, timeZone),
    wet: days.map((_, d) => plan.wet.includes(d)),
  });
  const planAnew = () => {
    setMoved(null);
    // Nobody is sent anywhere on a day gone by.
    const since = gone > 0 ? { day: gone, minute: 0 } : null;
    setPlan({ ...plan, since });
    setProblem(frame(since));
  };
  /** What is left of today and after, with as little moved as can be. */
  const goOn = () => {
    const at = new Date();
    const on = dayIn(at, timeZone);
    const now = {
      day: days.filter((d) => d < on).length,
      minute: days.includes(on) ? minuteOf(clockIn(at, timeZone).slice(0, 5))! : 0,
    };
    const told = shown.visits.map((v) => ({ ...v, inspector: plan.inspectors[v.inspector]! }));
    const again = replan(frame(now), told);
    setMoved(again.moved);
    setPlan({ ...plan, since: now, visits: asPlanned(again.visits, plan.inspectors) });
  };
  // Other days: what was left at a moment of the old ones says nothing.
  const set = (change: Partial<DaysPlan>) =>
    setPlan({ ...plan, ...((change.from ?? change.days) !== undefined && { since: null }), ...change });
  const late = timed.filter((v) => v.late).length + unplanned.filter((l) => l.reportDueOn !== null).length;
  return (
    <PlainPage
      title="Days"
      about={`${sale.name}${sale.place ? `, ${sale.place}` : ''}`}
      width="table"
      menu={<ReaderMenu compact />}
    >
      <DaysUnder plan={plan} days={days} learnt={learnt} lots={lots} set={set} />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" disabled={plan.opens >= plan.closes} onClick={planAnew}>
          Plan it
        </button>
        {shown.visits.length > 0 && (
          <button type="button" className="btn" onClick={goOn}>
            Go on from now
          </button>
        )}
      </div>
      <p aria-live="polite">
        {question && !answer
          ? 'Planning…'
          : shown.visits.length === 0
            ? `${plural(lots.length, 'lot')} to visit. Nothing is planned yet.`
            : `${plural(shown.visits.length, 'visit')}, ${plural(unplanned.length, 'lot')} without one, ${late === 0 ? 'none late' : `${late} late`}.${
                taken && taken.route.bound > 0 ? ` ${taken.route.bound} would be late whatever is done.` : ''
              }`}
      </p>
      {missed > 0 && (
        <p className="border-l-4 border-pin bg-card px-4 py-2">
          <strong>{plural(missed, 'visit')} of days gone by</strong> {missed === 1 ? 'was' : 'were'} not made, or the
          report is not sealed. <em className="font-semibold not-italic">Go on from now</em> finds room, and moves as
          little of the rest as can be.
        </p>
      )}
      {moved && (
        <p role="status" className="border-l-4 border-thread bg-card px-4 py-2">
          {moved.length === 0
            ? 'All goes on as people were told.'
            : `${plural(moved.length, 'visit')} moved: ${moved.map((id) => `lot ${open.get(id)?.number}`).join(', ')}. Tell who has them, then keep the plan.`}
        </p>
      )}
      <DaysBoard
        plan={shown}
        light={light}
        hours={hours}
        onWet={(d) => set({ wet: plan.wet.includes(d) ? plan.wet.filter((w) => w !== d) : [...plan.wet, d] })}
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
      {mayKeep && kept && <DaysFeed saleId={sale.id} token={feed} inspectors={kept.inspectors} />}
    </PlainPage>
  );
}
