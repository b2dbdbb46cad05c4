'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { ROLES, type Role } from '@/core/people/roles';
import { askServer } from '@/ui/ask-server';
import { ROLE_WORDS } from '@/words/roles';
import type { MadeLink } from './link-shown';

interface Given {
  role: Role;
  name: string;
  email: string;
  mail: boolean;
}

/** Invites somebody into a role: makes the link, which is then shown once. */
export function Invite({ mails, onMade }: { mails: boolean; onMade: (made: MadeLink) => void }) {
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, reset, watch, formState } = useForm<Given>({
    defaultValues: { role: 'inspector', name: '', email: '', mail: mails },
  });
  const submit = handleSubmit(async (given) => {
    const answer = await askServer('/api/v1/invitations', 'POST', {
      ...given,
      mail: mails && given.mail && given.email !== '',
    });
    setProblem(answer.ok ? '' : answer.message);
    if (!answer.ok) return;
    onMade({
      ...(answer.body as unknown as MadeLink),
      forWhom: given.name || given.email || `a new ${ROLE_WORDS[given.role].name}`,
    });
    reset({ ...given, name: '', email: '' });
  });
  return (
    <section aria-labelledby="invite" className="sheet grid gap-3 p-4">
      <h2 id="invite" className="text-lg font-bold">
        Invite somebody
      </h2>
      <form onSubmit={submit} className="grid gap-3">
        <fieldset className="grid gap-2 sm:grid-cols-2 lg:grid-cols-5">
          <legend className="mb-1 text-sm font-semibold">As</legend>
          {ROLES.map((role) => (
            <label
              key={role}
              className="relative grid content-start gap-0.5 rounded-cut border border-ink/30 p-2 has-checked:border-2 has-checked:border-thread has-checked:bg-wash has-focus-visible:outline-2 has-focus-visible:outline-thread"
            >
              <input type="radio" className="sr-only" value={role} {...register('role')} />
              <span className="font-semibold">{ROLE_WORDS[role].name}</span>
              <span className="text-xs text-soft">{ROLE_WORDS[role].says}</span>
            </label>
          ))}
        </fieldset>
        <div className="grid items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
          <label className="grid gap-1 text-sm font-semibold">
            Name, if you like
            <input className="field font-normal" maxLength={120} {...register('name')} />
          </label>
          <label className="grid gap-1 text-sm font-semibold">
            Email, if you like
            <input className="field font-normal" type="email" {...register('email')} />
          </label>
          <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
            Make the link
          </button>
        </div>
        {mails && watch('email') !== '' && (
          <label className="flex min-h-11 items-center gap-3">
            <input type="checkbox" className="size-5 accent-thread" {...register('mail')} /> Send it there by mail
          </label>
        )}
        {problem && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem}
          </p>
        )}
      </form>
    </section>
  );
}
