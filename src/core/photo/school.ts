import type { School } from '../catalogue/schools';
import type { AnyRecord } from '../kinds';
import { type Records, recordsOf } from '../records/reduce';

/** The working order of the newest visit that says one; else that of a full survey, which wants most. */
export const schoolOf = (records: Records | readonly AnyRecord[]): School =>
  recordsOf(records, 'visit')
    .flatMap((v) => v.body.school ?? [])
    .at(-1) ?? 'survey';
