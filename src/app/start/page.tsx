import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { Start } from '@/screens/way-in/start';
import { isStarted } from '@/server/first-run';
import { addressOf } from '@/server/rate-limit';
import { mayStart } from '@/server/way-in';

export const metadata: Metadata = { title: 'Start your yard', robots: { index: false, follow: false } };
export const dynamic = 'force-dynamic';

/** Opens the first house; once there is one, this page leads to signing in. */
export default async function StartPage() {
  if (await isStarted()) redirect('/sign-in');
  const asked = { address: addressOf(await headers()), code: '', url: process.env.FARVIN_URL };
  return <Start asksCode={!mayStart({ ...asked, printed: undefined })} />;
}
