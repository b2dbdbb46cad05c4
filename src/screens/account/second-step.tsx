'use client';

import { useRouter } from 'next/navigation';
import QRCode from 'qrcode';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { askServer } from '@/ui/ask-server';

interface Begun {
  readonly totpURI: string;
  readonly backupCodes: readonly string[];
  readonly picture: string;
}

/** A code by an authenticator app besides the password, for those who want it; spare codes for the day the phone is lost. */
export function SecondStep({ on }: { on: boolean }) {
  const router = useRouter();
  const [begun, setBegun] = useState<Begun | null>(null);
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, reset, formState } = useForm<{ password: string; code: string }>({
    defaultValues: { password: '', code: '' },
  });
  const done = (says: string) => {
    setBegun(null);
    setProblem('');
    reset();
    toast(says);
    router.refresh();
  };
  const begin = handleSubmit(async ({ password }) => {
    const answer = await askServer(`/api/auth/two-factor/${on ? 'disable' : 'enable'}`, 'POST', { password });
    if (!answer.ok) return setProblem(answer.message);
    if (on) return done('The second step is off: your password alone lets you in.');
    const { totpURI, backupCodes } = answer.body as unknown as Omit<Begun, 'picture'>;
    setProblem('');
    reset();
    setBegun({ totpURI, backupCodes, picture: await QRCode.toString(totpURI, { type: 'svg', margin: 2 }) });
  });
  const confirm = handleSubmit(async ({ code }) => {
    const answer = await askServer('/api/auth/two-factor/verify-totp', 'POST', { code: code.replace(/\s/g, '') });
    if (answer.ok) done('The second step is on: signing in asks for a code from now on.');
    else setProblem('This code is not right, or too old. Take the one that the app shows now.');
  });
  return (
    <section aria-labelledby="second" className="grid gap-2">
      <h2 id="second" className="text-lg font-bold">
        Second step of signing in
      </h2>
      <p className="text-sm text-soft">
        {on
          ? 'On: signing in asks for six figures of your authenticator app, or for a spare code.'
          : 'Off. With it on, a password alone lets nobody in: an authenticator app on your phone gives six figures too.'}
      </p>
      {begun ? (
        <form onSubmit={confirm} className="sheet grid gap-4 p-4 sm:grid-cols-[14rem_1fr]">
          {/* biome-ignore lint/performance/noImgElement: a picture made here, of no address */}
          <img
            className="size-56 border border-line bg-white"
            alt="The secret for your authenticator app"
            src={`data:image/svg+xml;utf8,${encodeURIComponent(begun.picture)}`}
          />
          <div className="grid content-start gap-3">
            <p>
              Take this picture with the app, or type its secret:{' '}
              <span className="figure text-sm break-all">{new URL(begun.totpURI).searchParams.get('secret')}</span>
            </p>
            <p>
              Write down the spare codes; each works once. <strong>They are shown only now.</strong>
            </p>
            <ul className="figure grid grid-cols-2 gap-x-4 text-sm sm:grid-cols-3">
              {begun.backupCodes.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
            <div className="flex flex-wrap items-end gap-3">
              <label className="grid gap-1 text-sm font-semibold">
                Six figures that the app shows
                <input
                  className="field figure font-normal"
                  inputMode="numeric"
                  autoComplete="one-time-code"
                  {...register('code')}
                />
              </label>
              <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
                Turn it on
              </button>
            </div>
          </div>
        </form>
      ) : (
        <form onSubmit={begin} className="flex flex-wrap items-end gap-3">
          <label className="grid gap-1 text-sm font-semibold">
            Your password
            <input
              type="password"
              autoComplete="current-password"
              className="field font-normal"
              {...register('password', { required: true })}
            />
          </label>
          <button type="submit" className="btn" disabled={formState.isSubmitting}>
            {on ? 'Turn it off' : 'Turn it on …'}
          </button>
        </form>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-pin">
          {problem}
        </p>
      )}
    </section>
  );
}
