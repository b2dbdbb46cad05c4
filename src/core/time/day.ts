/** The calendar day of a moment in a time zone of the IANA database, as YYYY-MM-DD. Throws for a zone there is not. */
export function dayIn(at: Date, timeZone: string): string {
  const parts = partsIn(at, timeZone);
  return `${parts.year}-${parts.month}-${parts.day}`;
}

/** The time of day in a time zone, as HH:MM of 24 hours. */
export function clockIn(at: Date, timeZone: string): string {
  const parts = partsIn(at, timeZone);
  return `${parts.hour}:${parts.minute}`;
}

/** Whether a text names a time zone. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

const FORMATS = new Map<string, Intl.DateTimeFormat>();

function partsIn(at: Date, timeZone: string): Record<string, string> {
  let format = FORMATS.get(timeZone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-GB', {
      timeZone,
      calendar: 'iso8601',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
    FORMATS.set(timeZone, format);
  }
  return Object.fromEntries(format.formatToParts(at).map((p) => [p.type, p.value]));
}
