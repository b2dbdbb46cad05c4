import type { ThicknessUnit } from '@/core/units/thickness';
import type { SideWords, Vocabulary } from '@/words/vocabulary';

/** How the reader wants words, sides, units and light. Checked where it is read: read-preferences.ts. */
export interface Preferences {
  readonly words: Vocabulary;
  readonly sides: SideWords;
  /** Kerb side of the reader's country. */
  readonly kerb: 'left' | 'right';
  readonly unit: ThicknessUnit;
  readonly theme: 'paper' | 'pit';
}

export const PREFERENCES_COOKIE = 'farvin-reader';
export const DEFAULT_PREFERENCES: Preferences = {
  words: 'en-GB',
  sides: 'left-right',
  kerb: 'left',
  unit: 'um',
  theme: 'paper',
};

/** The Set-Cookie text that keeps them for a year. */
export function preferencesCookie(preferences: Preferences): string {
  return `${PREFERENCES_COOKIE}=${encodeURIComponent(JSON.stringify(preferences))}; path=/; max-age=31536000; samesite=lax`;
}
