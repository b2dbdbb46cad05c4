import type { Aspect } from '../body/zone';
import { aspectOf } from '../coverage/coverage';
import type { AnyRecord } from '../kinds';
import type { Decided } from './cost';
import type { Job } from './jobs';
import type { Thing } from './thing';

/** What is seen clean at a place where something that is no finding was put right. */
const SEEN_AFTER: Readonly<Partial<Record<Thing['sort'], Aspect>>> = { leak: 'leaks', tire: 'tire' };
const NEW_AT = '2000-01-01T00:00:00Z';

/** A clean look at a place, as somebody has it who has just put it right. */
const seenClean = (zone: string, aspect: string, n: number): AnyRecord =>
  ({
    kind: 'look',
    id: `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`,
    version: 1,
    body: { zone, aspect, outcome: 'clean', why: null, note: '', at: NEW_AT },
  }) as AnyRecord;

/** A record as it stands once its fault is put right; null: it is gone. */
function righted(record: AnyRecord, keys: ReadonlySet<string>): AnyRecord | null {
  if (record.kind === 'finding') return keys.has(record.id) ? null : record;
  if (record.kind === 'tried')
    return keys.has(`works:${record.body.function}`)
      ? { ...record, body: { ...record.body, state: 'works', why: null } }
      : record;
  if (record.kind === 'wet') return keys.has(`leak:${record.body.place}`) ? null : record;
  if (record.kind === 'tire')
    return keys.has(record.id) ? { ...record, body: { ...record.body, code: '', faults: [], treadMm: null } } : record;
  if (record.kind === 'piece')
    return [...keys].some((k) => k.startsWith(`${record.id}:`))
      ? { ...record, body: { ...record.body, presence: 'fitted', faults: [] } }
      : record;
  return record;
}

/**
 * The records of a car once jobs are done: what they serve is gone or works, and its places are seen clean. What was measured
 * of paint and gaps stays as it was: it would have to be measured anew.
 */
export function mended(
  records: readonly AnyRecord[],
  decided: readonly Decided[],
  jobs: readonly Pick<Job, 'rights' | 'work' | 'zone'>[],
): readonly AnyRecord[] {
  // A test tells what is wrong and mends nothing; a chip in glass is filled by whoever tests it.
  const mends = jobs.filter((j) => j.work !== 'test' || (j.zone?.startsWith('glass') ?? false));
  const keys = new Set(mends.flatMap((j) => j.rights));
  if (keys.size === 0) return records;
  const places = decided.flatMap(({ options: { thing } }) => {
    if (!keys.has(thing.key)) return [];
    const aspect = thing.finding ? aspectOf(thing.finding.flaw, thing.zone) : (SEEN_AFTER[thing.sort] ?? null);
    return aspect ? [[thing.zone.slug, aspect] as const] : [];
  });
  return [
    ...records.flatMap((r) => righted(r, keys) ?? []),
    ...places.map(([zone, aspect], n) => seenClean(zone, aspect, n + 1)),
  ];
}
