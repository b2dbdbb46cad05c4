import { addDays, format } from 'date-fns';
import { workOf } from '../src/core/cost/cost';
import { DEFAULT_TABLES } from '../src/core/grade/all-tables';
import { judge } from '../src/core/judge/judge';
import { type AnyRecord, kindOf } from '../src/core/kinds';
import type { DemoJob } from './lot';
import type { DemoVisit } from './visit';

/** The records of a visit as they are judged once they are entered. */
const entered = (visit: DemoVisit): AnyRecord[] =>
  visit.changes.flatMap((c) =>
    c.op === 'put'
      ? [{ kind: c.kind, id: c.record, version: 1, body: kindOf(c.kind).schema.parse(c.body) } as unknown as AnyRecord]
      : [],
  );

/** Enters what the house offers of a car's jobs, and which of them were done. */
export function enterJobs(visit: DemoVisit, wanted: Readonly<Record<string, DemoJob>>): void {
  const judgement = judge({ plan: visit.plan, records: entered(visit), tables: DEFAULT_TABLES });
  const { jobs } = workOf(judgement, DEFAULT_TABLES.cost);
  const day = (n: number) => format(addDays(visit.startedAt, n), 'yyyy-MM-dd');
  for (const [key, becomes] of Object.entries(wanted)) {
    const job = jobs.find((j) => j.key === key);
    if (!job)
      throw new Error(`the demo names a job that is none: ${key}; there are ${jobs.map((j) => j.key).join(' ')}`);
    const named = { work: job.work, zone: job.zone, serves: [...job.rights], at: visit.at() };
    if ('doneAfterDays' in becomes) visit.put('done', { ...named, on: day(becomes.doneAfterDays), by: becomes.by });
    else if ('allow' in becomes)
      visit.put('offer', { ...named, sort: 'allowance', amount: becomes.allow, currency: 'VK' });
    else visit.put('offer', { ...named, sort: 'promise', by: day(becomes.promisedInDays) });
  }
}
