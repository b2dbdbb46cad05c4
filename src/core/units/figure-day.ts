import { z } from 'zod';

const daySchema = z.iso.date().regex(/^(19|20|21)/);

/** A day as typed: `1967-04-12`, `12.4.1967`, a month `1967-04` or a year as their first day; null: empty. */
export function figureDay(text: string): string | null | 'bad' {
  const plain = text.trim();
  if (plain === '') return null;
  const turned = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(plain);
  const day = turned
    ? `${turned[3]}-${turned[2]!.padStart(2, '0')}-${turned[1]!.padStart(2, '0')}`
    : /^\d{4}$/.test(plain)
      ? `${plain}-01-01`
      : /^\d{4}-\d{2}$/.test(plain)
        ? `${plain}-01`
        : plain;
  const parsed = daySchema.safeParse(day);
  return parsed.success ? parsed.data : 'bad';
}
