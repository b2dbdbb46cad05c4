import { z } from 'zod';

/** Days from and to, both included, ISO 8601. */
export interface Days {
  readonly from: string;
  readonly to: string;
}

/** One part of a date code, in the order in which they stand. */
export const codePartSchema = z.discriminatedUnion('is', [
  /** A letter for each month, January first. */
  z.object({ is: z.literal('month-letter'), letters: z.string().length(12) }),
  z.object({ is: z.literal('month'), digits: z.union([z.literal(1), z.literal(2)]) }),
  z.object({ is: z.literal('day') }),
  z.object({ is: z.literal('week') }),
  z.object({ is: z.literal('quarter') }),
  z.object({ is: z.literal('year'), digits: z.union([z.literal(1), z.literal(2), z.literal(4)]) }),
  /** Characters that say no date: a plant, a line. */
  z.object({ is: z.literal('other'), length: z.number().int().min(1).max(8) }),
]);
export type CodePart = z.infer<typeof codePartSchema>;

export const dateFormatSchema = z
  .object({
    id: z
      .string()
      .regex(/^[a-z][a-z0-9-]*$/)
      .max(60),
    name: z.string().min(1).max(120),
    parts: z.array(codePartSchema).min(1).max(8),
  })
  .refine((f) => f.parts.filter((p) => p.is === 'year').length === 1, { message: 'a date code says one year' });
export type DateFormat = z.infer<typeof dateFormatSchema>;

const DAY_MS = 86_400_000;
export const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
export const shifted = (day: string, days: number): string => dayOf(Date.parse(day) + days * DAY_MS);

const pattern = (p: CodePart): string => {
  switch (p.is) {
    case 'month-letter':
      return `([${p.letters.toUpperCase()}])`;
    case 'month':
      return p.digits === 2 ? '(\\d{2})' : '(\\d{1,2})';
    case 'day':
      return '(\\d{1,2})';
    case 'week':
      return '(\\d{2})';
    case 'quarter':
      return '([1-4])';
    case 'year':
      return `(\\d{${p.digits}})`;
    case 'other':
      return `([A-Z0-9]{${p.length}})`;
  }
};

/** Monday of ISO 8601's week 1, which holds 4 January. */
const firstMonday = (year: number): number => {
  const fourth = Date.UTC(year, 0, 4);
  return fourth - ((new Date(fourth).getUTCDay() + 6) % 7) * DAY_MS;
};

interface Said {
  readonly month: number | null;
  readonly day: number | null;
  readonly week: number | null;
  readonly quarter: number | null;
}

/** The days that the parts mean in a year; null where there is no such day. */
function daysIn(year: number, { month, day, week, quarter }: Said): Days | null {
  if (week !== null) {
    const monday = firstMonday(year) + (week - 1) * 7 * DAY_MS;
    const own = new Date(monday + 3 * DAY_MS).getUTCFullYear() === year;
    return week >= 1 && own ? { from: dayOf(monday), to: dayOf(monday + 6 * DAY_MS) } : null;
  }
  if (month !== null) {
    if (month < 1 || month > 12) return null;
    const last = new Date(Date.UTC(year, month, 0)).getUTCDate();
    if (day !== null) {
      if (day < 1 || day > last) return null;
      const one = dayOf(Date.UTC(year, month - 1, day));
      return { from: one, to: one };
    }
    return { from: dayOf(Date.UTC(year, month - 1, 1)), to: dayOf(Date.UTC(year, month - 1, last)) };
  }
  if (quarter !== null)
    return { from: dayOf(Date.UTC(year, 3 * quarter - 3, 1)), to: dayOf(Date.UTC(year, 3 * quarter, 0)) };
  return { from: `${year}-01-01`, to: `${year}-12-31` };
}

const [FIRST_YEAR, LAST_YEAR] = [1900, 2099] as const;

/** Every year that the digits can mean, from 1900 to 2099. */
function yearsOf(digits: string): readonly number[] {
  const n = Number(digits);
  if (digits.length === 4) return n >= FIRST_YEAR && n <= LAST_YEAR ? [n] : [];
  const every = 10 ** digits.length;
  return Array.from({ length: Math.ceil((LAST_YEAR - FIRST_YEAR + 1) / every) }, (_, i) => FIRST_YEAR + i * every + n);
}

/**
 * All that a date code can mean, the earliest first: with one digit of the year each decade, with two each century. Null where
 * it is not of the format; none where it is and there is no such day.
 */
export function readDateCode(code: string, format: DateFormat): readonly Days[] | null {
  const text = code.toUpperCase().replaceAll(/[\s\-./]+/g, '');
  const match = new RegExp(`^${format.parts.map(pattern).join('')}$`).exec(text);
  if (!match) return null;
  const value = (is: CodePart['is']): string | null => {
    const i = format.parts.findIndex((p) => p.is === is);
    return i < 0 ? null : match[i + 1]!;
  };
  const figure = (is: CodePart['is']) => {
    const v = value(is);
    return v === null ? null : Number(v);
  };
  const letters = format.parts.find((p) => p.is === 'month-letter');
  const said: Said = {
    month: letters ? letters.letters.toUpperCase().indexOf(value('month-letter')!) + 1 : figure('month'),
    day: figure('day'),
    week: figure('week'),
    quarter: figure('quarter'),
  };
  return yearsOf(value('year')!).flatMap((y) => daysIn(y, said) ?? []);
}

/** A meaning that was chosen, and whether the decade had to be. */
export interface Resolved extends Days {
  /** The decade (or century) does not stand in the code: it was taken by the day of building. */
  readonly byBuild: boolean;
}

/**
 * Of all that a code can mean, what it means on this car: what lies nearest to the day of building. Without that only a code
 * that can mean one thing is resolved.
 */
export function resolveDate(meanings: readonly Days[], built: Days | null): Resolved | null {
  if (meanings.length === 0) return null;
  if (meanings.length === 1) return { ...meanings[0]!, byBuild: false };
  if (!built) return null;
  const away = (m: Days) =>
    Math.max(0, Date.parse(m.from) - Date.parse(built.to), Date.parse(built.from) - Date.parse(m.to));
  const nearest = meanings.reduce((a, b) => (away(b) < away(a) ? b : a));
  return { ...nearest, byBuild: true };
}
