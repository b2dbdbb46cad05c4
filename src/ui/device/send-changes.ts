import { BYTES_PER_CALL, CHANGES_PER_CALL, type ChangeResult } from '@/core/records/change';
import type { CheckedChange } from '@/core/records/check-change';
import { outcomeOf, type SendAnswer } from '../records/inspection-store';
import { clearSeen } from './clear-seen';
import { device, settleOnDevice } from './device-store';

/** What became of one request: as an answer, or `failed` when the server could not deal with this very batch. */
type Said = SendAnswer | { ok: false; why: 'failed'; message: string };

/** How often a change that fails by itself is tried, while others go through, before it is set aside. */
const TRIES_ALONE = 3;

const refused = (change: CheckedChange, message: string): ChangeResult => ({
  id: change.id,
  status: 'rejected',
  reason: 'refused',
  message,
});

/** The first of the waiting changes that one call may carry: by number, and by bytes. */
export function nextBatch(changes: readonly CheckedChange[]): readonly CheckedChange[] {
  let bytes = 0;
  let n = 0;
  for (const change of changes.slice(0, CHANGES_PER_CALL)) {
    // A letter takes up to three bytes in UTF-8 for each of its units.
    bytes += 3 * JSON.stringify(change).length;
    if (n > 0 && bytes > BYTES_PER_CALL) break;
    n++;
  }
  return changes.slice(0, n);
}

/** One request, for the person who entered the changes. */
async function post(inspection: string, by: string, changes: readonly CheckedChange[]): Promise<Said> {
  let response: Response;
  try {
    response = await fetch(`/api/v1/inspections/${inspection}/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ by, sentAt: new Date().toISOString(), changes }),
    });
  } catch {
    return { ok: false, why: 'offline' };
  }
  const said = await response.json().catch(() => null);
  if (response.ok) return said ? { ok: true, results: said.results } : { ok: false, why: 'offline' };
  if (response.status === 401) {
    // The session is over: what could be read with it leaves this device, what was entered waits.
    await clearSeen().catch(() => {});
    return { ok: false, why: 'signed-out' };
  }
  if (response.status === 409) return { ok: false, why: 'other-person' };
  const message = said?.message ?? 'The server does not take this entry.';
  const alone = response.status === 413 && changes.length === 1;
  if (!alone && (response.status === 413 || response.status === 500)) return { ok: false, why: 'failed', message };
  if ([400, 403, 404, 413].includes(response.status))
    return { ok: true, results: changes.map((c) => refused(c, message)) };
  return { ok: false, why: 'offline' };
}

/** How a batch that failed is being taken apart. */
interface Apart {
  readonly inspection: string;
  readonly by: string;
  readonly results: ChangeResult[];
  /** Changes that failed by themselves, in order, with what the server said. */
  readonly alone: { readonly change: CheckedChange; readonly message: string }[];
  stopped: Exclude<SendAnswer, { ok: true }>['why'] | null;
}

/** So many that fail by themselves while none goes through look like a server that is not well. */
const LOOKS_ILL = 2;

/**
 * Sends changes of one inspection for the person who entered them, in order; sending the same again is harmless. A
 * server that is away or busy is `offline`. A batch that fails is halved until the changes that cannot be taken stand
 * alone; they are set aside with the reason once others went through, so that they hold nobody up.
 */
export async function sendChanges(
  inspection: string,
  by: string,
  changes: readonly CheckedChange[],
): Promise<SendAnswer> {
  const whole = await post(inspection, by, changes);
  if (whole.ok) return whole;
  if (whole.why !== 'failed') return { ok: false, why: whole.why };
  const apart: Apart = { inspection, by, results: [], alone: [], stopped: null };
  await takeApart(apart, changes, whole.message);
  if (apart.results.length === 0) return { ok: false, why: apart.stopped ?? 'offline' };
  for (const { change, message } of apart.alone)
    if (!apart.stopped) apart.results.push(...(await tryAgain(apart, change, message)));
  return { ok: true, results: apart.results };
}

/** Halves a list that failed as a whole. What stands upon a change that failed waits for the next call. */
async function takeApart(apart: Apart, failed: readonly CheckedChange[], message: string): Promise<void> {
  if (failed.length === 1) {
    apart.alone.push({ change: failed[0]!, message });
    return;
  }
  const middle = Math.ceil(failed.length / 2);
  for (const half of [failed.slice(0, middle), failed.slice(middle)]) {
    if (apart.stopped) return;
    if (apart.results.length === 0 && apart.alone.length >= LOOKS_ILL && !(await isWell(apart, failed))) {
      apart.stopped = 'offline';
      return;
    }
    const done = new Set(apart.results.map((r) => r.id));
    const list = half.filter((c) => !done.has(c.id) && !apart.alone.some((a) => a.change.record === c.record));
    if (list.length > 0) await sendPart(apart, list);
  }
}

async function sendPart(apart: Apart, list: readonly CheckedChange[]): Promise<void> {
  const said = await post(apart.inspection, apart.by, list);
  if (said.ok) apart.results.push(...said.results);
  else if (said.why === 'failed') await takeApart(apart, list, said.message);
  else apart.stopped = said.why;
}

/** Whether the server takes the last of the changes, which nothing else stands upon. */
async function isWell(apart: Apart, changes: readonly CheckedChange[]): Promise<boolean> {
  const last = changes.at(-1)!;
  if (changes.some((c) => c !== last && c.record === last.record)) return false;
  const said = await post(apart.inspection, apart.by, [last]);
  if (said.ok) apart.results.push(...said.results);
  return said.ok;
}

/** Others went through: what still fails by itself after some tries is what cannot be taken. */
async function tryAgain(apart: Apart, change: CheckedChange, message: string): Promise<readonly ChangeResult[]> {
  for (let tried = 1; tried < TRIES_ALONE; tried++) {
    const again = await post(apart.inspection, apart.by, [change]);
    if (again.ok) return again.results;
    if (again.why === 'failed') continue;
    apart.stopped = again.why;
    return [];
  }
  return [refused(change, message)];
}

/** Sends what waits of inspections that no page has open, for the person signed in. Returns what stopped it, if anything. */
export async function sendAllWaiting(
  by: string,
  isOpen: (inspection: string) => boolean,
): Promise<'done' | Extract<SendAnswer, { ok: false }>['why']> {
  const ids = [...new Set((await device().waiting.orderBy('inspection').uniqueKeys()).map(String))];
  let stopped: 'done' | 'update-first' = 'done';
  for (const inspection of ids) {
    while (!isOpen(inspection)) {
      const rows = await device().waiting.where('inspection').equals(inspection).sortBy('order');
      const changes = nextBatch(rows.filter((r) => (r.by ?? by) === by).map((r) => r.change));
      if (changes.length === 0) break;
      const answer = await sendChanges(inspection, by, changes);
      if (!answer.ok) return answer.why;
      const settled = outcomeOf(changes, answer.results);
      await settleOnDevice(inspection, by, settled);
      if (settled.answered.length === 0) {
        // A newer program entered it: it waits, and the other lots go on.
        stopped = 'update-first';
        break;
      }
    }
  }
  return stopped;
}
