import type { Metadata } from 'next';
import { AwayScreens } from './away-screens';

export const metadata: Metadata = { title: 'Without a network' };
// Rendered anew for each device: its policy and its reader's words are its own.
export const dynamic = 'force-dynamic';

/** What the service worker answers with while there is no network: lots from the device's own memory. */
export default function AwayPage() {
  return <AwayScreens />;
}
