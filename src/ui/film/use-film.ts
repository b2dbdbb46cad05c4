import { useCallback, useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { clip } from '@/core/records/clip';
import { type Records, recordsOf } from '@/core/records/reduce';
import { photoQueue } from '@/ui/device/photo-queue';
import { MOST_FILM_BYTES, sendFilm } from '@/ui/device/send-film';
import { useLot, useStored } from '@/ui/records/inspection';
import { plural } from '@/words/plural';
import { stillAround } from './film-stills';
import { askFilm, Stopped } from './film-work';

export interface FilmAtHand {
  readonly file: File;
  readonly url: string;
}
export interface Busy {
  readonly what: string;
  readonly share: number;
  readonly stop: () => void;
}

const MB = 1024 * 1024;
/** Kinds of record that a picture can be taken of. */
const SHOWN_BY_STILLS = new Set(['finding', 'fluid', 'mech', 'number']);
/** Hashing and looking are so much of the work of keeping a film. */
const HASHING = 0.15;

/** Moments of a film whose records a picture can be taken of and that have none yet. */
function unpictured(records: Records, filmId: string) {
  const pictured = new Set(recordsOf(records, 'photo').map((p) => p.body.finding));
  return recordsOf(records, 'moment').filter(
    ({ body: m }) => m.film === filmId && !pictured.has(m.of) && SHOWN_BY_STILLS.has(records.get(m.of)?.kind ?? ''),
  );
}

/** Work that shows how far it is and can be stopped, one at a time; leaving the page stops it. */
function useLongWork() {
  const [busy, setBusy] = useState<Busy | null>(null);
  const running = useRef<AbortController>(undefined);
  useEffect(() => () => running.current?.abort(), []);
  const working = async (what: string, work: (signal: AbortSignal, at: (share: number) => void) => Promise<void>) => {
    const controller = new AbortController();
    running.current = controller;
    const at = (share: number) => setBusy({ what, share, stop: () => controller.abort() });
    at(0);
    try {
      await work(controller.signal, at);
    } catch (error) {
      toast(
        error instanceof Stopped
          ? 'Stopped. What had arrived goes on from there the next time.'
          : 'That did not work. The film and the records stay as they are.',
      );
      if (!(error instanceof Stopped)) console.error(error);
    } finally {
      setBusy(null);
    }
  };
  return { busy, working };
}

/** The film beside some talk: at hand on this device, kept with the lot, linked, and the stills taken out of it. */
export function useFilm(filmId: string) {
  const { store, facts } = useLot();
  const record = useStored((s) => s.records.get(filmId));
  const kept = record?.kind === 'film' ? record.body : null;
  const [atHand, setAtHand] = useState<FilmAtHand | null>(null);
  const { busy, working } = useLongWork();
  useEffect(() => () => void (atHand && URL.revokeObjectURL(atHand.url)), [atHand]);
  const take = useCallback((file: File) => setAtHand({ file, url: URL.createObjectURL(file) }), []);

  const body = (more: object) => ({
    name: clip(atHand?.file.name ?? kept?.name ?? 'film', 200) || 'film',
    ...(kept ?? { at: new Date().toISOString() }),
    ...more,
  });
  const enter = (more: object): boolean => {
    const put = store.put([{ kind: 'film', id: filmId, body: body(more) }]);
    if (!put.ok) toast(put.message);
    return put.ok;
  };

  const keep = () => {
    const film = atHand?.file;
    if (!film) return;
    if (film.size > MOST_FILM_BYTES) {
      toast(
        `This film has ${Math.round(film.size / MB)} MB; ${MOST_FILM_BYTES / MB} can be kept. Link to where it is.`,
      );
      return;
    }
    void working('Keeping the film', async (signal, at) => {
      const hashed = await askFilm({ op: 'hash', film }, 'hash', { signal, progress: (s) => at(HASHING * s) });
      const looked = await askFilm({ op: 'facts', film }, 'facts', { signal });
      if (hashed.told === 'unreadable') throw new Error('the film cannot be read');
      const sent = await sendFilm(facts.id, hashed.sha256, film, {
        progress: (s) => at(HASHING + (1 - HASHING) * s),
        aborted: () => signal.aborted,
      });
      if (signal.aborted) throw new Stopped();
      if (!sent.ok) return void toast(sent.message);
      const jpeg = looked.told === 'facts' ? looked.poster : null;
      const picture = jpeg && new File([jpeg], `${film.name} poster.jpg`, { type: 'image/jpeg' });
      const [poster = null] = picture ? await photoQueue().add(facts.id, [picture]) : [];
      if (enter({ ...sent.film, lengthS: looked.told === 'facts' ? looked.lengthS : null, poster }))
        toast('The film is kept with the lot. Places and names were taken out of it.');
    });
  };

  /** Stills of what was taken of this film and has no picture yet; what shows the same is kept once. */
  const wantStills = useStored((s) => unpictured(s.records, filmId).length);
  const stills = (video: HTMLVideoElement | null) => {
    const film = atHand?.file;
    if (!film) return;
    const moments = unpictured(store.snapshot().records, filmId);
    void working('Taking stills', async (signal, at) => {
      const asked = moments.map(({ id, body: m }) => ({ key: id, atS: m.fromS }));
      const made = await askFilm({ op: 'stills', film, moments: asked }, 'stills', { signal, progress: at });
      const told = new Map(moments.map((m) => [m.id, m.body]));
      const add = (key: string, file: File) =>
        photoQueue().add(facts.id, [file], { finding: told.get(key)!.of, zone: told.get(key)!.zone });
      if (made.told === 'unreadable') {
        // Seeking the film on the page is slower, and reads what this browser plays.
        if (!video) throw new Error('no film to seek in');
        for (const [i, { key, atS }] of asked.entries()) {
          if (signal.aborted) throw new Stopped();
          await add(key, await stillAround(video, atS, film.name));
          at((i + 1) / asked.length);
        }
        return void toast(`${plural(asked.length, 'still')} on the way to the pictures.`);
      }
      const own = made.stills.filter((s) => s.sameAs === null);
      for (const { key, atS, jpeg } of own) {
        const name = `${film.name.replace(/\.[^.]+$/, '')} ${atS.toFixed(1)} s.jpg`;
        await add(key, new File([jpeg], name, { type: 'image/jpeg' }));
      }
      const same = made.stills.length - own.length;
      toast(
        `${plural(own.length, 'still')} on the way to the pictures.${same > 0 ? ` ${same} would have shown the same as another.` : ''}`,
      );
    });
  };
  return { atHand, take, kept, busy, keep, link: (url: string) => enter({ link: url }), wantStills, stills };
}
export type FilmBeside = ReturnType<typeof useFilm>;
