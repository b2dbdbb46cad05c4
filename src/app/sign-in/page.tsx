import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SignIn } from '@/screens/sign-in/sign-in';
import { currentActor } from '@/server/actor';

export const metadata: Metadata = { title: 'Sign in' };
export const dynamic = 'force-dynamic';

export default async function SignInPage() {
  if (await currentActor()) redirect('/yard');
  return <SignIn />;
}
