import { redirect } from 'next/navigation';
import { isStarted } from '@/server/first-run';

export const dynamic = 'force-dynamic';

export default async function Home(): Promise<never> {
  redirect((await isStarted()) ? '/yard' : '/start');
}
