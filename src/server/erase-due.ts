import { eq } from 'drizzle-orm';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { type Deletion, dueDeletions } from '@/data/deletions';
import { type Erased, eraseLot, erasePerson, eraseSale } from '@/data/erase';
import { user } from '@/data/tables/auth';
import { deletion } from '@/data/tables/house';
import { exportKey } from './export/export-key';
import { removeFilm } from './film/film-store';
import { photoStore, removePhoto } from './photo-store';

async function eraseOne(owner: Db, d: Deletion): Promise<Erased | null> {
  const actor: Actor = { userId: d.askedById, name: d.askedBy, orgId: d.orgId, role: 'manager' };
  if (d.what === 'lot') return eraseLot(owner, actor, d.target, d.why);
  if (d.what === 'sale') return eraseSale(owner, actor, d.target, d.why);
  const [person] = await owner.select({ email: user.email }).from(user).where(eq(user.id, d.target));
  return person ? erasePerson(owner, actor, person.email, d.why) : null;
}

/**
 * Erases what is due, one after the other, files after rows; what was asked keeps neither name nor reason. What could not
 * be erased says why and is tried again the next time. Backups made before still hold it for as long as they are kept.
 */
export async function eraseDue(owner: Db, now: Date): Promise<{ erased: number; failed: number }> {
  const counts = { erased: 0, failed: 0 };
  for (const d of await dueDeletions(owner, now)) {
    try {
      const erased = await eraseOne(owner, d);
      if (!erased) throw new Error(d.what === 'person' ? 'nobody, or the last manager' : 'there is no such thing');
      for (const sha of erased.pictures) await removePhoto(sha);
      for (const film of erased.films) await removeFilm(film);
      for (const id of erased.exports) await photoStore().remove(exportKey(d.orgId, id));
      await owner.update(deletion).set({ doneAt: now, name: '', why: '', message: '' }).where(eq(deletion.id, d.id));
      counts.erased++;
    } catch (error) {
      const message = error instanceof Error ? error.message.split('\n')[0]!.slice(0, 300) : 'failed';
      await owner.update(deletion).set({ message }).where(eq(deletion.id, d.id));
      counts.failed++;
    }
  }
  return counts;
}
