import type { Actor } from '@/data/actor';
import { db } from '@/data/db';
import { publishLot, refreshPublished } from '@/data/published';
import { publicLot } from '@/report/public-lot';
import { newestOpened } from './newest-opened';
import { newToken, tokenHash } from './sealing';

/** What the newest sealed report of a lot says on the sale's page; null where there is none that can be read. */
async function factsOf(actor: Actor, lotId: string) {
  const opened = await newestOpened(db(), actor, lotId);
  const facts = opened && publicLot(opened.snapshot);
  return opened && facts ? { saleId: opened.saleId, sha256: opened.sha256, facts } : null;
}

/** Puts a lot on its sale's page. False when nothing of it was sealed yet. */
export async function publish(actor: Actor, lotId: string, opensAt: Date | null = null): Promise<boolean> {
  const found = await factsOf(actor, lotId);
  if (!found) return false;
  const token = newToken();
  await publishLot(db(), actor, { lotId, ...found, token, tokenHash: tokenHash(token), opensAt });
  return true;
}

/** After a new seal: what the sale's page says of a lot that stands on it. */
export async function followSeal(actor: Actor, lotId: string): Promise<void> {
  const found = await factsOf(actor, lotId);
  if (found) await refreshPublished(db(), actor, { lotId, ...found });
}
