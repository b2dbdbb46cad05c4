import { useMemo, useState } from 'react';
import type { RouteProblem } from '@/core/days/booking';
import { hoursByDay, lightOf } from '@/core/days/day-hours';
import { asPlanned, type DaysPlan, daysOf, timedVisits } from '@/core/days/days-plan';
import { learntOf, type VisitTook } from '@/core/days/learnt';
import { type KnowsMake, type LotToVisit, lotsToRoute } from '@/core/days/lots-to-route';
import { replan } from '@/core/days/replan';
import { clockIn, dayIn } from '@/core/time/day';
import { minuteOf } from '@/core/time/minutes';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { DaysAnswer, DaysQuestion } from '@/workers/days.worker';

/** A day of the plan and who has the visit, by their places in it. */
export interface To {
  readonly inspector: number;
  readonly day: number;
}

/** What the days of a sale are planned from. */
export interface DaysGiven {
  readonly timeZone: string;
  readonly lots: readonly LotToVisit[];
  readonly kept: DaysPlan | null;
  readonly inspectors: readonly string[];
  readonly today: string;
  /** How long the house's visits took. */
  readonly took: readonly VisitTook[];
  /** Who inspected cars of which make here. */
  readonly knows: readonly KnowsMake[];
}

const make = () => new Worker(new URL('../../workers/days.worker.ts', import.meta.url), { type: 'module' });
/** With what a sale's plan begins: half past eight to four. */
const USUAL = { days: 9, opens: 510, closes: 960 } as const;

const begun = (today: string, inspectors: readonly string[]): DaysPlan => ({
  ...USUAL,
  from: today,
  school: 'survey',
  inspectors: inspectors.length > 0 ? [...inspectors] : ['Inspector'],
  visits: [],
  place: null,
  daylightOnly: false,
  wet: [],
  keys: null,
  since: null,
});

/** The clocks of a plan, by the lots that are still to be visited and what their visits take. */
function useTimed(plan: DaysPlan, { lots, took, knows, timeZone }: DaysGiven) {
  const open = useMemo(() => new Map(lots.map((l) => [l.id, l])), [lots]);
  const learnt = useMemo(() => learntOf(took, plan.school), [took, plan.school]);
  const routed = useMemo(
    () => lotsToRoute(lots, { school: plan.school, from: plan.from, keys: plan.keys }, learnt.minutes, knows),
    [lots, plan.school, plan.from, plan.keys, learnt.minutes, knows],
  );
  // What was sealed or withdrawn since is visited no more.
  const shown = useMemo(() => ({ ...plan, visits: plan.visits.filter((v) => open.has(v.lot)) }), [plan, open]);
  const days = useMemo(() => daysOf({ days: plan.days, from: plan.from }), [plan.days, plan.from]);
  const hours = useMemo(() => hoursByDay(plan, days, timeZone), [plan, days, timeZone]);
  const light = useMemo(() => lightOf(plan, days, timeZone), [plan, days, timeZone]);
  const timed = useMemo(() => timedVisits(shown, routed, hours), [shown, routed, hours]);
  return { open, learnt, routed, shown, days, hours, light, timed };
}

/** Who visits which lots on which days: planned by a worker, moved by hand, gone on with from now. */
export function useDays(given: DaysGiven) {
  const { lots, kept, inspectors, today, timeZone } = given;
  const [plan, setPlan] = useState<DaysPlan>(kept ?? begun(today, inspectors));
  const [problem, setProblem] = useState<RouteProblem | null>(null);
  const question = useMemo((): Omit<DaysQuestion, 'id'> | null => problem && { problem }, [problem]);
  const [answer] = useWorkerAnswer<Omit<DaysQuestion, 'id'>, DaysAnswer>(make, question);
  const [moved, setMoved] = useState<readonly string[] | null>(null);
  const [taken, setTaken] = useState<DaysAnswer | null>(null);
  if (answer && answer !== taken) {
    setTaken(answer);
    setPlan({ ...plan, visits: asPlanned(answer.route.visits, plan.inspectors) });
  }
  const clocks = useTimed(plan, given);
  const { routed, shown, days, timed } = clocks;
  /** So many of the plan's days are over. */
  const gone = days.filter((d) => d < today).length;
  const unplanned = lots.filter((l) => !shown.visits.some((v) => v.lot === l.id));
  const frame = (since: DaysPlan['since']): RouteProblem => ({
    lots: routed,
    inspectors: plan.inspectors,
    days: plan.days,
    from: plan.opens,
    to: plan.closes,
    hours: hoursByDay({ ...plan, since }, days, timeZone),
    wet: days.map((_, d) => plan.wet.includes(d)),
  });
  // Other days: what was left at a moment of the old ones says nothing.
  const set = (change: Partial<DaysPlan>) =>
    setPlan({ ...plan, ...((change.from ?? change.days) !== undefined && { since: null }), ...change });
  return {
    ...clocks,
    plan,
    set,
    unplanned,
    /** Visits of days gone by that were not made. */
    missed: shown.visits.filter((v) => v.day < gone).length,
    late: timed.filter((v) => v.late).length + unplanned.filter((l) => l.reportDueOn !== null).length,
    /** So many are late whatever is done; 0 until a plan was made here. */
    bound: taken?.route.bound ?? 0,
    planning: question !== null && !answer,
    /** Lots whose visit was moved by going on; null until that is asked. */
    moved,
    planAnew: () => {
      setMoved(null);
      // Nobody is sent anywhere on a day gone by.
      const since = gone > 0 ? { day: gone, minute: 0 } : null;
      setPlan({ ...plan, since });
      setProblem(frame(since));
    },
    /** What is left of today and after, with as little moved as can be. */
    goOn: () => {
      const at = new Date();
      const on = dayIn(at, timeZone);
      const now = {
        day: days.filter((d) => d < on).length,
        minute: days.includes(on) ? minuteOf(clockIn(at, timeZone).slice(0, 5))! : 0,
      };
      const asTold = shown.visits.map((v) => ({ ...v, inspector: plan.inspectors[v.inspector]! }));
      const again = replan(frame(now), asTold);
      setMoved(again.moved);
      setPlan({ ...plan, since: now, visits: asPlanned(again.visits, plan.inspectors) });
    },
    /** Gives a visit to another person or day, or takes it off the plan. */
    move: (lot: string, to: To | null) => {
      const rest = shown.visits.filter((v) => v.lot !== lot);
      set({ visits: to ? [...rest, { lot, ...to }] : rest });
    },
    setWet: (day: number) =>
      set({ wet: plan.wet.includes(day) ? plan.wet.filter((w) => w !== day) : [...plan.wet, day] }),
  };
}
