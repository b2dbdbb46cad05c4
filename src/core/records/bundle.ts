import { z } from 'zod';
import { type AnyRecord, kindOf, RECORD_KINDS, type RecordKind, schemaNumber } from '../kinds';
import { shaSchema, text, uuidSchema } from '../kinds/common';
import { MOST_VERSIONS } from './change';
import { checkWritten } from './check-change';

/** 7: kinds along and standoff. 6: kinds offer and done. 3: kinds spot, weak, rust, plating and piece. 2: kinds colour, mark, waves, gap, shut and stance; the schema number of each record; ids in any case. */
export const BUNDLE_VERSION = 7;

const recordSchema = z.object({
  id: uuidSchema,
  version: z.number().int().positive().max(MOST_VERSIONS),
  /** Schema number of the kind by which the body was written; 1 where none is said. */
  schema: z.number().int().positive().optional(),
  body: z.record(z.string(), z.unknown()),
});

export const bundleSchema = z.object({
  format: z.literal('farvin.bundle'),
  version: z.number().int(),
  lot: z.object({
    id: uuidSchema,
    number: z.number().int().positive().max(1_000_000_000),
    title: text(200),
    sale: text(200),
  }),
  inspection: z.object({
    id: uuidSchema,
    revision: z.number().int().positive().max(1_000_000),
    state: z.enum(['draft', 'reviewed', 'sealed', 'given-up']),
  }),
  records: z.partialRecord(z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]]), z.array(recordSchema)),
  photos: z
    .array(z.object({ sha256: shaSchema, name: z.string(), type: z.string(), bytes: z.number().int().positive() }))
    .default([]),
});
export type Bundle = z.infer<typeof bundleSchema>;

export interface BundleProblem {
  readonly path: string;
  readonly message: string;
}

/**
 * Reads a bundle (docs/formats/bundle.md). Returns its records, or every problem with the path where it stands. An
 * unknown newer version is refused. A photo record whose picture the bundle does not list is a problem.
 */
export function readBundle(
  input: unknown,
): { ok: true; bundle: Bundle; records: AnyRecord[] } | { ok: false; problems: BundleProblem[] } {
  const version = typeof input === 'object' && input !== null && 'version' in input ? input.version : undefined;
  if (typeof version === 'number' && version > BUNDLE_VERSION) {
    return {
      ok: false,
      problems: [
        { path: 'version', message: `This bundle has version ${version}; this program reads up to ${BUNDLE_VERSION}.` },
      ],
    };
  }
  const parsed = bundleSchema.safeParse(input);
  if (!parsed.success) {
    return { ok: false, problems: parsed.error.issues.map((i) => ({ path: i.path.join('.'), message: i.message })) };
  }
  return checkRecords(parsed.data);
}

function checkRecords(
  bundle: Bundle,
): { ok: true; bundle: Bundle; records: AnyRecord[] } | { ok: false; problems: BundleProblem[] } {
  const problems: BundleProblem[] = [];
  const records: AnyRecord[] = [];
  const seen = new Set<string>();
  const pictures = new Set(bundle.photos.map((p) => p.sha256));
  const styleOf = bundle.records.car?.[0]?.body.style;
  const style = typeof styleOf === 'string' ? styleOf : null;
  for (const kind of RECORD_KINDS) {
    (bundle.records[kind] ?? []).forEach((record, i) => {
      const path = `records.${kind}.${i}`;
      if (seen.has(record.id)) problems.push({ path: `${path}.id`, message: 'This id stands twice in the bundle.' });
      seen.add(record.id);
      const checked = checkWritten(kind, record, { style });
      if (!checked.ok)
        problems.push({
          path: [path, 'path' in checked.problem ? 'body' : 'schema', checked.problem.path].filter(Boolean).join('.'),
          message: checked.problem.message,
        });
      else {
        const file = kindOf(kind).file?.(checked.body as never);
        if (file !== undefined && !pictures.has(file)) {
          problems.push({
            path: `${path}.body.sha256`,
            message: 'The bundle does not list this picture under photos.',
          });
        }
        records.push({ id: record.id, version: record.version, kind, body: checked.body } as AnyRecord);
      }
    });
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, bundle, records };
}

/** Writes a bundle: records grouped by kind, each list in id order, so that equal records give equal text. */
export function writeBundle(
  lot: Bundle['lot'],
  inspection: Bundle['inspection'],
  records: readonly AnyRecord[],
): Bundle {
  const grouped: Bundle['records'] = {};
  const photos = new Map<string, Bundle['photos'][number]>();
  for (const record of [...records].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    const list = grouped[record.kind] ?? [];
    list.push({
      id: record.id,
      version: record.version,
      schema: schemaNumber(record.kind),
      body: record.body as Record<string, unknown>,
    });
    grouped[record.kind] = list;
    if (record.kind === 'photo') {
      const { sha256, name, type, bytes } = record.body;
      photos.set(sha256, { sha256, name, type, bytes });
    }
  }
  return {
    format: 'farvin.bundle',
    version: BUNDLE_VERSION,
    lot,
    inspection,
    records: grouped,
    photos: [...photos.values()],
  };
}
