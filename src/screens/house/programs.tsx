'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { SCOPES, type Scope } from '@/core/people/scopes';
import { askServer } from '@/ui/ask-server';
import { told } from '@/ui/told';
import { dayText, momentText } from '@/words/dates';

export interface TokenShown {
  readonly id: string;
  readonly name: string;
  readonly scopes: readonly Scope[];
  readonly expiresAt: string;
  readonly lastUsedAt: string | null;
  readonly revoked: boolean;
}

const READS: Readonly<Record<Scope, string>> = {
  catalogue: 'sales, lots and sealed reports',
  records: 'what was entered',
};

/** Programs that read in the house's name: each with a token that is shown once. */
export function Programs({ tokens, today }: { tokens: readonly TokenShown[]; today: string }) {
  const router = useRouter();
  const [fresh, setFresh] = useState('');
  const { register, handleSubmit, reset, formState } = useForm<{ name: string; scopes: Scope[]; days: string }>({
    defaultValues: { name: '', scopes: ['catalogue'], days: '365' },
  });
  const [problem, setProblem] = useState('');
  const make = handleSubmit(async ({ name, scopes, days }) => {
    const answer = await askServer('/api/v1/tokens', 'POST', { name, scopes, days: Number(days) });
    setProblem(answer.ok ? '' : answer.message);
    if (!answer.ok) return;
    setFresh(String(answer.body.token));
    reset();
    router.refresh();
  });
  const open = tokens.filter((t) => !t.revoked && t.expiresAt > today);
  return (
    <section aria-labelledby="programs" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="programs" className="flex-1 text-lg font-bold">
          Programs
        </h2>
        <a className="btn btn-small" href="/api/v1/openapi.json">
          What they may ask
        </a>
      </div>
      <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line empty:hidden">
        {open.map((t) => (
          <li key={t.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2">
            <span className="min-w-48 flex-1">
              <strong>{t.name}</strong> reads {t.scopes.map((s) => READS[s]).join(' and ')}
              <span className="block text-sm text-soft">
                until {dayText(t.expiresAt)}, {t.lastUsedAt ? `used ${momentText(t.lastUsedAt)}` : 'not used yet'}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-small"
              onClick={async () => {
                if (await told(`/api/v1/tokens/${t.id}`, 'DELETE', {}, `${t.name} reads nothing more.`))
                  router.refresh();
              }}
            >
              Take back
            </button>
          </li>
        ))}
      </ul>
      {fresh && (
        <p className="border-l-4 border-tape bg-wash px-3 py-2">
          The token, <strong>shown only now</strong>: <span className="figure text-sm break-all">{fresh}</span>
        </p>
      )}
      <form onSubmit={make} className="flex flex-wrap items-end gap-3">
        <label className="grid min-w-48 flex-1 gap-1 text-sm font-semibold">
          Let a program read, called
          <input
            className="field font-normal"
            maxLength={120}
            {...register('name', { required: true, minLength: 2 })}
          />
        </label>
        {SCOPES.map((s) => (
          <label key={s} className="flex min-h-11 items-center gap-2 text-sm">
            <input type="checkbox" className="size-5 accent-thread" value={s} {...register('scopes')} />
            {READS[s]}
          </label>
        ))}
        <label className="grid gap-1 text-sm font-semibold">
          Days
          <input type="number" className="field figure w-24" min={1} max={400} {...register('days')} />
        </label>
        <button type="submit" className="btn" disabled={formState.isSubmitting}>
          Make a token
        </button>
      </form>
      {problem && (
        <p role="alert" className="font-semibold text-pin">
          {problem}
        </p>
      )}
    </section>
  );
}
