'use client';

import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Wording } from '@/words/vocabulary';
import { type Preferences, preferencesCookie } from './preferences-cookie';

interface PreferencesValue {
  readonly preferences: Preferences;
  readonly set: (change: Partial<Preferences>) => void;
}

const Context = createContext<PreferencesValue | null>(null);

/** Holds the reader's words, sides, units and theme, and keeps them in a cookie so that the server draws them right. */
export function PreferencesProvider({ initial, children }: { initial: Preferences; children: ReactNode }) {
  const [preferences, setPreferences] = useState(initial);
  const held = useMemo<PreferencesValue>(
    () => ({
      preferences,
      set: (change) => {
        const next = { ...preferences, ...change };
        setPreferences(next);
        // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every browser yet
        document.cookie = preferencesCookie(next);
        document.documentElement.dataset.theme = next.theme;
        document.documentElement.lang = next.words;
      },
    }),
    [preferences],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export function usePreferences(): PreferencesValue {
  const held = useContext(Context);
  if (!held) throw new Error('usePreferences stands outside its provider');
  return held;
}

/** The reader's wording for a car with its steering wheel on that side. */
export function useWording(steering: 'left' | 'right' = 'left'): Wording {
  const { words, sides, kerb } = usePreferences().preferences;
  return useMemo(() => ({ words, sides, kerb, steering }), [words, sides, kerb, steering]);
}

export function useUnit(): ThicknessUnit {
  return usePreferences().preferences.unit;
}
