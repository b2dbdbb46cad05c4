import { planOfCar } from '@/core/body/plan';
import { gradeCar } from '@/core/grade/grade';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { missingFrom } from '@/report/missing';
import { type Snapshot, type SnapshotInput, takeSnapshot } from '@/report/snapshot';

/** What a report rests on: all records, and what is said of its seal. */
export interface ToSeal {
  readonly records: readonly AnyRecord[];
  readonly input: SnapshotInput;
}

/** The report of an inspection as it will be sealed; null where something that must be stated first is missing. */
export async function reportToSeal({ records, input }: ToSeal): Promise<Snapshot | null> {
  const { tables, profiles, tolerances, onYear } = input;
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  const judged = {
    ...(tables && { tables }),
    ...(profiles && { profiles }),
    ...(tolerances && { tolerances }),
  };
  const grade = plan ? gradeCar({ plan, records, onYear, ...judged }) : null;
  if (missingFrom(plan, records, grade?.coverage ?? null, grade?.paint ?? null).some((m) => m.blocks)) return null;
  const taken = takeSnapshot(input);
  return taken.ok ? taken.snapshot : null;
}
