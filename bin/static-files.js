// What a build made for browsers, sent as it was packed then.
import sirv from 'sirv';

const AT = '/_next/static/';
/** Names change with what is in a file: it is kept for good. */
const YEAR_S = 31_536_000;

/**
 * Answers requests for files of the folder, packed where the browser takes it, and leaves all others, and files that are not there, to
 * `otherwise`. Ranges are not followed: nobody asks for half a script, and odd ones would end the server.
 */
export function staticFiles(folder) {
  const send = sirv(folder, { etag: true, gzip: true, brotli: true, immutable: true, maxAge: YEAR_S });
  return (request, response, otherwise) => {
    const asked = request.url ?? '';
    if (!asked.startsWith(AT)) return otherwise();
    delete request.headers.range;
    request.url = asked.slice(AT.length - 1);
    send(request, response, () => {
      request.url = asked;
      otherwise();
    });
  };
}
