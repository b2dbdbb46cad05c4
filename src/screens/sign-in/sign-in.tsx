'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { planOf } from '@/core/body/plan';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { FarvinMark } from '@/ui/parts/farvin-mark';

interface Credentials {
  email: string;
  password: string;
}

const DECORATION = planOf('fastback')!;
const BARE = new Map([...DECORATION.zones.keys()].map((z) => [z, { unseen: true }]));

/** Sign-in by email and password. */
export function SignIn() {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  // Nobody is signed in here any more: what the last person could read leaves this device, what was entered waits.
  useEffect(() => {
    import('@/ui/device/clear-seen').then((m) => m.clearSeen()).catch(() => {});
  }, []);
  const { register, handleSubmit, formState } = useForm<Credentials>();
  const submit = handleSubmit(async (given) => {
    setProblem('');
    try {
      const response = await fetch('/api/auth/sign-in/email', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(given),
      });
      if (response.ok) {
        router.replace('/yard');
        router.refresh();
        return;
      }
      const answer = await response.json().catch(() => ({}));
      setProblem(
        response.status === 401
          ? 'This email and password do not belong together. Check both and try again.'
          : (answer.message ?? 'The server cannot sign you in at the moment. Try again in a minute.'),
      );
    } catch {
      setProblem('The server does not answer. Check the network, then try again.');
    }
  });
  return (
    <main className="grid min-h-full lg:grid-cols-[1fr_440px]">
      <div
        className="hidden items-center justify-center overflow-hidden border-r border-line p-10 lg:flex"
        aria-hidden="true"
      >
        <PlanDrawing
          plan={DECORATION}
          view="outside"
          looks={BARE}
          nameOf={() => ''}
          title=""
          className="max-h-[80vh] w-full opacity-80"
        />
      </div>
      <div className="grid content-center gap-8 bg-card p-6 sm:p-12">
        <div className="flex items-center gap-3">
          <FarvinMark size={40} />
          <span className="font-head text-3xl font-bold">Farvin</span>
        </div>
        <form onSubmit={submit} className="grid max-w-sm gap-5" noValidate>
          <h1 className="text-2xl font-bold">Sign in</h1>
          <label className="grid gap-1 font-semibold">
            Email
            <input
              className="field font-normal"
              type="email"
              autoComplete="username"
              required
              aria-invalid={!!formState.errors.email}
              {...register('email', { required: 'Give your email address.' })}
            />
            {formState.errors.email && (
              <span className="text-sm font-normal text-pin">{formState.errors.email.message}</span>
            )}
          </label>
          <label className="grid gap-1 font-semibold">
            Password
            <input
              className="field font-normal"
              type="password"
              autoComplete="current-password"
              required
              aria-invalid={!!formState.errors.password}
              {...register('password', { required: 'Give your password.' })}
            />
            {formState.errors.password && (
              <span className="text-sm font-normal text-pin">{formState.errors.password.message}</span>
            )}
          </label>
          {problem && (
            <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
              {problem}
            </p>
          )}
          <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
            {formState.isSubmitting ? 'Signing in …' : 'Sign in'}
          </button>
        </form>
        <p className="max-w-sm text-sm text-soft">Accounts are opened by the manager of your organisation.</p>
      </div>
    </main>
  );
}
