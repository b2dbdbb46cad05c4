import { z } from 'zod';
import { TABLES, type Tables } from '@/core/grade/all-tables';
import { digestOf } from '@/core/population/digest';

const bodySchema = z.object({
  grade: TABLES.grade.schema,
  work: TABLES.work.schema,
  yardstick: TABLES.yardstick.schema,
});

export const NUMBERS_MOST_BYTES = 400_000;

type Asked =
  | { readonly ok: true; readonly tables: Tables }
  | { readonly ok: false; readonly code: 'malformed' | 'other-yardstick'; readonly message: string };

/**
 * The numbers of the grade as sent, in the place of the house's own. Refuses what is no table, and a yardstick that was
 * measured by other numbers than those beside it.
 */
export function numbersAsked(sent: unknown, own: Tables): Asked {
  const parsed = bodySchema.safeParse(sent);
  if (!parsed.success) {
    const { path, message } = parsed.error.issues[0]!;
    return { ok: false, code: 'malformed', message: `${path.join(', ')}: ${message} Nothing was changed.` };
  }
  const tables = { ...own, ...parsed.data } as Tables;
  if (parsed.data.yardstick.madeFrom === digestOf(tables)) return { ok: true, tables };
  const message =
    'The made cars were measured with other numbers than these. Try the numbers again, then keep them. Nothing was changed.';
  return { ok: false, code: 'other-yardstick', message };
}
