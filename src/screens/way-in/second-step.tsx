'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { askServer } from '@/ui/ask-server';
import { Field, Problem } from './field';

/** The second step: six figures of an authenticator app, or one of the codes kept for the day it is lost. */
export function SecondStep({ onIn, onBack }: { onIn: () => void; onBack: () => void }) {
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, formState } = useForm<{ code: string }>();
  const submit = handleSubmit(async ({ code }) => {
    setProblem('');
    const figures = code.replace(/\s/g, '');
    const path = /^\d{6}$/.test(figures) ? 'verify-totp' : 'verify-backup-code';
    const answer = await askServer(`/api/auth/two-factor/${path}`, 'POST', {
      code: path === 'verify-totp' ? figures : code.trim(),
    });
    if (answer.ok) onIn();
    else
      setProblem(
        answer.reason === 'too-many-attempts' || answer.reason === 'away'
          ? answer.message
          : 'This code is not right, or too old. Take the one that the app shows now.',
      );
  });
  return (
    <form onSubmit={submit} className="grid max-w-sm gap-5" noValidate>
      <h1 className="text-2xl font-bold">The second step</h1>
      <Field
        label="Code"
        inputMode="numeric"
        autoComplete="one-time-code"
        autoFocus
        says="Six figures from your authenticator app, or one of your spare codes."
        wrong={formState.errors.code && 'Type the code.'}
        {...register('code', { required: true })}
      />
      <Problem says={problem} />
      <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
        {formState.isSubmitting ? 'Looking …' : 'Go on'}
      </button>
      <button type="button" className="btn" onClick={onBack}>
        Another account
      </button>
    </form>
  );
}
