/** Said with every answer. */
const ALWAYS = {
  'x-content-type-options': 'nosniff',
  'cross-origin-opener-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'cross-origin-resource-policy': 'same-origin',
  'x-robots-tag': 'noindex, nofollow',
  'referrer-policy': 'same-origin',
  'permissions-policy': 'camera=(self), geolocation=(), microphone=(self)',
};

/** What is no page of the application, or says for itself what it may take from where. */
const NO_PAGE = /^\/(?:api\/|_next\/static|_next\/image|icon\.svg|serwist\/|r\/[^/]+\/(?:photos|films)\/)/;

/** Where a page may take what from (W3C Content Security Policy 3). Scripts run by this answer's nonce only; nothing is fetched from elsewhere. */
const policy = (nonce, dev) =>
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

/**
 * The headers that an answer begins with. A page gets a policy with a nonce of its own; the framework reads that nonce from the
 * same header of the request, where nothing that a caller wrote is left, and puts it on the page's scripts.
 */
export function beginHeaders(request, response, newNonce, dev = false) {
  for (const [name, value] of Object.entries(ALWAYS)) response.setHeader(name, value);
  delete request.headers['content-security-policy'];
  delete request.headers['content-security-policy-report-only'];
  const at = request.url ?? '';
  // A shared cache must not pin an old worker; the script is fetched anew with every visit.
  if (at.startsWith('/serwist/')) response.setHeader('cache-control', 'no-cache');
  if (NO_PAGE.test(at)) return;
  const csp = policy(newNonce(), dev);
  request.headers['content-security-policy'] = csp;
  response.setHeader('content-security-policy', csp);
}
