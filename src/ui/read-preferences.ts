import { z } from 'zod';
import { DEFAULT_PREFERENCES, type Preferences } from './preferences-cookie';

const preferencesSchema = z.object({
  words: z.enum(['en-GB', 'en-US']).catch('en-GB'),
  sides: z.enum(['left-right', 'driver-passenger', 'nearside-offside']).catch('left-right'),
  kerb: z.enum(['left', 'right']).catch('left'),
  unit: z.enum(['um', 'mil']).catch('um'),
  theme: z.enum(['paper', 'pit']).catch('paper'),
});

/** The reader's preferences as the cookie holds them; the usual ones for anything it does not. */
export function readPreferences(cookie: string | undefined): Preferences {
  try {
    return preferencesSchema.parse({ ...DEFAULT_PREFERENCES, ...JSON.parse(decodeURIComponent(cookie ?? '%7B%7D')) });
  } catch {
    return DEFAULT_PREFERENCES;
  }
}
