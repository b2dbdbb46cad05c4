import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SignIn } from '@/screens/way-in/sign-in';
import { currentActor } from '@/server/actor';
import { isStarted } from '@/server/first-run';

export const metadata: Metadata = { title: 'Sign in' };
export const dynamic = 'force-dynamic';

export default async function SignInPage() {
  // A database that is away says nothing about whether a house was opened.
  if (!(await isStarted().catch(() => true))) redirect('/start');
  if (await currentActor()) redirect('/yard');
  return <SignIn />;
}
