'use client';

import type { ReactNode } from 'react';
import { PLIES } from '@/core/catalogue/tire-faults';
import type { StoredRecord } from '@/core/kinds';
import { decodeTire } from '@/core/wheels/tire-code';
import { ageText, madeText, PLY_WORDS, TIRE_FAULT_WORDS, TIRE_REFUSALS, WHEEL_FAULT_WORDS } from '@/words/wheels';
import { choicesOf, Keys, toggled } from '../parts/choice-keys';
import { Modal } from '../parts/modal';
import { useLot } from '../records/inspection';
import { useRecordForm } from '../records/use-record-form';
import { type TireFields, tireBody, tireFields } from './tire-fields';
import { useSaleDay } from './use-sale-day';

type Tire = StoredRecord<'tire'>;

/** A tire as it is read off its wall and measured. What the other wheels say stands in it already. */
export function TireSheet({
  zone,
  name,
  tire,
  like,
  onClose,
}: {
  zone: string | null;
  name: string;
  tire: Tire | null;
  like: Tire['body'] | null;
  onClose: () => void;
}) {
  const { store } = useLot();
  const on = useSaleDay();
  const { form, keep, problem } = useRecordForm<'tire', TireFields>({
    store,
    kind: 'tire',
    record: tire,
    fields: tireFields(tire?.body ?? null, like),
    toBody: (given, before) => tireBody(given, before, zone, new Date().toISOString()),
  });
  const { register } = form;
  const [code, faults, wheel] = [form.watch('code'), form.watch('faults'), form.watch('wheel')];
  const made = code.trim() === '' ? null : decodeTire(code, on);
  return (
    <Modal title={`Tire: ${name}`} onClose={onClose} wide>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void keep().then((id) => id !== null && onClose());
        }}
      >
        <Field name="Date code, or the whole identification that ends with it">
          <input
            className="field figure text-xl"
            autoComplete="off"
            autoCapitalize="characters"
            placeholder="3112"
            {...register('code')}
          />
        </Field>
        {made && (
          <p role="status" className="-mt-2 text-sm">
            {made.ok ? (
              <>
                {madeText(made)}: <strong>{ageText(made, on)}</strong> on the sale day
              </>
            ) : (
              `Not read as a date code: ${TIRE_REFUSALS[made.reason]}.`
            )}
          </p>
        )}
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <Field name="Tread, mm">
            <input className="field figure" inputMode="decimal" {...register('tread')} />
          </Field>
          <Field name="Size">
            <input className="field figure" placeholder="165 SR 15" {...register('size')} />
          </Field>
          <Field name="Maker">
            <input className="field" {...register('maker')} />
          </Field>
          <Field name="Line">
            <input className="field" {...register('line')} />
          </Field>
          <Field name="Load and speed">
            <input className="field figure" placeholder="86S" {...register('service')} />
          </Field>
          <Field name="Built">
            <select className="field" {...register('ply')}>
              {PLIES.map((p) => (
                <option key={p} value={p}>
                  {PLY_WORDS[p] || 'not said'}
                </option>
              ))}
            </select>
          </Field>
          <label className="flex min-h-11 items-center gap-2 self-end">
            <input type="checkbox" className="size-5 accent-thread" {...register('whiteWall')} /> white wall
          </label>
        </div>
        <Keys
          legend="What is wrong with the tire"
          choices={choicesOf(TIRE_FAULT_WORDS)}
          held={faults}
          onSay={(f) => form.setValue('faults', toggled(faults, f))}
        />
        <Keys
          legend="What is wrong with the wheel"
          choices={choicesOf(WHEEL_FAULT_WORDS)}
          held={wheel}
          onSay={(w) => form.setValue('wheel', toggled(wheel, w))}
        />
        <Field name="Note">
          <input className="field" {...register('note')} />
        </Field>
        {problem && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem}
          </p>
        )}
        <button type="submit" className="btn btn-main">
          {tire ? 'Keep correction' : 'Keep tire'}
        </button>
      </form>
    </Modal>
  );
}

function Field({ name, children }: { name: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is handed in
    <label className="grid gap-1">
      <span className="text-sm font-semibold">{name}</span>
      {children}
    </label>
  );
}
