import { z } from 'zod';
import { type AnyRecord, RECORD_KINDS, RECORD_SCHEMAS, type RecordKind } from './index';

/** What each kind's fields are where nothing was said. */
const DEFAULTS = Object.fromEntries(
  RECORD_KINDS.map((kind) => [
    kind,
    Object.entries(RECORD_SCHEMAS[kind].shape as Record<string, z.ZodType>).flatMap(([name, field]) =>
      field instanceof z.ZodDefault ? [[name, field.def.defaultValue] as const] : [],
    ),
  ]),
) as unknown as Record<RecordKind, readonly (readonly [string, unknown])[]>;

/** A record kept before its kind got new fields, with those as they are where nothing was said; others as they are. */
export function filledIn<R extends AnyRecord>(record: R): R {
  const body = record.body as Record<string, unknown>;
  const lacking = (DEFAULTS[record.kind] ?? []).filter(([name]) => body[name] === undefined);
  return lacking.length === 0 ? record : { ...record, body: { ...Object.fromEntries(lacking), ...body } };
}
