import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { FilmMoment } from './block';

/** A link into a film at a second, by the parameter that services of films read (`t`, whole seconds). */
export function linkAt(link: string, fromS: number): string {
  const url = new URL(link);
  url.searchParams.set('t', String(Math.floor(fromS)));
  return url.href;
}

/** Where each record is spoken of in the films on record, in the order of time; by the record's id. */
export function momentsByRecord(records: readonly AnyRecord[]): ReadonlyMap<string, readonly FilmMoment[]> {
  const films = new Map(recordsOf(records, 'film').map((f) => [f.id, f.body]));
  const found = new Map<string, FilmMoment[]>();
  for (const { body } of recordsOf(records, 'moment')) {
    const film = films.get(body.film);
    if (!film) continue;
    const { sha256, link } = film;
    const held = found.get(body.of) ?? [];
    if (held.some((m) => m.film === body.film && m.fromS === body.fromS)) continue;
    found.set(body.of, [...held, { film: body.film, sha256, link, fromS: body.fromS }]);
  }
  for (const moments of found.values()) moments.sort((a, b) => a.fromS - b.fromS);
  return found;
}
