import { clockIn, dayIn } from './day';

const MINUTE_MS = 60_000;

/**
 * The instant at which the clocks of a time zone show a moment such as 2027-02-24T09:00. Where they show it twice, the
 * first; where they leave it out, as far behind the gap as was asked.
 */
export function instantIn(local: string, timeZone: string): string {
  const asked = Date.parse(`${local}Z`);
  let at = asked;
  // The zone's distance from UTC at the guess; twice, since the first guess may lie on the other side of a change.
  for (let i = 0; i < 2; i++) {
    const guess = new Date(at);
    const shown = Date.parse(`${dayIn(guess, timeZone)}T${clockIn(guess, timeZone)}Z`);
    at += Math.round((asked - shown) / MINUTE_MS) * MINUTE_MS;
  }
  return new Date(at).toISOString();
}
