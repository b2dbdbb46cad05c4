import { z } from 'zod';
import { type AnyRecord, RECORD_KINDS, type RecordKind } from '@/core/kinds';
import { seamSchema, uuidSchema, zoneSchema } from '@/core/kinds/common';

/** The records that a statement rests on: of these kinds at these places, or these very ones. */
export interface Rests {
  readonly kinds?: readonly RecordKind[];
  readonly zones?: readonly string[];
  readonly seam?: string;
  readonly ids?: readonly string[];
}

/** Records that one statement may name one by one in an address. */
const MOST_IDS = 40;

const list = <T extends z.ZodType<unknown, string>>(item: T) =>
  z
    .string()
    .max(4000)
    .transform((s) => s.split(','))
    .pipe(z.array(item).max(200))
    .optional();
const querySchema = z.object({
  kinds: list(z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]])),
  zones: list(zoneSchema),
  seam: seamSchema.optional(),
  ids: list(uuidSchema),
});

/** A statement's records as the query of an address. */
export function restsQuery({ kinds, zones, seam, ids }: Rests): string {
  const parts = Object.entries({
    kinds: kinds?.join(','),
    zones: zones?.join(','),
    seam,
    ids: ids?.slice(0, MOST_IDS).join(','),
  });
  return new URLSearchParams(parts.flatMap(([k, v]) => (v ? [[k, v]] : []))).toString();
}

/** What an address asks for; null where it asks for nothing that records could be chosen by. */
export function readRests(query: Readonly<Record<string, unknown>>): Rests | null {
  const read = querySchema.safeParse(query);
  return read.success && Object.values(read.data).some((v) => v !== undefined) ? (read.data as Rests) : null;
}

/** The places that a record lies on: its zone, or the two that its seam parts. */
export function placesOf(body: unknown): readonly string[] {
  const { zone, seam } = (body ?? {}) as { zone?: unknown; seam?: unknown };
  return [...(typeof zone === 'string' ? [zone] : []), ...(typeof seam === 'string' ? seam.split('|') : [])];
}

/** Kinds that show or tell of other records, and stand beside these. */
const BESIDE: ReadonlySet<RecordKind> = new Set(['photo', 'moment']);

/** The records among these that a statement rests on, in their order. */
export function recordsBehind(records: readonly AnyRecord[], { kinds, zones, seam, ids }: Rests): readonly AnyRecord[] {
  if (ids) {
    const wanted = new Set(ids);
    return records.filter((r) => wanted.has(r.id));
  }
  return records.filter(
    ({ kind, body }) =>
      (kinds ? kinds.includes(kind) : !BESIDE.has(kind)) &&
      (!zones || placesOf(body).some((z) => zones.includes(z))) &&
      (!seam || (body as { seam?: unknown }).seam === seam),
  );
}
