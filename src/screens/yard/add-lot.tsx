'use client';

import { FileInput, ListPlus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Modal } from '@/ui/parts/modal';

interface Given {
  number: number;
  title: string;
  reportDueOn: string;
}

/** Adds a lot to the sale and goes to its intake. */
export function AddLot({
  saleId,
  highest,
  onOther,
  onClose,
}: {
  saleId: string;
  highest: number;
  /** Another way for lots to come in. */
  onOther: (way: 'list' | 'import') => void;
  onClose: () => void;
}) {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, formState } = useForm<Given>({
    defaultValues: { number: highest + 1, title: '', reportDueOn: '' },
  });
  const submit = handleSubmit(async (given) => {
    const response = await fetch(`/api/v1/sales/${saleId}/lots`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...given, reportDueOn: given.reportDueOn || null }),
    }).catch(() => null);
    const answer = await response?.json().catch(() => null);
    if (response?.ok) router.push(`/lots/${answer.lotId}/intake`);
    else setProblem(answer?.message ?? 'The server does not answer. Nothing was added; try again.');
  });
  return (
    <Modal title="Add lot" onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <label className="grid gap-1 font-semibold">
          Number
          <input
            type="number"
            className="field figure font-normal"
            min={1}
            {...register('number', { valueAsNumber: true, required: true, min: 1 })}
          />
        </label>
        <label className="grid gap-1 font-semibold">
          Name
          <input
            className="field font-normal"
            placeholder="Make, model, body, year"
            {...register('title', { required: true })}
          />
        </label>
        <label className="grid gap-1 font-semibold">
          Report due
          <input type="date" className="field font-normal" {...register('reportDueOn')} />
        </label>
        {(problem || formState.errors.title || formState.errors.number) && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem || 'A lot needs a number from 1 and a name.'}
          </p>
        )}
        <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
          Add lot
        </button>
      </form>
      <div className="mt-5 grid grid-cols-2 gap-2 border-t border-line pt-4">
        <button type="button" className="btn" onClick={() => onOther('list')}>
          <ListPlus size={16} aria-hidden="true" /> Many from a list
        </button>
        <button type="button" className="btn" onClick={() => onOther('import')}>
          <FileInput size={16} aria-hidden="true" /> From a bundle
        </button>
      </div>
    </Modal>
  );
}
