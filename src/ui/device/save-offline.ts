import pLimit from 'p-limit';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { InspectionFacts } from '../records/inspection-facts';
import { saveLot } from './device-store';

/** Small copies of a lot's pictures go with it. */
const PICTURES_AT_ONCE = 4;

/**
 * Saves a lot with its records and the small copies of its pictures on this device. False when the server does not
 * give it now; throws when the device has no room.
 */
export async function saveLotOffline(lotId: string, stopped: () => boolean = () => false): Promise<boolean> {
  const answer = await fetch(`/api/v1/lots/${lotId}/along`).catch(() => null);
  if (!answer?.ok) return false;
  const { facts, records } = (await answer.json()) as { facts: InspectionFacts; records: AnyRecord[] };
  await saveLot(facts, records, true);
  const pictures = new Set(recordsOf(new Map(records.map((r) => [r.id, r])), 'photo').map((p) => p.body.sha256));
  const limit = pLimit(PICTURES_AT_ONCE);
  // The service worker keeps what passes through it.
  await limit.map([...pictures], async (sha) => {
    if (stopped()) return;
    await fetch(`/api/v1/photos/${sha}/320`)
      .then((r) => r.arrayBuffer())
      .catch(() => {});
  });
  return true;
}
