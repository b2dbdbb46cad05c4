import { z } from 'zod';
import { type AnyRecord, RECORD_KINDS, type RecordKind } from '@/core/kinds';
import { type Bundle, bundleSchema } from '@/core/records/bundle';
import { checkWritten } from '@/core/records/check-change';
import { BLANK } from './sections';
import { REPORT_VERSION, type Snapshot, snapshotSchema } from './snapshot';

type Results = Snapshot['results'];

export interface OpenedSnapshot {
  readonly snapshot: Snapshot;
  /** Parts of the results, and kinds of records, that this program cannot read, in part or at all. */
  readonly unreadable: readonly string[];
}

/** A part by its schema; of a list the items that can be read. */
function readPart(schema: z.ZodType, value: unknown): { value: unknown; whole: boolean } | null {
  const all = schema.safeParse(value);
  if (all.success) return { value: all.data, whole: true };
  const list = schema instanceof z.ZodOptional ? (schema.unwrap() as z.ZodType) : schema;
  if (!(list instanceof z.ZodArray) || !Array.isArray(value)) return null;
  const item = list.element as z.ZodType;
  return { value: value.flatMap((v) => item.safeParse(v).data ?? []), whole: false };
}

/** The bundle of a sealed report with the kinds of records that this program knows. */
function readSealedBundle(value: unknown, unreadable: string[]): Bundle | null {
  const outer = bundleSchema.extend({ records: z.record(z.string(), z.unknown()) }).safeParse(value);
  if (!outer.success) return null;
  const records: Bundle['records'] = {};
  const list = z.array(z.unknown());
  const item = bundleSchema.shape.records.valueType.element;
  for (const [kind, rows] of Object.entries(outer.data.records)) {
    const known = (RECORD_KINDS as readonly string[]).includes(kind);
    const given = list.safeParse(rows).data ?? [];
    const read = known ? given.flatMap((r) => item.safeParse(r).data ?? []) : [];
    if (read.length < given.length || (!known && given.length > 0)) unreadable.push(`records.${kind}`);
    if (known) records[kind as RecordKind] = read;
  }
  return { ...outer.data, records };
}

/**
 * Reads what a sealed report holds, of this or any earlier version, part by part: what this program cannot read is named
 * and left blank, and the rest still opens. Null for what is no report, or one of a newer version. Nothing is computed
 * anew: the figures are those that were sealed.
 */
export function readSnapshot(input: unknown): OpenedSnapshot | null {
  const unreadable: string[] = [];
  const outer = snapshotSchema
    .extend({ bundle: z.unknown(), results: z.record(z.string(), z.unknown()), tables: z.unknown() })
    .safeParse(input);
  if (!outer.success || outer.data.version > REPORT_VERSION) return null;
  const bundle = readSealedBundle(outer.data.bundle, unreadable);
  if (!bundle) return null;
  const tables = snapshotSchema.shape.tables.safeParse(outer.data.tables);
  if (!tables.success) unreadable.push('tables');
  const results = { ...BLANK } as Record<string, unknown>;
  for (const [name, schema] of Object.entries(snapshotSchema.shape.results.shape)) {
    const part = readPart(schema as z.ZodType, outer.data.results[name]);
    if (part) results[name] = part.value;
    if (!part?.whole) unreadable.push(name);
  }
  return {
    snapshot: {
      ...outer.data,
      bundle,
      tables: tables.success ? tables.data : { grade: { bands: [] }, profiles: [] },
      results: results as Results,
    },
    unreadable,
  };
}

/** The records of a sealed bundle that this program can read, and the kinds of those it cannot. */
export function sealedRecords(bundle: Bundle): { records: AnyRecord[]; unreadable: string[] } {
  const style = bundle.records.car?.[0]?.body.style;
  const records: AnyRecord[] = [];
  const unreadable = new Set<string>();
  for (const kind of RECORD_KINDS)
    for (const row of bundle.records[kind] ?? []) {
      const checked = checkWritten(kind, row, { style: typeof style === 'string' && style !== '' ? style : null });
      if (checked.ok) records.push({ id: row.id, version: row.version, kind, body: checked.body } as AnyRecord);
      else unreadable.add(kind);
    }
  return { records, unreadable: [...unreadable] };
}
