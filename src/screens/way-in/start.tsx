'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { askServer } from '@/ui/ask-server';
import { FilmUnitOptions, WordsOptions } from '@/ui/parts/speech-options';
import { usePreferences } from '@/ui/preferences';
import { ownZone, timeZones } from '@/ui/time-zones';
import { Field, Problem } from './field';
import { signInWith } from './sign-in-with';
import { WayInPage } from './way-in-page';
import { EMAIL, EmailField, NEW_PASSWORD, NewPasswordField } from './who-fields';

interface Given {
  house: string;
  words: 'en-GB' | 'en-US';
  units: 'um' | 'mil';
  timeZone: string;
  currency: string;
  name: string;
  email: string;
  password: string;
  code: string;
}

/** Opens the house and its first manager. It happens once. */
export function Start({ asksCode }: { asksCode: boolean }) {
  const router = useRouter();
  const { set } = usePreferences();
  const [problem, setProblem] = useState('');
  const [zones, setZones] = useState<readonly string[]>(['UTC']);
  const { register, handleSubmit, formState, setValue } = useForm<Given>({
    defaultValues: { words: 'en-GB', units: 'um', timeZone: 'UTC', currency: '', code: '' },
  });
  // The zones and the own one are this browser's to say.
  useEffect(() => {
    setZones(timeZones());
    setValue('timeZone', ownZone());
  }, [setValue]);
  const submit = handleSubmit(async (given) => {
    setProblem('');
    const { words, units, email, password } = given;
    const answer = await askServer('/api/v1/start', 'POST', {
      ...given,
      currency: given.currency.trim().toUpperCase(),
    });
    if (!answer.ok) return setProblem(answer.message);
    set({ words, unit: units });
    await signInWith(email, password);
    router.replace('/yard');
    router.refresh();
  });
  const { errors } = formState;
  return (
    <WayInPage>
      <form onSubmit={submit} className="grid max-w-md gap-4" noValidate>
        <div className="grid gap-1">
          <h1 className="text-2xl font-bold">Start your yard</h1>
          <p className="text-soft">
            The house that inspects, and you as its manager. This happens once; everything here but your email can be
            changed later.
          </p>
        </div>
        <Field
          label="House"
          autoComplete="organization"
          placeholder="The dealer or auction house"
          wrong={errors.house && 'Give the name of the house.'}
          {...register('house', { required: true, minLength: 2 })}
        />
        <div className="grid grid-cols-2 gap-4">
          <label className="grid gap-1 font-semibold">
            Words
            <select className="field font-normal" {...register('words')}>
              <WordsOptions />
            </select>
          </label>
          <label className="grid gap-1 font-semibold">
            Film thickness in
            <select className="field font-normal" {...register('units')}>
              <FilmUnitOptions />
            </select>
          </label>
          <label className="grid gap-1 font-semibold">
            Time zone
            <select className="field font-normal" {...register('timeZone')}>
              {zones.map((z) => (
                <option key={z}>{z}</option>
              ))}
            </select>
          </label>
          <Field
            label="Currency"
            placeholder="such as VK"
            maxLength={5}
            autoCapitalize="characters"
            wrong={errors.currency && 'Two to five letters.'}
            {...register('currency', { required: true, pattern: /^\s*[A-Za-z]{2,5}\s*$/ })}
          />
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          <Field
            label="Your name"
            autoComplete="name"
            wrong={errors.name && 'Give your name: it stands under what you do.'}
            {...register('name', { required: true, minLength: 2 })}
          />
          <EmailField field={register('email', EMAIL)} wrong={!!errors.email} />
        </div>
        <NewPasswordField field={register('password', NEW_PASSWORD)} wrong={!!errors.password} />
        {asksCode && (
          <Field
            label="Code"
            says="The program printed it when it started on the server."
            wrong={errors.code && 'Type the code.'}
            {...register('code', { required: true })}
          />
        )}
        <Problem says={problem} />
        <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
          {formState.isSubmitting ? 'Starting …' : 'Start the yard'}
        </button>
      </form>
    </WayInPage>
  );
}
