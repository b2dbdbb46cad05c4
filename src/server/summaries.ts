import { planOfCar } from '@/core/body/plan';
import type { Tables } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { LotSummary, YardRow } from '@/core/yard/yard-lot';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { keepSummary, recordsOfMany } from '@/data/lot-summaries';
import { orgTables } from '@/data/org-tables';
import { COMPUTED_BY } from '@/report/computed-by';

/** What the Yard shows of a lot, from its records; the grade under the keeper lens. */
export function summarise(records: readonly AnyRecord[], onYear: number, tables: Tables): LotSummary {
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  const counts = {
    by: COMPUTED_BY,
    records: records.length,
    readings: recordsOf(records, 'reading').length,
    findings: recordsOf(records, 'finding').length,
    photos: recordsOf(records, 'photo').length,
  };
  const name = car ? [car.make, car.model, car.year].filter(Boolean).join(' ') : '';
  if (!plan) return { ...counts, seen: 0, blocked: 0, grade: null, gates: [], car: name };
  const judgement = judge({ plan, records, tables });
  const grade = gradeCar(judgement, onYear, tables);
  const seen = judgement.coverage.whole;
  const whole = grade.whole[0]!;
  const { low, value, high } = whole.grade;
  return {
    ...counts,
    seen: seen.seen,
    blocked: seen.blocked / Math.max(1, seen.cells),
    grade: { low: low!, value: value!, high: high!, band: whole.band, bands: whole.bands },
    gates: grade.gates,
    car: name,
  };
}

/** Fills in the summaries that a page of the Yard lacks, and keeps them. */
export async function freshSummaries(
  db: Db,
  actor: Actor,
  rows: readonly YardRow[],
  onYear: number,
): Promise<(YardRow & { summary: LotSummary })[]> {
  const stale = rows.filter((r) => r.stale || !r.summary);
  // Of all records, also those that a viewer who happens to look first is not shown.
  const house: Actor = { ...actor, role: 'inspector' };
  const tables = stale.length > 0 ? await orgTables(db, house) : null;
  const records = await recordsOfMany(
    db,
    house,
    stale.map((r) => r.inspectionId),
  );
  const fresh = new Map<string, LotSummary>();
  for (const row of stale) {
    const summary = summarise(records.get(row.inspectionId)!, onYear, tables!.tables);
    fresh.set(row.inspectionId, summary);
    await keepSummary(db, house, row.inspectionId, row.changeCount, summary);
  }
  return rows.map((r) => ({ ...r, summary: fresh.get(r.inspectionId) ?? r.summary! }));
}
