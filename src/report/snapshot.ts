import { z } from 'zod';
import { planOfCar } from '@/core/body/plan';
import { DEFAULT_TABLES, type Tables } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { gradeTablesSchema } from '@/core/grade/tables';
import { type Judgement, judge } from '@/core/judge/judge';
import { MODEL_TABLES } from '@/core/judge/models';
import { type Bundle, bundleSchema, readBundle, writeBundle } from '@/core/records/bundle';
import { recordsOf } from '@/core/records/reduce';
import { COMPUTED_BY } from './computed-by';
import { published } from './published';
import { SEALED_SHAPE, SECTION_LIST } from './sections';

/**
 * 3: who seals it with which key, the log's head and the house's seal before; by which computation; places only where the
 * house publishes them. 2: the sale's time zone, why a revision was made, places measured along seams, severities, from which share seen a band
 * is named. Reports of version 1 have none of these.
 */
export const REPORT_VERSION = 3;

/** What is sealed: the records, the tables of numbers used and what was computed from them. */
export const snapshotSchema = z.object({
  version: z.number().int().min(1).max(REPORT_VERSION),
  sale: z.object({ name: z.string(), closesOn: z.string().nullable(), timeZone: z.string().optional() }),
  /** Of a revision: why it was made, and which sealed report it corrects. */
  corrects: z.object({ revision: z.number().int().positive(), sha256: z.string(), reason: z.string() }).optional(),
  revision: z.number().int().positive(),
  sealedAt: z.string(),
  sealedBy: z.string(),
  /** Under which house, key and log it was sealed; drafts, and reports of before version 3, do not say. */
  seal: z
    .object({
      organisation: z.object({ id: z.string(), name: z.string() }),
      keyId: z.string(),
      /** Hash of the last line of the inspection's log. */
      logHead: z.string(),
      /** SHA-256 of the report that the house sealed before this one; null of its first. */
      previous: z.string().nullable(),
    })
    .optional(),
  /** {@link COMPUTED_BY} of the program that computed it. */
  computedBy: z.number().int().optional(),
  bundle: bundleSchema,
  onYear: z.number().int(),
  /** The numbers used, whole; a reader needs the bands and profiles, so that a report outlives changes of the rest. */
  tables: z.looseObject({
    grade: z.looseObject({ bands: gradeTablesSchema.shape.bands, bandFromSeen: z.number().optional() }),
    profiles: MODEL_TABLES.profiles.schema.or(z.array(z.never())),
  }),
  /** What the sections hold. */
  results: z.object(SEALED_SHAPE),
});
export type Snapshot = z.infer<typeof snapshotSchema>;

export interface SnapshotInput {
  readonly bundle: Bundle;
  readonly sale: Snapshot['sale'];
  readonly corrects?: Snapshot['corrects'];
  readonly sealedAt: string;
  readonly sealedBy: string;
  readonly seal?: Snapshot['seal'];
  /** Whether where the car is kept and in which street it was looked at may be read by strangers. */
  readonly publishPlaces?: boolean;
  readonly onYear: number;
  readonly tables?: Tables;
}

/** Seven significant digits: far below any doubt stated, and the same text on every machine. */
function rounded<T>(value: T): T {
  return JSON.parse(
    JSON.stringify(value, (_k, v) => (typeof v === 'number' && !Number.isInteger(v) ? Number(v.toPrecision(7)) : v)),
  ) as T;
}

/** Everything a sealed report can be refused for. */
export type SnapshotRefusal = 'bad-records' | 'no-car' | 'no-plan';

type Taken = { ok: true; snapshot: Snapshot } | { ok: false; reason: SnapshotRefusal };

/**
 * Computes the report of an inspection: the published records with every result drawn from all of them. The grade
 * counts withheld findings, which are named by reason and number. Refuses an inspection without a car or a plan. Where the
 * very records of the bundle are judged already, that judgement is taken.
 */
export function takeSnapshot(input: SnapshotInput, judged: Judgement | null = null): Taken {
  const read = readBundle(input.bundle);
  if (!read.ok) return { ok: false, reason: 'bad-records' };
  const car = recordsOf(read.records, 'car')[0]?.body;
  if (!car) return { ok: false, reason: 'no-car' };
  const plan = planOfCar(car);
  if (!plan) return { ok: false, reason: 'no-plan' };
  const tables = input.tables ?? DEFAULT_TABLES;
  const judgement = judged ?? judge({ plan, records: read.records, tables });
  const grade = gradeCar(judgement, input.onYear, tables);
  const from = { judgement, grade, tables, records: read.records, onYear: input.onYear };
  const { bundle } = input;
  return {
    ok: true,
    snapshot: rounded({
      version: REPORT_VERSION,
      sale: input.sale,
      ...(input.corrects && { corrects: input.corrects }),
      revision: bundle.inspection.revision,
      sealedAt: input.sealedAt,
      sealedBy: input.sealedBy,
      ...(input.seal && { seal: input.seal }),
      computedBy: COMPUTED_BY,
      bundle: published(writeBundle(bundle.lot, bundle.inspection, read.records), input.publishPlaces ?? false),
      onYear: input.onYear,
      tables: { ...tables },
      results: Object.assign({}, ...SECTION_LIST.map(([, section]) => section.seal(from))) as Snapshot['results'],
    } as unknown as Snapshot),
  };
}
