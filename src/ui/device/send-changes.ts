import { CHANGES_PER_CALL, type ChangeResult } from '@/core/records/change';
import type { CheckedChange } from '@/core/records/check-change';
import { outcomeOf, type SendAnswer } from '../records/inspection-store';
import { device, settleOnDevice } from './device-store';

/** What the server says to one request about a whole batch that it will never take, as an answer to each change. */
function refusedAll(changes: readonly CheckedChange[], message: string): SendAnswer {
  const result = (c: CheckedChange): ChangeResult => ({ id: c.id, status: 'rejected', reason: 'refused', message });
  return { ok: true, results: changes.map(result) };
}

/** Sends changes of one inspection. A server that is away or busy is `offline`; sending the same again is harmless. */
export async function sendChanges(inspection: string, changes: readonly CheckedChange[]): Promise<SendAnswer> {
  try {
    const response = await fetch(`/api/v1/inspections/${inspection}/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ changes }),
    });
    if (response.status === 401) return { ok: false, why: 'signed-out' };
    if (response.ok) return { ok: true, results: (await response.json()).results };
    if ([400, 403, 404, 413].includes(response.status)) {
      const said = await response.json().catch(() => null);
      return refusedAll(changes, said?.message ?? 'The server does not take this entry.');
    }
    return { ok: false, why: 'offline' };
  } catch {
    return { ok: false, why: 'offline' };
  }
}

/** Sends what waits of inspections that no page has open, for the person signed in. Returns what stopped it, if anything. */
export async function sendAllWaiting(
  by: string,
  isOpen: (inspection: string) => boolean,
): Promise<'done' | 'offline' | 'signed-out'> {
  const ids = [...new Set((await device().waiting.orderBy('inspection').uniqueKeys()).map(String))];
  for (const inspection of ids) {
    while (!isOpen(inspection)) {
      const rows = await device().waiting.where('inspection').equals(inspection).sortBy('order');
      const batch = rows.filter((r) => (r.by ?? by) === by).slice(0, CHANGES_PER_CALL);
      if (batch.length === 0) break;
      const changes = batch.map((r) => r.change);
      const answer = await sendChanges(inspection, changes);
      if (!answer.ok) return answer.why;
      await settleOnDevice(inspection, by, outcomeOf(changes, answer.results));
    }
  }
  return 'done';
}
