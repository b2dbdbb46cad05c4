import { z } from 'zod';
import { DEFAULT_TABLES, TABLES, type TableName, type Tables } from '@/core/grade/all-tables';
import { digestOf } from '@/core/population/digest';
import { canonicalText } from '@/core/seal/seal';

export const TABLE_MOST_BYTES = 600_000;

const bodySchema = z.strictObject({ value: z.unknown(), yardstick: z.unknown().optional() });

type Changed = { readonly [N in TableName]?: Tables[N] | null };
export type TableAsked =
  | {
      readonly ok: true;
      readonly tables: Tables /** What is to be kept; null where it is as shipped. */;
      readonly changed: Changed;
    }
  | { readonly ok: false; readonly reason: 'malformed' | 'other-yardstick' | 'measured'; readonly message: string };

export const isTableName = (name: string): name is TableName => Object.hasOwn(TABLES, name);

const orShipped = <N extends TableName>(name: N, value: Tables[N]): Tables[N] | null =>
  canonicalText(value) === canonicalText(DEFAULT_TABLES[name]) ? null : value;

/**
 * One table as sent, in the place of the house's own. Refuses what is no table; where the cars that the grade is measured
 * on follow from it, the yardstick measured with it must come along.
 */
export function tableAsked(name: TableName, sent: unknown, own: Tables): TableAsked {
  if (name === 'yardstick')
    return {
      ok: false,
      reason: 'measured',
      message: 'The yardstick is measured, not typed: change the numbers that it follows from.',
    };
  const body = bodySchema.safeParse(sent);
  const parsed = body.success ? TABLES[name].schema.safeParse(body.data.value) : body;
  if (!body.success || !parsed.success) {
    const { path, message } = (body.error ?? parsed.error)!.issues[0]!;
    return { ok: false, reason: 'malformed', message: `${path.join(' › ')}: ${message}. Nothing was changed.` };
  }
  const alone = { ...own, [name]: parsed.data } as Tables;
  const digest = digestOf(alone);
  const changed: Changed = { [name]: orShipped(name, parsed.data as never) };
  if (digest === own.yardstick.madeFrom) return { ok: true, tables: alone, changed };
  // Back at numbers that ship, the shipped yardstick is theirs.
  const given = digest === DEFAULT_TABLES.yardstick.madeFrom ? DEFAULT_TABLES.yardstick : body.data.yardstick;
  const yardstick = TABLES.yardstick.schema.safeParse(given);
  if (!yardstick.success || yardstick.data.madeFrom !== digest)
    return {
      ok: false,
      reason: 'other-yardstick',
      message:
        'Cars are ranked among made cars, which were measured with other numbers than these. Try the numbers, then keep them. Nothing was changed.',
    };
  return {
    ok: true,
    tables: { ...alone, yardstick: yardstick.data },
    changed: { ...changed, yardstick: orShipped('yardstick', yardstick.data) },
  };
}
