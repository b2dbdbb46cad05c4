import { reportFileSchema } from '@/core/seal/seal';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { newestSealed } from '@/data/published';
import { readSnapshot } from '@/report/read-snapshot';

/** The newest sealed report of a lot, opened; null where none was sealed, or it is erased, or this program cannot read it. */
export async function newestOpened(db: Db, actor: Actor, lotId: string) {
  const sealed = await newestSealed(db, actor, lotId);
  const file = sealed ? reportFileSchema.safeParse(JSON.parse(sealed.report)).data : undefined;
  const opened = file ? readSnapshot(file.snapshot) : null;
  return sealed && opened ? { saleId: sealed.saleId, sha256: sealed.sha256, snapshot: opened.snapshot } : null;
}
