import { z } from 'zod';

export const preferencesSchema = z.object({
  words: z.enum(['en-GB', 'en-US']).catch('en-GB'),
  sides: z.enum(['left-right', 'driver-passenger', 'nearside-offside']).catch('left-right'),
  /** Kerb side of the reader's country. */
  kerb: z.enum(['left', 'right']).catch('left'),
  unit: z.enum(['um', 'mil']).catch('um'),
  theme: z.enum(['paper', 'pit']).catch('paper'),
});
export type Preferences = z.infer<typeof preferencesSchema>;

export const PREFERENCES_COOKIE = 'farvin-reader';
export const DEFAULT_PREFERENCES: Preferences = {
  words: 'en-GB',
  sides: 'left-right',
  kerb: 'left',
  unit: 'um',
  theme: 'paper',
};

/** The reader's preferences as the cookie holds them; the usual ones for anything it does not. */
export function readPreferences(cookie: string | undefined): Preferences {
  try {
    return preferencesSchema.parse({ ...DEFAULT_PREFERENCES, ...JSON.parse(decodeURIComponent(cookie ?? '%7B%7D')) });
  } catch {
    return DEFAULT_PREFERENCES;
  }
}

/** The Set-Cookie text that keeps them for a year. */
export function preferencesCookie(preferences: Preferences): string {
  return `${PREFERENCES_COOKIE}=${encodeURIComponent(JSON.stringify(preferences))}; path=/; max-age=31536000; samesite=lax`;
}
