import { z } from 'zod';
import { KINDS, type RecordKind } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';

/** A field of a record as a simple form can show it. */
export interface MendField {
  readonly key: string;
  readonly type: 'text' | 'number' | 'boolean' | 'choice';
  readonly options: readonly string[];
  /** Whether it may be empty, which says that nothing is known. */
  readonly mayBeEmpty: boolean;
}

function bare(schema: z.ZodType): { inner: z.ZodType; nullable: boolean } {
  let inner = schema;
  let nullable = false;
  while (inner instanceof z.ZodDefault || inner instanceof z.ZodNullable || inner instanceof z.ZodOptional) {
    nullable ||= inner instanceof z.ZodNullable;
    inner = inner.unwrap() as z.ZodType;
  }
  return { inner, nullable };
}

/** The fields of a kind that stand for one text, figure, choice or yes and no; others are left as they are. */
export function mendFields(kind: RecordKind): MendField[] {
  return Object.entries(KINDS[kind].schema.shape as Record<string, z.ZodType>).flatMap(([key, schema]) => {
    const { inner, nullable } = bare(schema);
    const field = (type: MendField['type'], options: readonly string[] = []) => [
      { key, type, options, mayBeEmpty: nullable },
    ];
    if (inner instanceof z.ZodNumber) return field('number');
    if (inner instanceof z.ZodBoolean) return field('boolean');
    if (inner instanceof z.ZodEnum) return field('choice', inner.options.map(String));
    if (inner instanceof z.ZodString || inner instanceof z.ZodISODateTime || inner instanceof z.ZodUUID)
      return field('text');
    return [];
  });
}

/** What a record's fields show as text; yes and no as `true` and `false`, nothing known as empty. */
export function mendTexts(
  fields: readonly MendField[],
  body: Readonly<Record<string, unknown>>,
): Record<string, string> {
  return Object.fromEntries(
    fields.map(({ key }) => [key, body[key] === null || body[key] === undefined ? '' : String(body[key])]),
  );
}

/** The body that the typed fields say. An emptied figure is unknown where that may be, and asked for where not: never 0. */
export function mendedBody(
  fields: readonly MendField[],
  body: Readonly<Record<string, unknown>>,
  typed: Readonly<Record<string, string>>,
): { ok: true; body: Record<string, unknown> } | { ok: false; key: string; message: string } {
  const mended: Record<string, unknown> = { ...body };
  for (const { key, type, mayBeEmpty } of fields) {
    const text = typed[key] ?? '';
    if (text.trim() === '' && mayBeEmpty) mended[key] = null;
    else if (type === 'boolean') mended[key] = text === 'true';
    else if (type === 'number') {
      const value = figureOf(text);
      if (value === 'bad' || value === null)
        return { ok: false, key, message: value === null ? 'A figure is needed here.' : `“${text}” is no number.` };
      mended[key] = value;
    } else if (text !== '' || body[key] !== undefined) mended[key] = text;
  }
  return { ok: true, body: mended };
}
