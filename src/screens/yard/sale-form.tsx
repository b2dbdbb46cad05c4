'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { clockIn, dayIn } from '@/core/time/day';
import { instantIn } from '@/core/time/instant-in';
import { type Sale, type SaleBeginning, type SaleFacts, saleFault } from '@/core/yard/sale-facts';
import { askServer } from '@/ui/ask-server';
import { Modal } from '@/ui/parts/modal';
import { FilmUnitOptions, WordsOptions } from '@/ui/parts/speech-options';
import { timeZones } from '@/ui/time-zones';
import { yardAddress } from './yard-address';

/** A sale's facts as the form's fields hold them. */
type Fields = Record<Exclude<keyof SaleFacts, 'words' | 'units' | 'kerb'>, string> &
  Pick<SaleFacts, 'words' | 'units' | 'kerb'>;

const NO_FACTS: Omit<SaleFacts, 'timeZone' | 'currency' | 'words' | 'units'> = {
  name: '',
  place: '',
  opensOn: null,
  closesOn: null,
  catalogueOn: null,
  reportDaysBefore: null,
  kerb: 'left',
  embargoUntil: null,
};

const FAULTS = {
  'closes-before-opening': 'The sale closes before it opens.',
  'report-days-without-opening': 'Reports are due so many days before the opening: give the opening day too.',
} as const;

const asFields = (facts: SaleFacts): Fields => ({
  ...facts,
  opensOn: facts.opensOn ?? '',
  closesOn: facts.closesOn ?? '',
  catalogueOn: facts.catalogueOn ?? '',
  reportDaysBefore: facts.reportDaysBefore?.toString() ?? '',
  embargoUntil: facts.embargoUntil
    ? `${dayIn(new Date(facts.embargoUntil), facts.timeZone)}T${clockIn(new Date(facts.embargoUntil), facts.timeZone)}`
    : '',
});

const asFacts = (f: Fields): SaleFacts => ({
  ...f,
  name: f.name.trim(),
  place: f.place.trim(),
  currency: f.currency.trim().toUpperCase(),
  opensOn: f.opensOn || null,
  closesOn: f.closesOn || null,
  catalogueOn: f.catalogueOn || null,
  reportDaysBefore: f.reportDaysBefore === '' ? null : Number(f.reportDaysBefore),
  embargoUntil: f.embargoUntil ? instantIn(f.embargoUntil, f.timeZone) : null,
});

/** What is said of a sale, without what stands for it. */
function saleFactsOf(sale: Sale | null): SaleFacts | null {
  if (!sale) return null;
  const { id: _id, state: _state, ...facts } = sale;
  return facts;
}

/** Opens a sale, or changes what is said of one. */
export function SaleForm({
  sale,
  beginning,
  onClose,
}: {
  sale: Sale | null;
  beginning: SaleBeginning;
  onClose: () => void;
}) {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const [shown] = useState((): SaleFacts => saleFactsOf(sale) ?? { ...NO_FACTS, ...beginning });
  const { register, handleSubmit, formState, watch } = useForm<Fields>({ defaultValues: asFields(shown) });
  const submit = handleSubmit(async (fields) => {
    const given = asFacts(fields);
    const fault = saleFault(given);
    if (fault) return setProblem(FAULTS[fault.fault]);
    const keys = Object.keys(given) as (keyof SaleFacts)[];
    const before = asFacts(asFields(shown));
    const changed = Object.fromEntries(keys.filter((k) => given[k] !== before[k]).map((k) => [k, given[k]]));
    if (sale && Object.keys(changed).length === 0) return onClose();
    const answer = sale
      ? await askServer(`/api/v1/sales/${sale.id}`, 'PATCH', changed)
      : await askServer('/api/v1/sales', 'POST', given);
    if (!answer.ok) return setProblem(answer.message);
    onClose();
    if (!sale) router.push(yardAddress({ sale: String(answer.body.id) }));
    router.refresh();
  });
  const day = (name: 'opensOn' | 'closesOn' | 'catalogueOn', label: string, says?: string) => (
    <label className="grid content-start gap-1 text-sm font-semibold">
      {label}
      <input type="date" className="field font-normal" {...register(name)} />
      {says && <span className="font-normal text-soft">{says}</span>}
    </label>
  );
  return (
    <Modal title={sale ? 'What is said of this sale' : 'Open a sale'} onClose={onClose} wide>
      <form onSubmit={submit} className="grid gap-4" noValidate>
        <div className="grid gap-3 sm:grid-cols-2">
          <label className="grid gap-1 text-sm font-semibold">
            Name
            <input
              className="field font-normal"
              maxLength={120}
              aria-invalid={!!formState.errors.name}
              {...register('name', { required: true, minLength: 2 })}
            />
          </label>
          <label className="grid gap-1 text-sm font-semibold">
            Place
            <input className="field font-normal" maxLength={200} {...register('place')} />
          </label>
        </div>
        <div className="grid gap-3 sm:grid-cols-3">
          {day('opensOn', 'Opens')}
          {day('closesOn', 'Closes', 'Empty: a stock without end')}
          {day('catalogueOn', 'Catalogue goes out')}
          <label className="grid content-start gap-1 text-sm font-semibold">
            Reports due, days before opening
            <input
              className="field figure font-normal"
              type="number"
              min={0}
              max={365}
              {...register('reportDaysBefore')}
            />
          </label>
          <label className="grid content-start gap-1 text-sm font-semibold sm:col-span-2">
            Embargo until
            <input type="datetime-local" className="field font-normal" {...register('embargoUntil')} />
            <span className="font-normal text-soft">
              By {watch('timeZone')}: until then links open no report. Empty: they open at once.
            </span>
          </label>
        </div>
        <div className="grid gap-3 sm:grid-cols-[1.4fr_.7fr_1fr]">
          <label className="grid gap-1 text-sm font-semibold">
            Time zone
            <select className="field font-normal" {...register('timeZone')}>
              {timeZones(shown.timeZone).map((z) => (
                <option key={z}>{z}</option>
              ))}
            </select>
          </label>
          <label className="grid gap-1 text-sm font-semibold">
            Currency
            <input
              className="field font-normal"
              maxLength={5}
              {...register('currency', { pattern: /^\s*[A-Za-z]{2,5}\s*$/ })}
            />
          </label>
          <label className="grid gap-1 text-sm font-semibold">
            Kerb
            <select className="field font-normal" {...register('kerb')}>
              <option value="left">on the left</option>
              <option value="right">on the right</option>
            </select>
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
        </div>
        {(problem || formState.errors.name || formState.errors.currency) && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem || (formState.errors.name ? 'A sale needs a name.' : 'A currency has two to five letters.')}
          </p>
        )}
        <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
          {sale ? 'Keep' : 'Open sale'}
        </button>
      </form>
    </Modal>
  );
}
