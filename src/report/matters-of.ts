import { flawById } from '@/core/catalogue/flaws/by-id';
import { jobCost, ratesOf, workOf } from '@/core/cost/cost';
import { recordsOf } from '@/core/records/reduce';
import { mattersMost } from './matters';
import type { ToSeal } from './section';

const STRUCTURAL_STAGE = 4;

/** The published findings that matter most on a car, by what each costs the grade and the purse, what it ends and what it carries. */
export function mattersOf({ judgement, grade, tables }: Pick<ToSeal, 'judgement' | 'grade' | 'tables'>) {
  const open = recordsOf(judgement.records, 'finding').filter((f) => !f.body.withheld);
  const { jobs } = workOf(judgement, tables.cost);
  const rates = ratesOf(judgement, {});
  const money = new Map<string, number>();
  for (const j of jobs)
    for (const s of j.serves) money.set(s, (money.get(s) ?? 0) + jobCost(j, rates).likely / j.serves.length);
  const points = new Map(grade.repairMovers.map((m) => [m.finding, m.points.keeper]));
  const ends = new Set(grade.endings.flatMap((e) => e.findings));
  return mattersMost(
    open.map((f) => ({
      finding: f.id,
      points: points.get(f.id) ?? 0,
      money: money.get(f.id) ?? 0,
      ends: ends.has(f.id),
      carries:
        (flawById(f.body.flaw).stage ?? 0) >= STRUCTURAL_STAGE &&
        judgement.plan.zones.get(f.body.zone)?.structural === true,
    })),
  );
}
