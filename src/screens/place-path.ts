import { CHAPTERS } from './chapters';
import { PLACES } from './places';

export interface PlacePath {
  readonly place: string;
  readonly chapter: string | null;
}

/** Where an address within a lot leads, null for nowhere; an address of before the five places, to where it is now. */
export function placeAt(path: readonly string[]): { readonly at: PlacePath; readonly moved: boolean } | null {
  const [slug, chapter, ...more] = path;
  if (more.length > 0 || slug === undefined) return null;
  const isChapter = (of: string | undefined) => CHAPTERS.some((c) => c.slug === of);
  if (slug === 'evidence')
    return chapter === undefined || isChapter(chapter)
      ? { at: { place: slug, chapter: chapter ?? null }, moved: false }
      : null;
  const own = PLACES.find((p) => p.slug === slug);
  if (chapter !== undefined)
    return own?.tabs?.some((t) => t.slug === chapter) ? { at: { place: slug, chapter }, moved: false } : null;
  if (own) return { at: { place: slug, chapter: null }, moved: false };
  // Until the chapters moved into Evidence, pictures were at "photos" and each stood by itself.
  const was = slug === 'photos' ? 'pictures' : slug;
  return isChapter(was) ? { at: { place: 'evidence', chapter: was }, moved: true } : null;
}

/** The address of a place, or of a chapter, of a lot. */
export const addressOf = (lotId: string, { place, chapter }: PlacePath) =>
  `/lots/${lotId}/${place}${chapter ? `/${chapter}` : ''}`;
