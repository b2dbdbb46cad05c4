import type { WorkFound } from '@/core/cost/reckon';
import type { BodyOf } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';
import { NotYet } from '@/ui/records/use-record-form';

export type FoundJob = WorkFound['jobs'][number];

/** What becomes of a job, as its sheet's fields hold it. */
export interface OfferFields {
  amount: string;
  by: string;
  note: string;
}
export interface DoneFields {
  on: string;
  by: string;
  note: string;
}

const named = ({ work, zone, rights }: FoundJob) => ({ work, zone, serves: [...rights] });

/** What an allowance or a promise begins with: what is on record, else the job's likely cost in whole tens. */
export const offerFields = (o: BodyOf<'offer'> | null, job: FoundJob): OfferFields => ({
  amount: String(o?.amount ?? Math.round(job.cost.likely / 10) * 10),
  by: o?.by ?? '',
  note: o?.note ?? '',
});

/** The offer that the fields say. */
export function offerBody(
  given: OfferFields,
  sort: BodyOf<'offer'>['sort'],
  job: FoundJob,
  told: { readonly currency: string; readonly now: string },
): object {
  const { note } = given;
  const offered = { ...named(job), sort, note, at: told.now };
  if (sort === 'promise') {
    if (given.by === '') throw new NotYet('Say by which day it is done.');
    return { ...offered, amount: null, by: given.by };
  }
  const amount = figureOf(given.amount.replaceAll(/[\s,]/g, ''));
  if (amount === 'bad' || amount === null || amount <= 0) throw new NotYet(`“${given.amount}” is no amount of money.`);
  return { ...offered, amount, currency: told.currency, by: null };
}

/** The job as done, that the fields say. */
export function doneBody(
  given: DoneFields,
  job: FoundJob,
  told: { readonly today: string; readonly now: string },
): object {
  if (given.on === '') throw new NotYet('Say on which day it was done.');
  if (given.on > told.today) throw new NotYet('A day to come is a promise: nothing is done before its day.');
  return { ...named(job), ...given, at: told.now };
}
