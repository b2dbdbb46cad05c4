import type { TimedVisit } from '@/core/days/days-plan';

/** What does not work out with a visit as it is planned, in words. */
export const clashesOf = (v: Pick<TimedVisit, 'late' | 'over' | 'keyless'>): string[] => [
  ...(v.late ? ['after its report day'] : []),
  ...(v.over ? ['ends after the day’s hours'] : []),
  ...(v.keyless ? ['its key is handed out no more by then'] : []),
];
