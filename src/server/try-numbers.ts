import { planOfCar } from '@/core/body/plan';
import type { LotMoved } from '@/core/calibration/lot-moved';
import type { Tables } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { LENSES, type Lens } from '@/core/grade/tables';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { recordsOfMany } from '@/data/lot-summaries';
import { salesOf } from '@/data/sales';
import { yardPage } from '@/data/yard';
import { saleYear } from './sealing';

/** Lots tried at once; the rest follows when the numbers are kept. */
const LOTS_TRIED = 60;

function medians(records: readonly AnyRecord[], onYear: number, tables: Tables): Record<Lens, number> | null {
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  if (!plan) return null;
  const { whole } = gradeCar(judge({ plan, records, tables }), onYear, tables);
  return Object.fromEntries(LENSES.map((l) => [l, whole.find((w) => w.lens === l)!.grade.value!])) as Record<
    Lens,
    number
  >;
}

/**
 * How the house's lots that are not sealed would be graded by other numbers, those that move most first; at most sixty.
 * Other requests get their turn between two lots.
 */
export async function tryNumbers(db: Db, actor: Actor, now: Tables, then: Tables): Promise<LotMoved[]> {
  const moved: LotMoved[] = [];
  for (const sale of await salesOf(db, actor)) {
    const { rows } = await yardPage(db, actor, sale.id, { limit: LOTS_TRIED });
    const open = rows.filter((r) => r.state !== 'sealed').slice(0, LOTS_TRIED - moved.length);
    const records = await recordsOfMany(
      db,
      actor,
      open.map((r) => r.inspectionId),
    );
    const onYear = saleYear(sale.closesOn, new Date(), sale.timeZone);
    for (const row of open) {
      await new Promise((resume) => setImmediate(resume));
      const own = records.get(row.inspectionId)!;
      const [before, after] = [medians(own, onYear, now), medians(own, onYear, then)];
      if (before && after) moved.push({ id: row.id, number: row.number, title: row.title, now: before, after });
    }
  }
  const most = (m: LotMoved) => Math.max(...LENSES.map((l) => Math.abs(m.after[l] - m.now[l])));
  return moved.sort((a, b) => most(b) - most(a) || a.number - b.number);
}
