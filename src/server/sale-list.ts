import { createHash } from 'node:crypto';
import type { BadRow } from '@/core/csv/rows';
import { type ListStep, type PresentLot, planList, readLotList } from '@/core/yard/lot-list';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { presentLots, takeList } from '@/data/lot-list';
import { styleNamed } from '@/words/style-named';

/** What taking a list would do, before anything is done. */
export interface ListPreview {
  readonly steps: readonly ListStep[];
  readonly bad: readonly BadRow[];
  readonly unread: readonly string[];
  /** Stands for these very steps: only they are taken. */
  readonly digest: string;
}

const digestOf = (steps: readonly ListStep[]) => createHash('sha256').update(JSON.stringify(steps)).digest('hex');

function planned(csv: string, present: readonly PresentLot[]): ListPreview {
  const { lots, bad, unread } = readLotList(csv, styleNamed);
  const steps = planList(lots, present);
  return { steps, bad, unread, digest: digestOf(steps) };
}

/** What a list would do to a sale now. */
export const previewList = async (db: Db, actor: Actor, saleId: string, csv: string): Promise<ListPreview> =>
  planned(csv, await presentLots(db, actor, saleId));

/**
 * Takes a list as it was shown: when the sale changed since, or a line is bad or refused, nothing is taken. Null when the
 * sale takes no lots.
 */
export async function takeShownList(
  db: Db,
  actor: Actor,
  saleId: string,
  csv: string,
  digest: string,
): Promise<{ added: number; changed: number } | 'changed-meanwhile' | null> {
  return takeList(db, actor, saleId, (present) => {
    const now = planned(csv, present);
    const whole = now.bad.length === 0 && !now.steps.some((s) => s.does === 'refused');
    return whole && now.digest === digest ? now.steps : null;
  });
}
