import { type Erased, eraseLot, erasePerson, erasePicture } from '@/data/erase';
import { exportKey } from '@/server/export/export-key';
import { removeFilm } from '@/server/film/film-store';
import { photoStore, removePhoto } from '@/server/photo-store';
import { actorFor, lotIdOf, numberOf, withOwner } from '../on-database';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { as: TEXT, lot: TEXT, sale: TEXT, picture: TEXT, person: TEXT, why: TEXT } as const;

/** Removes files that no house needs any more: pictures with their copies, films and exports. */
async function removeFiles(orgId: string, { pictures, films, exports }: Erased): Promise<void> {
  for (const sha of pictures) await removePhoto(sha);
  for (const film of films) await removeFilm(film);
  for (const id of exports) await photoStore().remove(exportKey(orgId, id));
}

/** Erases a picture, a lot or a person of the account's house, for good; hashes stay, so that logs can be checked. */
async function erase(flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  const { picture, person, why } = flags;
  if (!why || why.length < 3) throw new Usage('erase needs --why TEXT: it is written down');
  if ([picture, person, flags.lot].filter(Boolean).length !== 1)
    throw new Usage('erase needs one of --picture SHA256, --lot NUMBER, --person EMAIL');
  return withOwner(async (db) => {
    const actor = await actorFor(db, flags.as);
    if (actor.role !== 'manager') throw new Refusal('role', { message: 'Only a manager erases.' });
    const lotId = flags.lot === undefined ? null : await lotIdOf(db, actor, numberOf(flags.lot), flags.sale);
    const erased = picture
      ? await erasePicture(db, actor, picture.toLowerCase(), why)
      : person
        ? await erasePerson(db, actor, person, why)
        : lotId && (await eraseLot(db, actor, lotId, why));
    if (!erased)
      throw new Refusal('not-there', {
        message: person
          ? 'There is no such person, or it is the last manager.'
          : 'There is no such thing in your house.',
      });
    await removeFiles(actor.orgId, erased);
    console.error('Backups made before still hold it: keep them no longer than your house’s term.');
    return { ok: true, ...erased };
  });
}

export const verb = defineVerb({
  usage: '--picture SHA256|--lot N [--sale NAME]|--person EMAIL --why TEXT [--as EMAIL]',
  does: 'Takes a picture, a lot or a person out of the database for good; hashes stay, so that logs can be checked.',
  gives: 'takes it out for good; hashes stay',
  takes: null,
  database: true,
  options: OPTIONS,
  run: (_nothing, flags) => erase(flags),
});
