'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { askServer } from '@/ui/ask-server';
import { EraseLater } from '@/ui/parts/erase-later';
import { Modal } from '@/ui/parts/modal';
import { told } from '@/ui/told';
import { Field, FormProblem } from './fields';
import type { Standing } from './lot-standing';

interface Fields {
  number: string;
  title: string;
  saleId: string;
  stands: string;
  keysWith: string;
  comesWith: string;
  consignor: string;
  consignorId: string;
  reportDueOn: string;
  reserveDays: string;
}

const asFields = ({ lot }: Standing): Fields => ({
  number: String(lot.number),
  title: lot.title,
  saleId: lot.sale.id,
  stands: lot.stands,
  keysWith: lot.keysWith,
  comesWith: lot.comesWith,
  consignor: lot.consignor,
  consignorId: lot.consignorId ?? '',
  reportDueOn: lot.reportDueOn ?? '',
  reserveDays: lot.reserveDays?.toString() ?? '',
});

/** Fields as the server takes them: only what was changed is sent. */
function changedOf(before: Fields, after: Fields): Record<string, unknown> {
  const typed: Partial<Record<keyof Fields, (text: string) => unknown>> = {
    number: Number,
    reserveDays: (t) => (t === '' ? null : Number(t)),
    reportDueOn: (t) => t || null,
    consignorId: (t) => t || null,
  };
  return Object.fromEntries(
    (Object.keys(after) as (keyof Fields)[])
      .filter((k) => after[k] !== before[k])
      .map((k) => [k, (typed[k] ?? ((t: string) => t.trim()))(after[k])]),
  );
}

/** Changes what is said of a lot; moves, renumbers or withdraws it. */
export function LotEdit({ standing, onClose }: { standing: Standing; onClose: () => void }) {
  const router = useRouter();
  const { lot, sales, consignors } = standing;
  const [problem, setProblem] = useState('');
  const [before] = useState(() => asFields(standing));
  const [withdrawing, setWithdrawing] = useState('');
  const { register, handleSubmit, formState } = useForm<Fields>({ defaultValues: before });
  const at = `/api/v1/lots/${lot.id}`;
  const submit = handleSubmit(async (fields) => {
    const changed = changedOf(before, fields);
    if (Object.keys(changed).length > 0) {
      const answer = await askServer(at, 'PATCH', changed);
      if (!answer.ok) return setProblem(answer.message);
    }
    onClose();
    router.refresh();
  });
  const withdraw = async (why: string | null) => {
    const says = why === null ? 'The lot is back in the sale.' : 'The lot is withdrawn; its links open nothing.';
    if (await told(at, 'PATCH', { withdrawn: why }, says)) {
      onClose();
      router.refresh();
    }
  };
  return (
    <Modal title={`Lot ${lot.number}`} onClose={onClose} wide>
      <form onSubmit={submit} className="grid gap-4" noValidate>
        <div className="grid gap-3 sm:grid-cols-[6rem_1fr]">
          <Field label="Number">
            <input className="field figure" type="number" min={1} {...register('number', { required: true, min: 1 })} />
          </Field>
          <Field label="Name">
            <input className="field font-normal" maxLength={200} {...register('title', { required: true })} />
          </Field>
        </div>
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Stands">
            <input className="field font-normal" maxLength={120} placeholder="Shed 2, bay 14" {...register('stands')} />
          </Field>
          <Field label="Keys with">
            <input
              className="field font-normal"
              maxLength={120}
              placeholder="Office, hook 14"
              {...register('keysWith')}
            />
          </Field>
          <Field label="Brought by">
            <input className="field font-normal" maxLength={120} {...register('consignor')} />
          </Field>
          <Field label="That person’s account">
            <select className="field font-normal" {...register('consignorId')}>
              <option value="">none</option>
              {consignors.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </select>
          </Field>
        </div>
        <Field label="Comes with">
          <textarea
            className="field min-h-20 font-normal"
            maxLength={500}
            placeholder="Two keys, hood frame, jack, owner’s book"
            {...register('comesWith')}
          />
        </Field>
        <div className="grid gap-3 sm:grid-cols-3">
          <Field label="Report due on">
            <input type="date" className="field font-normal" {...register('reportDueOn')} />
          </Field>
          <Field label="or days before opening">
            <input type="number" className="field figure" min={0} max={365} {...register('reserveDays')} />
          </Field>
          <Field label="Sale">
            <select className="field font-normal" {...register('saleId')}>
              {sales.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </select>
          </Field>
        </div>
        <FormProblem
          message={
            problem ||
            (formState.errors.number || formState.errors.title ? 'A lot needs a number from 1 and a name.' : '')
          }
        />
        <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
          Keep
        </button>
      </form>
      <div className="mt-4 grid gap-2 border-t border-line pt-4">
        {lot.withdrawnAt ? (
          <button type="button" className="btn" onClick={() => void withdraw(null)}>
            Take back into the sale
          </button>
        ) : (
          <div className="flex flex-wrap items-end gap-3">
            <label className="grid min-w-48 flex-1 gap-1 text-sm font-semibold">
              Withdraw it because
              <input
                className="field font-normal"
                value={withdrawing}
                maxLength={300}
                onChange={(e) => setWithdrawing(e.target.value)}
              />
            </label>
            <button
              type="button"
              className="btn"
              disabled={withdrawing.trim().length < 3}
              onClick={() => void withdraw(withdrawing.trim())}
            >
              Withdraw lot
            </button>
          </div>
        )}
        <EraseLater
          what="lot"
          target={lot.id}
          onDone={onClose}
          says="Its records, pictures, sealed reports and names go; its links open nothing from now on. Take it out first: Report, Exports, bundle with pictures. House shows it until then, and can call it off."
        />
      </div>
    </Modal>
  );
}
