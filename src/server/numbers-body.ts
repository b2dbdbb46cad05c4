import { z } from 'zod';
import { TABLES, type Tables } from '@/core/grade/all-tables';
import { digestOf } from '@/core/population/digest';
import { jsonBody, problem } from './api';

const bodySchema = z.object({
  grade: TABLES.grade.schema,
  work: TABLES.work.schema,
  yardstick: TABLES.yardstick.schema,
});

const MOST_BYTES = 400_000;

/** The numbers of the grade, as asked for: those that are sent in the place of the house's own. */
export async function numbersAsked(request: Request, own: Tables) {
  const body = await jsonBody(request, MOST_BYTES);
  if (!body.ok) return { ok: false, response: body.response } as const;
  const parsed = bodySchema.safeParse(body.value);
  if (!parsed.success) {
    const { path, message } = parsed.error.issues[0]!;
    return {
      ok: false,
      response: problem(400, 'malformed', `${path.join(', ')}: ${message} Nothing was changed.`),
    } as const;
  }
  const tables = { ...own, ...parsed.data } as Tables;
  if (parsed.data.yardstick.madeFrom !== digestOf(tables))
    return {
      ok: false,
      response: problem(
        400,
        'other-yardstick',
        'The made cars were measured with other numbers than these. Try the numbers again, then keep them. Nothing was changed.',
      ),
    } as const;
  return { ok: true, tables, sent: parsed.data } as const;
}
