import { lightFormat } from 'date-fns';
import { useMemo } from 'react';
import { z } from 'zod';
import { STATIONS } from '@/core/days/stations';
import { useKeptOnDevice } from './kept-on-device';

const minute = z.number().min(0).max(2880);
const planSchema = z.object({
  /** The day on which it was made, by the device's clock: an order is good for that day. */
  on: z.iso.date(),
  stops: z.array(z.object({ station: z.enum(STATIONS), from: minute, to: minute })).max(40),
  done: z.array(z.enum(STATIONS)).max(40),
});
/** The order by which somebody walks a car today, and what of it is done. */
export type VisitPlan = z.infer<typeof planSchema>;

/** Day and minutes from midnight by the device's own clock. */
export function deviceClock(at: Date): { readonly day: string; readonly minute: number } {
  return { day: lightFormat(at, 'yyyy-MM-dd'), minute: at.getHours() * 60 + at.getMinutes() };
}

const keyOf = (lotId: string) => `farvin-order:${lotId}`;
function read(text: string | null): VisitPlan | null {
  if (text === null) return null;
  try {
    return planSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}

/** The order that this device walks a lot by, and how to keep or drop it. */
export function useVisitPlan(lotId: string) {
  const [kept, keepText] = useKeptOnDevice(keyOf(lotId));
  const plan = useMemo(() => read(kept), [kept]);
  const keep = (next: VisitPlan | null) => keepText(next && JSON.stringify(next));
  return { plan, keep };
}
