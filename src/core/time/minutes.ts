const DAY_MINUTES = 24 * 60;

/** "08:30" as minutes from midnight, up to 24:00, where a day ends; null where it is no time. */
export function minuteOf(time: string): number | null {
  const m = /^([01]?\d|2[0-4]):([0-5]\d)$/.exec(time);
  const minute = m ? Number(m[1]) * 60 + Number(m[2]) : DAY_MINUTES + 1;
  return minute <= DAY_MINUTES ? minute : null;
}

/** Minutes from midnight as "08:30", to the nearest minute. */
export const timeOf = (minute: number): string => {
  const whole = Math.round(minute);
  return `${String(Math.floor(whole / 60)).padStart(2, '0')}:${String(whole % 60).padStart(2, '0')}`;
};
