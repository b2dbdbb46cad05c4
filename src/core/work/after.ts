import type { Plan } from '../body/plan';
import type { AnyRecord, StoredRecord } from '../kinds';
import { recordsOf } from '../records/reduce';
import { PAINTS_PANEL } from './paints';

/** Day of a record's statement, as it was written. */
const dayOf = (at: string) => at.slice(0, 10);

/** The day on which each thing that was put right was last put right, by its key. */
export function rightedOn(records: readonly AnyRecord[]): ReadonlyMap<string, StoredRecord<'done'>> {
  const righted = new Map<string, StoredRecord<'done'>>();
  for (const d of recordsOf(records, 'done'))
    for (const key of d.body.serves)
      if (!(righted.get(key) && righted.get(key)!.body.on > d.body.on)) righted.set(key, d);
  return righted;
}

/** The day on which each zone was last painted, by the jobs that were done; the whole outside where a job names no zone. */
function paintedOn(done: readonly StoredRecord<'done'>[], plan: Plan): ReadonlyMap<string, string> {
  const painted = new Map<string, string>();
  for (const { body } of done) {
    if (!PAINTS_PANEL.has(body.work) && body.work !== 'respray') continue;
    const zones =
      body.zone === null ? [...plan.zones.values()].flatMap((z) => (z.view === 'outside' ? z.slug : [])) : [body.zone];
    for (const z of zones) if (body.on > (painted.get(z) ?? '')) painted.set(z, body.on);
  }
  return painted;
}

/**
 * Records as a car is judged by them once jobs were done on it: findings that were put right count no more; what was said
 * before of a function, a leak, a tire or a piece that was put right, and film that was read before a panel was painted, tells
 * nothing of what is there now. Nothing counts as good by it: such places are to be looked at anew. The same list where
 * nothing was done.
 */
export function afterWork(records: readonly AnyRecord[], plan: Plan): readonly AnyRecord[] {
  const done = recordsOf(records, 'done');
  if (done.length === 0) return records;
  const righted = rightedOn(records);
  const painted = paintedOn(done, plan);
  /** Whether a statement of a thing was made before that thing was put right. */
  const before = (key: string, at: string) => dayOf(at) <= (righted.get(key)?.body.on ?? '');
  return records.filter((r): boolean => {
    if (r.kind === 'finding') return !righted.has(r.id);
    if (r.kind === 'tried') return !before(`works:${r.body.function}`, r.body.at);
    if (r.kind === 'wet') return !before(`leak:${r.body.place}`, r.body.at);
    if (r.kind === 'tire') return !before(r.id, r.body.at);
    if (r.kind === 'piece')
      return ![...righted].some(([key, d]) => key.startsWith(`${r.id}:`) && dayOf(r.body.at) <= d.body.on);
    if (r.kind === 'reading') return !(dayOf(r.body.at) <= (painted.get(r.body.zone) ?? ''));
    return true;
  });
}
