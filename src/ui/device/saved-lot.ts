import type { AnyRecord } from '@/core/kinds';
import { factsAsSaved } from '../records/inspection-facts';
import { device, dropOverdue, type LotRow } from './device-store';

/** A lot that this account saved here, with its records, or null. */
export async function savedLot(lotId: string, account: string): Promise<{ row: LotRow; records: AnyRecord[] } | null> {
  await dropOverdue(new Date());
  const row = await device().lots.get(lotId);
  if (row?.facts.myId !== account) return null;
  const records = await device().records.where('inspection').equals(row.inspection).toArray();
  return {
    row: { ...row, facts: factsAsSaved(row.facts) },
    records: records.map(({ inspection: _i, ...r }) => r as AnyRecord),
  };
}
