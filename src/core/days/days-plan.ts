import { addDays, format, parseISO } from 'date-fns';
import { z } from 'zod';
import { SCHOOLS } from '../catalogue/schools';
import { daySchema, text } from '../kinds/common';
import { inTurn, type RouteLot, type RouteVisit } from './booking';
import { atCar } from './moving';
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
    /** Where keys hang, and between which hours they are handed out; lots whose keys are said to be there are begun by then. */
    keys: z
      .strictObject({ where: text(80).min(1), from: minute, to: minute })
      .nullable()
      .default(null),
    /** From when on it was last planned: what is left is reckoned from there. Null: from the days' own hours. */
    since: z
      .strictObject({ day: z.number().int().min(0).max(60), minute })
      .nullable()
      .default(null),
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
  .refine((p) => !p.keys || p.keys.from < p.keys.to, { path: ['keys'], message: 'Keys are handed out until later.' })
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

/** A visit with its clock; `over`: it ends after the day's hours; `keyless`: its keys are handed out no more by then. */
export interface TimedVisit extends RouteVisit {
  readonly over: boolean;
  readonly keyless: boolean;
  readonly late: boolean;
}

/** One day's clocks: whoever would reach the end of the visit first goes first to the pit. */
function timedDay(
  day: number,
  { inspectors, visits }: Pick<DaysPlan, 'inspectors' | 'visits'>,
  lots: ReadonlyMap<string, RouteLot>,
  [opens, closes]: Span,
): TimedVisit[] {
  const lotOf = (id: string): RouteLot => lots.get(id) ?? { id, minutes: 0, pitMinutes: 0, dueDay: null };
  const people = inspectors.map((name, i) => ({
    name,
    queue: visits.filter((v) => v.day === day && v.inspector === i).map((v) => lotOf(v.lot)),
    free: opens,
    last: undefined as string | undefined,
  }));
  let pitFree = opens;
  const timed: TimedVisit[] = [];
  for (;;) {
    const next = people
      .flatMap((who) => {
        const lot = who.queue[0];
        if (!lot) return [];
        const ready = atCar(who.free, who.last, lot);
        return [
          { who, lot, keyless: ready === null, at: ready ?? atCar(who.free, who.last, { ...lot, keys: undefined })! },
        ];
      })
      .sort((a, b) => a.at + a.lot.minutes - (b.at + b.lot.minutes))[0];
    if (!next) return timed;
    const { who, lot, at, keyless } = next;
    who.queue.shift();
    const pit = lot.pitMinutes > 0;
    const to = pit ? Math.max(at + lot.minutes, pitFree + lot.pitMinutes) : at + lot.minutes;
    if (pit) pitFree = to;
    who.free = to;
    who.last = lot.stands;
    timed.push({
      lot: lot.id,
      inspector: who.name,
      day,
      from: to - lot.minutes,
      to,
      pitFrom: to - lot.pitMinutes,
      pitTo: to,
      over: to > closes,
      keyless,
      late: lot.dueDay !== null && day > lot.dueDay,
    });
  }
}

/**
 * The clocks of visits that are given to people and days in an order: one after the other, with the way from car to car and the
 * keys, the pit to one car at a time (whoever is there first), at the end of each visit. `hours`: of each day, where they are
 * others than the plan's. A visit that no more fits into its day, or whose keys are no more to be had, is given its time all the
 * same and marked. Frame: minutes from midnight, days by index.
 */
export function timedVisits(
  plan: Pick<DaysPlan, 'opens' | 'closes' | 'inspectors' | 'days' | 'visits'>,
  lots: readonly RouteLot[],
  hours: readonly Span[] = [],
): TimedVisit[] {
  const byId = new Map(lots.map((l) => [l.id, l]));
  return Array.from({ length: plan.days }, (_, day) =>
    timedDay(day, plan, byId, hours[day] ?? [plan.opens, plan.closes]),
  ).flat();
}
