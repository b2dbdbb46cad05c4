import { z } from 'zod';
import { type AnyRecord, KINDS, kindOf, RECORD_KINDS, type RecordKind } from './';

type Fields = Readonly<Record<string, unknown>>;

/** What each kind's fields are where nothing was said. */
const DEFAULTS = Object.fromEntries(
  RECORD_KINDS.map((kind) => [
    kind,
    Object.entries(KINDS[kind].schema.shape as Record<string, z.ZodType>).flatMap(([name, field]) =>
      field instanceof z.ZodDefault ? [[name, field.def.defaultValue] as const] : [],
    ),
  ]),
) as unknown as Record<RecordKind, readonly (readonly [string, unknown])[]>;

/** A body of any earlier schema of its kind in the words of this one: new fields as they are where nothing was said. */
export function bodyWithDefaults(kind: RecordKind, given: Fields): Fields {
  const body = kindOf(kind).history?.older?.(given) ?? given;
  let filled: Record<string, unknown> | null = null;
  for (const [name, value] of DEFAULTS[kind] ?? [])
    if (body[name] === undefined) {
      filled ??= { ...body };
      filled[name] = value;
    }
  return filled ?? body;
}

/** A record kept before its kind got new fields, with those as they are where nothing was said; others as they are. */
export function withDefaults<R extends AnyRecord>(record: R): R {
  const body = bodyWithDefaults(record.kind, record.body as Fields);
  return body === record.body ? record : { ...record, body };
}

/**
 * A body that a program of an earlier schema entered upon a record of a later one: fields which that program does not
 * know stay as the record holds them, so that correcting one thing does not take another away.
 */
export function keptBeyond(kind: RecordKind, body: Fields, schema: number, present: Fields | null): Fields {
  if (!present) return body;
  const unknown = Object.entries(kindOf(kind).history?.since ?? {}).filter(
    ([name, since]) => since > schema && body[name] === undefined && present[name] !== undefined,
  );
  return unknown.length === 0
    ? body
    : { ...body, ...Object.fromEntries(unknown.map(([name]) => [name, present[name]])) };
}
