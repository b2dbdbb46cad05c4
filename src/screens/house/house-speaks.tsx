'use client';

import { useRouter } from 'next/navigation';
import { useForm } from 'react-hook-form';
import { FilmUnitOptions, WordsOptions } from '@/ui/parts/speech-options';
import { timeZones } from '@/ui/time-zones';
import { told } from '@/ui/told';

export interface Speech {
  readonly name: string;
  readonly words: 'en-GB' | 'en-US';
  readonly units: 'um' | 'mil';
  readonly timeZone: string;
  readonly currency: string;
}

/** What the house is called, and with what its sales begin. */
export function HouseSpeaks({ settings }: { settings: Speech }) {
  const router = useRouter();
  const { name, words, units, timeZone, currency } = settings;
  const { register, handleSubmit, formState } = useForm<Speech>({
    values: { name, words, units, timeZone, currency },
  });
  const keep = handleSubmit(async (given) => {
    const body = { ...given, currency: given.currency.trim().toUpperCase() };
    if (await told('/api/v1/house', 'PUT', body, 'Kept. Sales opened from now on begin with it.')) router.refresh();
  });
  return (
    <section aria-labelledby="speaks" className="grid gap-2">
      <h2 id="speaks" className="text-lg font-bold">
        The house
      </h2>
      <form onSubmit={keep} className="grid items-end gap-3 sm:grid-cols-2 lg:grid-cols-[1.4fr_1fr_.7fr_1fr_.6fr_auto]">
        <label className="grid gap-1 text-sm font-semibold">
          Name
          <input
            className="field font-normal"
            maxLength={120}
            {...register('name', { required: true, minLength: 2 })}
          />
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Words
          <select className="field font-normal" {...register('words')}>
            <WordsOptions />
          </select>
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Film in
          <select className="field font-normal" {...register('units')}>
            <FilmUnitOptions />
          </select>
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Time zone
          <select className="field font-normal" {...register('timeZone')}>
            {timeZones(timeZone).map((z) => (
              <option key={z}>{z}</option>
            ))}
          </select>
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Currency
          <input className="field font-normal" maxLength={5} {...register('currency', { required: true })} />
        </label>
        <button type="submit" className="btn" disabled={!formState.isDirty}>
          Keep
        </button>
      </form>
      <p className="text-sm text-soft">
        What sales begin with, and how people are spoken to who chose nothing of their own. Keys and sealed reports keep
        the name they were made under.
      </p>
    </section>
  );
}
