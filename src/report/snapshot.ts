import { z } from 'zod';
import { type Plan, planOfCar } from '@/core/body/plan';
import { severity } from '@/core/findings/loss';
import { fitOfCar } from '@/core/fit/car-fit';
import { FIT_HINTS } from '@/core/fit/hints';
import { FIT_VERDICTS } from '@/core/fit/panel-fit';
import { DEFAULT_TOLERANCES, type Tolerance, tolerancesSchema } from '@/core/fit/tolerances';
import { type Grade, gradeCar } from '@/core/grade/grade';
import { AXES, DEFAULT_GRADE_TABLES, type GradeTables, gradeTablesSchema, LENSES } from '@/core/grade/tables';
import type { AnyRecord } from '@/core/kinds';
import { NONE_CAUSES } from '@/core/paint/no-reading';
import { DEFAULT_PROFILES, type PaintProfile, profileSchema } from '@/core/paint/profiles';
import { reasonSchema } from '@/core/paint/reasons';
import { type Bundle, bundleSchema, readBundle, writeBundle } from '@/core/records/bundle';
import { recordsOf } from '@/core/records/reduce';
import { estimateSchema } from '@/core/stats/estimate';
import { CAUTIONS, cautionsOf } from './cautions';

/**
 * 3: who seals it with which key, the log's head and the house's seal before; by which computation; places only where the
 * house publishes them. 2: the sale's time zone, why a revision was made, places measured along seams, severities, from which share seen a band
 * is named. Reports of version 1 have none of these.
 */
export const REPORT_VERSION = 3;

/**
 * Number of the way figures follow from records: raised with every change of a formula or of a number that is not in a
 * report's own tables. A report of another number need not give the same figures here.
 */
export const COMPUTED_BY = 1;

const shareSchema = z.object({ seen: z.number(), blocked: z.number(), cells: z.number() });
const chancesSchema = z.object({ factory: z.number(), resprayed: z.number(), heavy: z.number(), filled: z.number() });

const movementSchema = z.object({ dxMm: z.number(), dyMm: z.number(), dzMm: z.number() });

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
  tables: z.object({
    grade: z.looseObject({ bands: gradeTablesSchema.shape.bands, bandFromSeen: z.number().optional() }),
    profiles: z.array(profileSchema),
    /** Nominal gaps and tolerances; reports sealed before they were kept have none. */
    tolerances: tolerancesSchema.optional(),
  }),
  results: z.object({
    coverage: z.object({ whole: shareSchema, byView: z.record(z.string(), shareSchema) }),
    axes: z.array(
      z.object({
        axis: z.enum(AXES),
        grade: estimateSchema,
        seen: z.number(),
        forItsYears: z.number(),
        capped: z.boolean(),
      }),
    ),
    whole: z.array(
      z.object({
        lens: z.enum(LENSES),
        grade: estimateSchema,
        band: z.string(),
        forItsYears: z.number(),
        capped: z.boolean(),
      }),
    ),
    gates: z.array(z.string()),
    presentsCleanFromM: z.number(),
    paint: z.object({
      baselineUm: estimateSchema,
      zones: z.array(
        z.object({
          zone: z.string(),
          n: z.number(),
          over: z.number(),
          none: z.number(),
          medianUm: estimateSchema,
          spread: estimateSchema,
          state: z.record(z.string(), chancesSchema).nullable(),
          job: z.number().nullable(),
          enough: z.boolean(),
          // Reports sealed before these were computed do not have them.
          freeMedianUm: z.number().nullable().optional(),
          above: z
            .array(z.object({ cutUm: z.number(), share: estimateSchema, freeShare: z.number().nullable().optional() }))
            .optional(),
          noneCause: z.enum(NONE_CAUSES).nullable().optional(),
          reasons: z.array(reasonSchema).optional(),
        }),
      ),
      contrasts: z.array(z.object({ zone: z.string(), twin: z.string(), ratio: estimateSchema, p: z.number() })),
    }),
    // Reports sealed before fit was measured do not have it.
    fit: z
      .object({
        seams: z.array(
          z.object({
            seam: z.string(),
            nominalMm: z.number(),
            meanMm: estimateSchema,
            rangeMm: z.number(),
            within: z.number().nullable(),
            worstFlushMm: z.number().nullable(),
            goodMm: z.number().optional(),
            flushGoodMm: z.number().optional(),
            stations: z
              .array(z.object({ sMm: z.number(), gapMm: z.number().nullable(), flushMm: z.number().nullable() }))
              .optional(),
          }),
        ),
        panels: z.array(
          z.object({
            zone: z.string(),
            verdict: z.enum(FIT_VERDICTS),
            explained: z.number(),
            residualMm: z.number(),
            hinges: z.record(z.string(), movementSchema),
            latch: movementSchema.optional(),
          }),
        ),
        hints: z.array(
          z.object({ kind: z.enum(FIT_HINTS), zones: z.array(z.string()), figuresMm: z.array(z.number()) }),
        ),
      })
      .optional(),
    notSeen: z.array(z.object({ zone: z.string(), aspects: z.array(z.string()), why: z.string().nullable() })),
    cautions: z.array(z.enum(CAUTIONS)),
    withheld: z.array(z.object({ reason: z.string(), count: z.number().int() })),
    /** How grave each published finding is, 0 to 1, by its id. */
    severity: z.record(z.string(), z.number()).optional(),
  }),
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
  readonly tables?: GradeTables;
  readonly profiles?: readonly PaintProfile[];
  readonly tolerances?: readonly Tolerance[];
}

/** Seven significant digits: far below any doubt stated, and the same text on every machine. */
function rounded<T>(value: T): T {
  return JSON.parse(
    JSON.stringify(value, (_k, v) => (typeof v === 'number' && !Number.isInteger(v) ? Number(v.toPrecision(7)) : v)),
  ) as T;
}

function notSeen(grade: Grade): Snapshot['results']['notSeen'] {
  const rows = new Map<string, Snapshot['results']['notSeen'][number]>();
  for (const { zone, aspect, status, why } of grade.coverage.cells) {
    if (status !== 'unseen' && status !== 'blocked') continue;
    const key = `${zone.slug}/${why ?? ''}`;
    const row = rows.get(key) ?? { zone: zone.slug, aspects: [], why };
    row.aspects.push(aspect);
    rows.set(key, row);
  }
  return [...rows.values()];
}

function withheldOf(records: readonly AnyRecord[]): Snapshot['results']['withheld'] {
  const counts = new Map<string, number>();
  for (const f of recordsOf(records, 'finding'))
    if (f.body.withheld) counts.set(f.body.withheld, (counts.get(f.body.withheld) ?? 0) + 1);
  return [...counts].map(([reason, count]) => ({ reason, count }));
}

/** Records of a kind with one text of each left out. */
function without(bundle: Bundle, kind: 'car' | 'visit', field: string): Bundle['records'] {
  const rows = bundle.records[kind];
  return rows ? { [kind]: rows.map((r) => ({ ...r, body: { ...r.body, [field]: '' } })) } : {};
}

/** The bundle without withheld findings and with only the pictures that the rest speaks of; places only where wished. */
function published(bundle: Bundle, publishPlaces: boolean): Bundle {
  const findings = bundle.records.finding ?? [];
  const hidden = new Set(findings.filter((f) => f.body.withheld).map((f) => f.id));
  const named = (of: (id: string) => boolean) =>
    new Set(findings.filter((f) => of(f.id)).flatMap((f) => (f.body.photos as string[] | undefined) ?? []));
  const [shown, hiddenOnly] = [named((id) => !hidden.has(id)), named((id) => hidden.has(id))];
  const photos = (bundle.records.photo ?? []).filter(
    (p) =>
      !(typeof p.body.finding === 'string' && hidden.has(p.body.finding)) && (!hiddenOnly.has(p.id) || shown.has(p.id)),
  );
  const shas = new Set(photos.map((p) => p.body.sha256));
  return {
    ...bundle,
    records: {
      ...bundle.records,
      ...(publishPlaces ? {} : { ...without(bundle, 'car', 'keptIn'), ...without(bundle, 'visit', 'place') }),
      ...(findings.length > 0 && { finding: findings.filter((f) => !hidden.has(f.id)) }),
      ...(bundle.records.photo && { photo: photos }),
    },
    photos: bundle.photos.filter((p) => shas.has(p.sha256)),
  };
}

/** What was measured of the fit; nothing when nothing was. */
function fitResults(
  plan: Plan,
  records: readonly AnyRecord[],
  tolerances: readonly Tolerance[],
): { fit?: Snapshot['results']['fit'] } {
  const { seams, panels, hints } = fitOfCar(plan, records, tolerances);
  if (seams.length === 0) return {};
  return {
    fit: {
      seams: seams.map(({ seam, nominalMm, goodMm, flushGoodMm, meanMm, rangeMm, within, worstFlushMm, stations }) => ({
        seam,
        nominalMm,
        meanMm,
        rangeMm,
        within,
        worstFlushMm,
        goodMm,
        flushGoodMm,
        stations: stations.map((s) => ({ sMm: s.sMm, gapMm: s.gap?.value ?? null, flushMm: s.flushMm })),
      })),
      panels: panels.flatMap(({ zone, fit }) =>
        fit.ok
          ? [
              {
                zone,
                verdict: fit.verdict,
                explained: fit.explained,
                residualMm: fit.residualMm,
                latch: fit.latch,
                hinges: Object.fromEntries(
                  Object.entries(fit.hinges).map(([name, { dxMm, dyMm, dzMm }]) => [name, { dxMm, dyMm, dzMm }]),
                ),
              },
            ]
          : [],
      ),
      hints: hints.map(({ kind, zones, figuresMm }) => ({ kind, zones: [...zones], figuresMm: [...figuresMm] })),
    },
  };
}

/** Everything a sealed report can be refused for. */
export type SnapshotRefusal = 'bad-records' | 'no-car' | 'no-plan';

/**
 * Computes the report of an inspection: the published records with every result drawn from all of them. The grade
 * counts withheld findings, which are named by reason and number. Refuses an inspection without a car or a plan.
 */
export function takeSnapshot(
  input: SnapshotInput,
): { ok: true; snapshot: Snapshot } | { ok: false; reason: SnapshotRefusal } {
  const read = readBundle(input.bundle);
  if (!read.ok) return { ok: false, reason: 'bad-records' };
  const car = recordsOf(read.records, 'car')[0]?.body;
  if (!car) return { ok: false, reason: 'no-car' };
  const plan = planOfCar(car);
  if (!plan) return { ok: false, reason: 'no-plan' };
  const tables = input.tables ?? DEFAULT_GRADE_TABLES;
  const profiles = [...(input.profiles ?? DEFAULT_PROFILES)];
  const tolerances = [...(input.tolerances ?? DEFAULT_TOLERANCES)];
  const grade = gradeCar({ plan, records: read.records, onYear: input.onYear, tables, profiles, tolerances });
  const snapshot: Snapshot = {
    version: REPORT_VERSION,
    sale: input.sale,
    ...(input.corrects && { corrects: input.corrects }),
    revision: input.bundle.inspection.revision,
    sealedAt: input.sealedAt,
    sealedBy: input.sealedBy,
    ...(input.seal && { seal: input.seal }),
    computedBy: COMPUTED_BY,
    bundle: published(
      writeBundle(input.bundle.lot, input.bundle.inspection, read.records),
      input.publishPlaces ?? false,
    ),
    onYear: input.onYear,
    tables: { grade: tables, profiles, tolerances },
    results: {
      coverage: { whole: grade.coverage.whole, byView: grade.coverage.byView },
      axes: [...grade.axes],
      whole: [...grade.whole],
      gates: [...grade.gates],
      presentsCleanFromM: grade.presents.metres,
      paint: {
        baselineUm: grade.paint.baselineUm,
        zones: grade.paint.zones.map(({ lacks: _l, unreadable: _u, ...z }) => ({
          ...z,
          above: [...z.above],
          reasons: [...z.reasons],
          state: z.state as Record<string, z.infer<typeof chancesSchema>> | null,
        })),
        contrasts: grade.paint.contrasts.map(({ zone, twin, ratio, p }) => ({ zone, twin, ratio, p })),
      },
      ...fitResults(plan, read.records, tolerances),
      notSeen: notSeen(grade),
      cautions: cautionsOf(read.records),
      withheld: withheldOf(read.records),
      severity: Object.fromEntries(
        recordsOf(read.records, 'finding')
          .filter((f) => !f.body.withheld)
          .map((f) => [f.id, severity(f.body)]),
      ),
    },
  };
  return { ok: true, snapshot: rounded(snapshot) };
}
