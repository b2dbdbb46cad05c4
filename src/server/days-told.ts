import { inTurn } from '@/core/days/booking';
import { hoursByDay } from '@/core/days/day-hours';
import { daysOf, type TimedVisit, timedVisits } from '@/core/days/days-plan';
import { learntOf } from '@/core/days/learnt';
import type { LotToVisit } from '@/core/days/lots-to-route';
import { lotsToRoute } from '@/core/days/lots-to-route';
import type { DaysTold } from '@/data/sale-days';

/** A visit with its clock, its day and its lot. */
export interface VisitTold extends Pick<TimedVisit, 'from' | 'to' | 'pitFrom' | 'pitTo' | 'late' | 'over' | 'keyless'> {
  readonly on: string;
  readonly lot: LotToVisit;
  /** Rain is forecast for the day. */
  readonly wet: boolean;
}

/** What one person was told of a sale's days, in the order of the visits; what was sealed or withdrawn since is left out. */
export function toldTo(person: string, { plan, lots, sale, took, knows }: DaysTold): VisitTold[] {
  const open = new Map(lots.map((l) => [l.id, l]));
  const days = daysOf(plan);
  const visits = plan.visits.filter((v) => open.has(v.lot));
  const timed = timedVisits(
    { ...plan, visits },
    lotsToRoute(lots, plan, learntOf(took, plan.school).minutes, knows),
    hoursByDay(plan, days, sale.timeZone),
  );
  return timed
    .filter((v) => v.inspector === person)
    .sort(inTurn)
    .map((v) => ({
      ...{ from: v.from, to: v.to, pitFrom: v.pitFrom, pitTo: v.pitTo, late: v.late, over: v.over, keyless: v.keyless },
      on: days[v.day]!,
      lot: open.get(v.lot)!,
      wet: plan.wet.includes(v.day),
    }));
}
