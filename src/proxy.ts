import { type NextRequest, NextResponse } from 'next/server';

/** Where a page may take what from. Scripts run by this answer's nonce only; nothing is fetched from elsewhere. */
const policy = (nonce: string, dev: boolean) =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    // Styles are set on elements by React and by the menus' scroll lock; they cannot run anything.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    // A film on the device is shown before it is sent; its captions are written into the page.
    "media-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Gives every page a Content-Security-Policy with a nonce of its own, which Next puts on its scripts. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(18))).toString('base64');
  const csp = policy(nonce, process.env.NODE_ENV === 'development');
  const headers = new Headers(request.headers);
  headers.set('content-security-policy', csp);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', csp);
  return response;
}

export const config = {
  matcher: [{ source: '/((?!api/|_next/static|_next/image|icon.svg|serwist/|r/[^/]+/(?:photos|films)/).*)' }],
};
