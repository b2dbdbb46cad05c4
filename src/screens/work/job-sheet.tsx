'use client';

import { type ReactNode, useState } from 'react';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { dayIn } from '@/core/time/day';
import { Keys } from '@/ui/parts/choice-keys';
import { Labelled } from '@/ui/parts/labelled';
import { Modal } from '@/ui/parts/modal';
import { useLot } from '@/ui/records/inspection';
import { useRecordForm } from '@/ui/records/use-record-form';
import { capital } from '@/words/capital';
import { jobName } from '@/words/offers';
import type { Wording } from '@/words/vocabulary';
import { type DoneFields, doneBody, type FoundJob, type OfferFields, offerBody, offerFields } from './job-fields';

type Sort = BodyOf<'offer'>['sort'] | 'done';
const SORTS: readonly (readonly [Sort, string])[] = [
  ['allowance', 'Allow money for it'],
  ['promise', 'Promise it'],
  ['done', 'It is done'],
];
const MEANS: Readonly<Record<Sort, string>> = {
  allowance: 'The report says that so much comes off the price, and that the work is left to the buyer.',
  promise: 'The report says by which day the house has it done, and whether it was.',
  done: 'What it put right is no fault any more, and not seen as good either: look at the place again.',
};

/** What becomes of a job: money off, a promise, or that it is done. Bidders read it. */
export function JobSheet({
  job,
  offer,
  currency,
  wording,
  onClose,
}: {
  job: FoundJob;
  offer: StoredRecord<'offer'> | null;
  currency: string;
  wording: Wording;
  onClose: () => void;
}) {
  const [sort, setSort] = useState<Sort>(offer?.body.sort ?? 'allowance');
  const { store } = useLot();
  return (
    <Modal title={capital(jobName(job, wording))} onClose={onClose}>
      <div className="grid gap-4">
        <Keys legend="What becomes of it" choices={SORTS} held={sort} onSay={setSort} />
        <p className="text-sm text-soft">{MEANS[sort]}</p>
        {sort === 'done' ? (
          <DoneForm job={job} onClose={onClose} />
        ) : (
          <OfferForm key={sort} job={job} sort={sort} offer={offer} currency={currency} onClose={onClose} />
        )}
        {offer && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              store.remove(offer.id);
              onClose();
            }}
          >
            Take the {offer.body.sort} back
          </button>
        )}
      </div>
    </Modal>
  );
}

/** A form that closes its sheet once it is kept. */
function Form({
  keep,
  problem,
  says,
  onClose,
  children,
}: {
  keep: () => Promise<string | null>;
  problem: string;
  says: string;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        void keep().then((id) => id !== null && onClose());
      }}
    >
      {children}
      {problem && (
        <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
          {problem}
        </p>
      )}
      <button type="submit" className="btn btn-main">
        {says}
      </button>
    </form>
  );
}

function OfferForm({
  job,
  sort,
  offer,
  currency,
  onClose,
}: {
  job: FoundJob;
  sort: BodyOf<'offer'>['sort'];
  offer: StoredRecord<'offer'> | null;
  currency: string;
  onClose: () => void;
}) {
  const { store } = useLot();
  const { form, keep, problem } = useRecordForm<'offer', OfferFields>({
    store,
    kind: 'offer',
    record: offer,
    fields: offerFields(offer?.body ?? null, job),
    toBody: (given) => offerBody(given, sort, job, { currency, now: new Date().toISOString() }),
  });
  return (
    <Form
      keep={keep}
      problem={problem}
      says={sort === 'allowance' ? 'Keep allowance' : 'Keep promise'}
      onClose={onClose}
    >
      {sort === 'allowance' ? (
        <Labelled text={`Off the price, ${currency}`}>
          <input className="field figure" inputMode="numeric" {...form.register('amount')} />
        </Labelled>
      ) : (
        <Labelled text="Done by">
          <input type="date" className="field" {...form.register('by')} />
        </Labelled>
      )}
      <Labelled text="Note to bidders">
        <input className="field font-normal" {...form.register('note')} />
      </Labelled>
    </Form>
  );
}

function DoneForm({ job, onClose }: { job: FoundJob; onClose: () => void }) {
  const { store, facts } = useLot();
  const today = dayIn(new Date(), facts.sale.timeZone ?? 'UTC');
  const { form, keep, problem } = useRecordForm<'done', DoneFields>({
    store,
    kind: 'done',
    record: null,
    fields: { on: today, by: '', note: '' },
    toBody: (given) => doneBody(given, job, { today, now: new Date().toISOString() }),
  });
  return (
    <Form keep={keep} problem={problem} says="Keep it as done" onClose={onClose}>
      <Labelled text="Done on">
        <input type="date" className="field" max={today} {...form.register('on')} />
      </Labelled>
      <Labelled text="By whom">
        <input className="field font-normal" {...form.register('by')} />
      </Labelled>
      <Labelled text="Note to bidders">
        <input className="field font-normal" {...form.register('note')} />
      </Labelled>
    </Form>
  );
}
