'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { Role } from '@/core/people/roles';
import { askServer } from '@/ui/ask-server';
import { ROLE_WORDS } from '@/words/roles';
import { Field, Problem } from './field';
import { signInWith } from './sign-in-with';
import { WayInPage } from './way-in-page';
import { EMAIL, EmailField, NEW_PASSWORD, NewPasswordField } from './who-fields';

export interface InvitationShown {
  readonly house: string;
  readonly purpose: 'join' | 'recover';
  readonly role: Role;
  readonly name: string;
  readonly email: string;
}

interface Given {
  name: string;
  email: string;
  password: string;
}

/** What somebody who was invited gives: a name, an address, a password. Or a new password alone. */
export function Join({ token, invitation }: { token: string; invitation: InvitationShown }) {
  const router = useRouter();
  const { house, purpose, role, name, email } = invitation;
  const recovers = purpose === 'recover';
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, formState } = useForm<Given>({ defaultValues: { name, email, password: '' } });
  const submit = handleSubmit(async (given) => {
    setProblem('');
    const answer = await askServer(`/api/v1/join/${token}`, 'POST', given);
    if (!answer.ok) return setProblem(answer.message);
    const signedIn = await signInWith(String(answer.body.email), given.password);
    router.replace(signedIn === 'in' ? '/yard' : '/sign-in');
    router.refresh();
  });
  const { errors } = formState;
  return (
    <WayInPage>
      <form onSubmit={submit} className="grid max-w-md gap-4" noValidate>
        <div className="grid gap-1">
          <h1 className="text-2xl font-bold">{recovers ? 'A new password' : `Welcome to ${house}`}</h1>
          {recovers ? (
            <p className="text-soft">
              For {name} at {house}. Setting it ends every session and takes off the second step of signing in.
            </p>
          ) : (
            <p>
              You come in as <strong>{ROLE_WORDS[role].name}</strong>.{' '}
              <span className="text-soft">{ROLE_WORDS[role].says}</span>
            </p>
          )}
        </div>
        {!recovers && (
          <>
            <Field
              label="Your name"
              autoComplete="name"
              says="It stands under what you enter."
              wrong={errors.name && 'Give your name.'}
              {...register('name', { required: true, minLength: 2 })}
            />
            <EmailField field={register('email', EMAIL)} wrong={!!errors.email} />
          </>
        )}
        {recovers && <input type="hidden" autoComplete="username" value={email} readOnly />}
        <NewPasswordField field={register('password', NEW_PASSWORD)} wrong={!!errors.password} />
        <Problem says={problem} />
        <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
          {formState.isSubmitting ? 'One moment …' : recovers ? 'Set password' : 'Come in'}
        </button>
        <p className="text-sm text-soft">This link works once.</p>
      </form>
    </WayInPage>
  );
}
