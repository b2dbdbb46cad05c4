import { beginHeaders } from './answer-headers.js';

function begun(url: string, headers: Record<string, string> = {}) {
  const request = { url, headers: { ...headers } as Record<string, string | undefined> };
  const said = new Map<string, string>();
  beginHeaders(request, { setHeader: (name: string, value: string) => said.set(name, value) }, () => 'tHiSoNe');
  return { request, said };
}

it.each(['/', '/yard?show=thin', '/lots/a/walk', '/r/some-link', '/r/some-link/photos.html'])(
  'gives the page %s a policy with its nonce, and the framework the same one',
  (url) => {
    const { request, said } = begun(url);
    expect(said.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-tHiSoNe' 'strict-dynamic';/);
    expect(said.get('content-security-policy')).not.toContain('unsafe-eval');
    expect(request.headers['content-security-policy']).toBe(said.get('content-security-policy'));
    expect(said.get('x-frame-options')).toBe('DENY');
  },
);

it.each([
  '/api/v1/sales',
  '/_next/static/chunks/a.js',
  '/r/some-link/photos/a',
  '/r/some-link/films/a',
  '/serwist/sw.js',
])('leaves the policy of %s to what answers there, and says the rest', (url) => {
  const { said } = begun(url);
  expect(said.has('content-security-policy')).toBe(false);
  expect(said.get('x-content-type-options')).toBe('nosniff');
});

it('believes no policy that a caller brings along', () => {
  const theirs = { 'content-security-policy': "script-src 'nonce-theirs'" };
  expect(begun('/yard', theirs).request.headers['content-security-policy']).not.toContain('theirs');
  expect(begun('/api/v1/sales', theirs).request.headers['content-security-policy']).toBeUndefined();
});
