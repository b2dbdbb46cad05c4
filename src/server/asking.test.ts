import { askingBy } from './asking';

const ILSE = { userId: 'u1', name: 'Ilse Brandvik', orgId: 'o1', role: 'inspector' } as const;

/** A library and a database with the sessions of these tokens; a cookie is "signed" by a mark behind its token. */
function world(open: Record<string, { due?: boolean }>) {
  const asked = { library: 0, database: 0 };
  const asks = askingBy({
    cookieOf: (headers) => headers.get('cookie'),
    read: async (headers) => {
      asked.library++;
      const [token, mark] = headers.get('cookie')!.split('.');
      const found = mark === 'signed' ? open[token!] : undefined;
      if (found) found.due = false;
      return found ? token! : null;
    },
    find: async (token) => {
      asked.database++;
      return open[token] ? { actor: ILSE, session: `s-${token}`, due: false, ...open[token] } : null;
    },
  });
  return { asked, by: (cookie: string) => asks(new Headers(cookie ? { cookie } : {})), open };
}

it('asks the library once for a cookie, and the database at each request', async () => {
  const { by, asked } = world({ a: {} });
  for (const _request of [1, 2, 3]) expect(await by('a.signed')).toMatchObject({ actor: ILSE, session: 's-a' });
  expect(asked).toEqual({ library: 1, database: 3 });
});

it('knows nobody without a cookie, and by another signature also when the session is known', async () => {
  const { by, asked } = world({ a: {} });
  expect(await by('')).toBeNull();
  expect(asked).toEqual({ library: 0, database: 0 });
  await by('a.signed');
  expect(await by('a.made-up')).toBeNull();
  expect(await by('a')).toBeNull();
});

it('takes an ended session for a stranger from the next request on, and forgets its cookie', async () => {
  const { by, open, asked } = world({ a: {} });
  await by('a.signed');
  delete open.a;
  expect(await by('a.signed')).toBeNull();
  expect(asked.library).toBe(1);
  expect(await by('a.signed')).toBeNull();
  expect(asked.library).toBe(2);
});

it('lets the library renew a session that is due, once', async () => {
  const { by, open, asked } = world({ a: {} });
  await by('a.signed');
  open.a!.due = true;
  for (const _request of [1, 2]) expect(await by('a.signed')).toMatchObject({ session: 's-a', due: false });
  expect(asked.library).toBe(2);
});
