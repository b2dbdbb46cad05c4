'use client';

import { PLIES } from '@/core/catalogue/tire-faults';
import type { StoredRecord } from '@/core/kinds';
import { decodeTire } from '@/core/wheels/tire-code';
import { respelt } from '@/words/vocabulary';
import { ageText, madeText, PLY_WORDS, TIRE_FAULT_WORDS, TIRE_REFUSALS, WHEEL_FAULT_WORDS } from '@/words/wheels';
import { choicesOf, Keys, toggled } from '../parts/choice-keys';
import { Labelled } from '../parts/labelled';
import { Modal } from '../parts/modal';
import { usePreferences } from '../preferences';
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
  const { words } = usePreferences().preferences;
  const [code, faults, wheel] = [form.watch('code'), form.watch('faults'), form.watch('wheel')];
  const made = code.trim() === '' ? null : decodeTire(code, on);
  return (
    <Modal title={`${respelt('Tire', words)}: ${name}`} onClose={onClose} wide>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void keep().then((id) => id !== null && onClose());
        }}
      >
        <Labelled text="Date code, or the whole identification that ends with it">
          <input
            className="field figure text-xl"
            autoComplete="off"
            autoCapitalize="characters"
            placeholder="3112"
            {...register('code')}
          />
        </Labelled>
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
          <Labelled text="Tread, mm">
            <input className="field figure" inputMode="decimal" {...register('tread')} />
          </Labelled>
          <Labelled text="Size">
            <input className="field figure" placeholder="165 SR 15" {...register('size')} />
          </Labelled>
          <Labelled text="Maker">
            <input className="field" {...register('maker')} />
          </Labelled>
          <Labelled text="Line">
            <input className="field" {...register('line')} />
          </Labelled>
          <Labelled text="Load and speed">
            <input className="field figure" placeholder="86S" {...register('service')} />
          </Labelled>
          <Labelled text="Built">
            <select className="field" {...register('ply')}>
              {PLIES.map((p) => (
                <option key={p} value={p}>
                  {PLY_WORDS[p] || 'not said'}
                </option>
              ))}
            </select>
          </Labelled>
          <label className="flex min-h-11 items-center gap-2 self-end">
            <input type="checkbox" className="size-5 accent-thread" {...register('whiteWall')} /> white wall
          </label>
        </div>
        <Keys
          legend={respelt('What is wrong with the tire', words)}
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
        <Labelled text="Note">
          <input className="field" {...register('note')} />
        </Labelled>
        {problem && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem}
          </p>
        )}
        <button type="submit" className="btn btn-main">
          {tire ? 'Keep correction' : respelt('Keep tire', words)}
        </button>
      </form>
    </Modal>
  );
}
