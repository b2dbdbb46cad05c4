import './globals.css';
import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { houseSpeech } from '@/server/house-speech';
import { PreferencesProvider } from '@/ui/preferences';
import { PREFERENCES_COOKIE } from '@/ui/preferences-cookie';
import { readPreferences } from '@/ui/read-preferences';

export const metadata: Metadata = {
  title: { default: 'Farvin', template: '%s · Farvin' },
  description: 'Inspection of classic and collector cars.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f9f5ec' };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const held = (await cookies()).get(PREFERENCES_COOKIE)?.value;
  const preferences = { ...readPreferences(held), ...(held === undefined && (await houseSpeech())) };
  return (
    <html lang={preferences.words} data-theme={preferences.theme}>
      <body>
        <PreferencesProvider initial={preferences}>{children}</PreferencesProvider>
      </body>
    </html>
  );
}
