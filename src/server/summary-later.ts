import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { yardRowOf } from '@/data/yard';
import { saleYear } from './sealing';
import { freshSummaries } from './summaries';

/** Entries come in bursts: the summary is computed once they pause. */
const AFTER_MS = 2000;
const waiting = new Map<string, ReturnType<typeof setTimeout>>();

/**
 * Brings what the Yard shows of an inspection up to date a moment after its last change, off the request's path, so
 * that counts and orders over many lots do not wait until somebody looks at this one. A server that ends before it is
 * no loss: the Yard computes what it finds stale.
 */
export function summariseLater(db: Db, actor: Actor, inspectionId: string): void {
  clearTimeout(waiting.get(inspectionId));
  const timer = setTimeout(() => {
    waiting.delete(inspectionId);
    void (async () => {
      const head = await inspectionHead(db, actor, inspectionId);
      const row = head ? await yardRowOf(db, actor, head.lot.id) : null;
      if (head && row?.inspectionId === inspectionId)
        await freshSummaries(db, actor, [row], saleYear(head.sale.closesOn, new Date()));
    })().catch(() => {});
  }, AFTER_MS);
  timer.unref?.();
  waiting.set(inspectionId, timer);
}
