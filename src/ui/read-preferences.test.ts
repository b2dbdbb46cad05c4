import { DEFAULT_PREFERENCES, PREFERENCES_COOKIE, preferencesCookie } from './preferences-cookie';
import { readPreferences } from './read-preferences';

it('keeps what the reader chose, there and back', () => {
  const chosen = { words: 'en-US', sides: 'driver-passenger', kerb: 'right', unit: 'mil', theme: 'pit' } as const;
  const cookie = preferencesCookie(chosen);
  const value = new RegExp(`^${PREFERENCES_COOKIE}=([^;]+)`).exec(cookie)![1];
  expect(readPreferences(value)).toEqual(chosen);
  expect(cookie).toMatch(/samesite=lax/);
});

it.each([undefined, '', 'nonsense', '%7B', encodeURIComponent('[1,2]'), encodeURIComponent('null')])(
  'falls back to the usual ones for %s',
  (cookie) => {
    expect(readPreferences(cookie)).toEqual(DEFAULT_PREFERENCES);
  },
);

it('takes the good parts of a cookie with a bad one', () => {
  expect(readPreferences(encodeURIComponent(JSON.stringify({ unit: 'mil', theme: 'neon' })))).toEqual({
    ...DEFAULT_PREFERENCES,
    unit: 'mil',
  });
});
