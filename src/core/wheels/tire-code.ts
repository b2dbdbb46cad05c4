/** When a tire was made, by the last digits of its identification: days from and to, ISO 8601. */
export interface TireMade {
  readonly madeFrom: string;
  readonly madeTo: string;
  /** Whether three digits leave the decade open. */
  readonly decadeOpen: boolean;
}

export type TireRefusal = 'no-date-code' | 'no-such-week' | 'not-yet-made';
export type TireDecoded = ({ readonly ok: true } & TireMade) | { readonly ok: false; readonly reason: TireRefusal };

const DAY_MS = 86_400_000;
const dayText = (ms: number) => new Date(ms).toISOString().slice(0, 10);

/** Monday of an ISO 8601 week as milliseconds of UTC; week 1 holds 4 January. Null where the year has no such week. */
function mondayOf(year: number, week: number): number | null {
  const fourth = Date.UTC(year, 0, 4);
  const first = fourth - ((new Date(fourth).getUTCDay() + 6) % 7) * DAY_MS;
  const monday = first + (week - 1) * 7 * DAY_MS;
  // The Thursday tells to which year a week belongs.
  return week >= 1 && new Date(monday + 3 * DAY_MS).getUTCFullYear() === year ? monday : null;
}

/** Decades that three digits can mean: date codes began in 1971 and got a fourth digit in 2000. */
const OPEN_DECADES = [1970, 1980, 1990] as const;
const FIRST_CODED_YEAR = 1971;
/** The triangle behind three digits, or what is typed for it: the nineties. */
const NINETIES = /[◁◀⊲<]\s*$/u;

/** The last digits: alone, set apart, or at the end of a whole identification of seven characters at least. */
const DATE_DIGITS = /(?:^|[\s-]|^[A-Z0-9]{3,8}[A-Z])(\d{3,4})$/;

/**
 * The weeks in which a tire can have been made, by its date code: four digits week and year from 2000 on, three digits week
 * and last digit of the year before (US 49 CFR 574.5). Anything before the last digits is passed over. Refused: text without
 * such digits, a week that the year has not, a week after `on` (a day).
 */
export function decodeTire(code: string, on: string): TireDecoded {
  const text = code.trim().toUpperCase();
  const nineties = NINETIES.test(text);
  const digits = DATE_DIGITS.exec(text.replace(NINETIES, '').trim())?.[1];
  if (!digits) return { ok: false, reason: 'no-date-code' };
  const week = Number(digits.slice(0, 2));
  const years =
    digits.length === 4
      ? [2000 + Number(digits.slice(2))]
      : (nineties ? [1990] : OPEN_DECADES).map((d) => d + Number(digits[2])).filter((y) => y >= FIRST_CODED_YEAR);
  const mondays = years.flatMap((y) => {
    const monday = mondayOf(y, week);
    return monday === null ? [] : [monday];
  });
  if (mondays.length === 0) return { ok: false, reason: 'no-such-week' };
  const made = mondays.filter((m) => dayText(m) <= on);
  if (made.length === 0) return { ok: false, reason: 'not-yet-made' };
  const [from, to] = [Math.min(...made), Math.max(...made)];
  return { ok: true, madeFrom: dayText(from), madeTo: dayText(to + 6 * DAY_MS), decadeOpen: from !== to };
}

const DAYS_PER_YEAR = 365.2425;

/** Age in years on a day: at least, at most; to hundredths, rounded outwards. Never negative. */
export function tireAge({ madeFrom, madeTo }: TireMade, on: string): { readonly low: number; readonly high: number } {
  const years = (from: string) => Math.max(0, (Date.parse(on) - Date.parse(from)) / DAY_MS / DAYS_PER_YEAR);
  return { low: Math.floor(years(madeTo) * 100) / 100, high: Math.ceil(years(madeFrom) * 100) / 100 };
}
