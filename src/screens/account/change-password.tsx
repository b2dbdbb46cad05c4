'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { PASSWORD_RULE } from '@/words/passwords';

interface Given {
  currentPassword: string;
  newPassword: string;
}

/** One's own password: changing it ends every other session. */
export function ChangePassword() {
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, reset, formState } = useForm<Given>();
  const change = handleSubmit(async (given) => {
    setProblem('');
    const answer = await fetch('/api/auth/change-password', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(given),
    }).catch(() => null);
    if (answer?.ok) {
      reset();
      toast('The password is changed. You are signed out everywhere else.');
      return;
    }
    const said = await answer?.json().catch(() => null);
    setProblem(said?.message ?? 'The server does not answer. Nothing was changed; try again when you are connected.');
  });
  return (
    <section aria-labelledby="password" className="grid gap-2">
      <h2 id="password" className="text-lg font-bold">
        Your password
      </h2>
      <form onSubmit={change} className="grid gap-3 sm:grid-cols-[1fr_1fr_auto] sm:items-end">
        <label className="grid gap-1 text-sm font-semibold">
          Present password
          <input
            type="password"
            autoComplete="current-password"
            className="field font-normal"
            {...register('currentPassword', { required: true })}
          />
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          New password
          <input
            type="password"
            autoComplete="new-password"
            className="field font-normal"
            aria-describedby="password-rule"
            {...register('newPassword', { required: true })}
          />
        </label>
        <button type="submit" className="btn" disabled={formState.isSubmitting}>
          Change password
        </button>
      </form>
      <p id="password-rule" className="text-sm text-soft">
        {PASSWORD_RULE}
      </p>
      {problem && (
        <p role="alert" className="font-semibold text-pin">
          {problem}
        </p>
      )}
    </section>
  );
}
