import { Readable } from 'node:stream';
import parseRange from 'range-parser';
import { filmPieces, type StoredFilm } from './film-store';

/** A kept film as an answer, whole or the range that was asked for (RFC 9110 §14). */
export function filmAnswer(request: Request, film: StoredFilm & { readonly type: string }): Response {
  const headers: Record<string, string> = {
    'accept-ranges': 'bytes',
    'cache-control': 'private, max-age=3600',
    'content-type': film.type,
    'content-security-policy': "default-src 'none'; media-src 'self'",
    'x-content-type-options': 'nosniff',
    'x-robots-tag': 'noindex',
    etag: `"${film.sha256}"`,
  };
  const asked = request.headers.get('range');
  const ranges = asked === null ? null : parseRange(film.bytes, asked);
  if (ranges === -1)
    return new Response(null, { status: 416, headers: { ...headers, 'content-range': `bytes */${film.bytes}` } });
  // Several ranges at once, or one that is not understood: the whole film, as the standard allows.
  const one = Array.isArray(ranges) && ranges.type === 'bytes' && ranges.length === 1 ? ranges[0]! : null;
  const { start, end } = one ?? { start: 0, end: film.bytes - 1 };
  headers['content-length'] = String(end - start + 1);
  if (one) headers['content-range'] = `bytes ${start}-${end}/${film.bytes}`;
  const body = Readable.toWeb(Readable.from(filmPieces(film, start, end))) as ReadableStream<Uint8Array>;
  return new Response(body, { status: one ? 206 : 200, headers });
}
