import { addDays, format, parseISO } from 'date-fns';
import { z } from 'zod';
import { SCHOOLS } from '../catalogue/schools';
import { daySchema } from '../kinds/common';
import { inTurn, type RouteLot, type RouteVisit } from './booking';
import type { Span } from './visit-order';

const minute = z
  .number()
  .int()
  .min(0)
  .max(24 * 60);

/** Who visits which lots on which days of a sale, in which order: what people were told. */
export const daysPlanSchema = z
  .strictObject({
    /** The first day, and how many follow each other. */
    from: daySchema,
    days: z.number().int().min(1).max(60),
    opens: minute,
    closes: minute,
    school: z.enum(SCHOOLS),
    inspectors: z.array(z.string().min(1).max(120)).min(1).max(20),
    /** Where it is, degrees north and east: for sunrise and sunset. */
    place: z
      .strictObject({ latitude: z.number().min(-90).max(90), longitude: z.number().min(-180).max(180) })
      .nullable()
      .default(null),
    /** Visits lie between sunrise and sunset only. */
    daylightOnly: z.boolean().default(false),
    /** Days on which rain is forecast, by index. */
    wet: z.array(z.number().int().min(0).max(59)).max(60).default([]),
    visits: z
      .array(
        z.strictObject({
          lot: z.uuid(),
          inspector: z.number().int().min(0).max(19),
          day: z.number().int().min(0).max(59),
        }),
      )
      .max(2000),
  })
  .refine((p) => p.opens < p.closes, { path: ['closes'], message: 'A day ends after it begins.' })
  .refine((p) => new Set(p.visits.map((v) => v.lot)).size === p.visits.length, {
    path: ['visits'],
    message: 'A lot is visited twice.',
  })
  .refine((p) => p.visits.every((v) => v.inspector < p.inspectors.length && v.day < p.days), {
    path: ['visits'],
    message: 'A visit has an inspector and a day that the plan lacks.',
  });
export type DaysPlan = z.infer<typeof daysPlanSchema>;

/** The calendar days of a plan, in their order. */
export const daysOf = ({ from, days }: Pick<DaysPlan, 'from' | 'days'>): string[] =>
  Array.from({ length: days }, (_, d) => format(addDays(parseISO(from), d), 'yyyy-MM-dd'));

/** Visits as a plan keeps them, in the order in which they come. */
export const asPlanned = (visits: readonly RouteVisit[], inspectors: readonly string[]): DaysPlan['visits'] =>
  [...visits].sort(inTurn).map((v) => ({ lot: v.lot, inspector: inspectors.indexOf(v.inspector), day: v.day }));

/** A visit with its clock; `over`: it ends after the day's hours. */
export interface TimedVisit extends RouteVisit {
  readonly over: boolean;
  readonly late: boolean;
}

/**
 * The clocks of visits that are given to people and days in an order: one after the other, the pit to one car at a time (whoever
 * is there first), at the end of each visit. `hours`: of each day, where they are others than the plan's. A visit that no more fits into its day is given its time all the same and marked.
 * Frame: minutes from midnight, days by index.
 */
export function timedVisits(
  plan: Pick<DaysPlan, 'opens' | 'closes' | 'inspectors' | 'days' | 'visits'>,
  lots: readonly RouteLot[],
  hours: readonly Span[] = [],
): TimedVisit[] {
  const byId = new Map(lots.map((l) => [l.id, l]));
  const timed: TimedVisit[] = [];
  for (let day = 0; day < plan.days; day++) {
    const queues = plan.inspectors.map((_, i) => plan.visits.filter((v) => v.day === day && v.inspector === i));
    const [opens, closes] = hours[day] ?? [plan.opens, plan.closes];
    const free = plan.inspectors.map(() => opens);
    let pitFree = opens;
    for (let left = queues.reduce((n, q) => n + q.length, 0); left > 0; left--) {
      // Whoever would reach the end of the visit first goes first to the pit.
      const next = queues
        .map((q, i) => ({ i, lot: q[0] && byId.get(q[0].lot), at: free[i]! }))
        .filter((c) => queues[c.i]!.length > 0)
        .sort((a, b) => a.at + (a.lot?.minutes ?? 0) - (b.at + (b.lot?.minutes ?? 0)))[0]!;
      const visit = queues[next.i]!.shift()!;
      const lot = next.lot ?? { id: visit.lot, minutes: 0, pitMinutes: 0, dueDay: null };
      const pit = lot.pitMinutes > 0;
      const to = pit ? Math.max(next.at + lot.minutes, pitFree + lot.pitMinutes) : next.at + lot.minutes;
      if (pit) pitFree = to;
      free[next.i] = to;
      timed.push({
        lot: visit.lot,
        inspector: plan.inspectors[next.i]!,
        day,
        from: to - lot.minutes,
        to,
        pitFrom: to - lot.pitMinutes,
        pitTo: to,
        over: to > closes,
        late: lot.dueDay !== null && day > lot.dueDay,
      });
    }
  }
  return timed;
}
