import { planOfCar } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge, missingFrom } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { type Snapshot, type SnapshotInput, takeSnapshot } from '@/report/snapshot';

/** What a report rests on: all records, and what is said of its seal. */
export interface ToSeal {
  readonly records: readonly AnyRecord[];
  readonly input: SnapshotInput;
}

/** The report of an inspection as it will be sealed; null where something that must be stated first is missing. */
export async function reportToSeal({ records, input }: ToSeal): Promise<Snapshot | null> {
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  const judgement = plan ? judge({ plan, records, tables: input.tables ?? DEFAULT_TABLES }) : null;
  if (missingFrom(judgement, records).some((m) => m.blocks)) return null;
  const taken = takeSnapshot(input, judgement);
  return taken.ok ? taken.snapshot : null;
}
