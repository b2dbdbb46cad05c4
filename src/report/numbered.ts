import type { Plan } from '@/core/body/plan';
import { VIEWS, type View } from '@/core/body/zone';
import type { AnyRecord, StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { afterWork } from '@/core/work/after';

export interface NumberedFinding {
  readonly number: number;
  readonly record: StoredRecord<'finding'>;
  readonly view: View;
}

/** Findings that are not put right, numbered from 1 in the order in which a report tells them: view by view along the lap. */
export function numberedFindings(records: readonly AnyRecord[], plan: Plan): NumberedFinding[] {
  const viewOf = (zone: string) => plan.zones.get(zone)?.view ?? 'outside';
  const place = ({ body }: StoredRecord<'finding'>) => {
    const view = viewOf(body.zone);
    return VIEWS.indexOf(view) * 1000 + plan.lap[view].indexOf(body.zone);
  };
  return [...recordsOf(afterWork(records, plan), 'finding')]
    .sort((a, b) => place(a) - place(b))
    .map((record, i) => ({ number: i + 1, record, view: viewOf(record.body.zone) }));
}
