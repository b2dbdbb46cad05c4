'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { Modal } from '@/ui/parts/modal';
import { useInspection } from '@/ui/records/inspection';
import { dayText } from '@/words/dates';
import { conditionsOf } from '@/words/report';
import { SCHOOL_WORDS } from '@/words/standard-views';
import { LIFT_WORDS, LIGHT_WORDS, SURFACE_WORDS } from '@/words/terms';
import { Field, FormProblem } from './fields';
import { type VisitFields, visitBody, visitFields } from './visit-body';

/** Conditions and instruments of each visit. */
export function VisitsForm() {
  const { state, mayEdit } = useInspection();
  const visits = recordsOf(state.records, 'visit');
  const [open, setOpen] = useState<'new' | StoredRecord<'visit'> | null>(null);
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="text-lg font-bold">Visits</h2>
      {visits.length === 0 && (
        <p className="text-sm">
          State the light, the weather and the gauge before the first reading: the report says under what conditions the
          car was seen.
        </p>
      )}
      <ul className="grid gap-2">
        {visits.map(({ id, body: v }, i) => (
          <li key={id}>
            <button
              type="button"
              disabled={!mayEdit}
              onClick={() => setOpen(visits[i]!)}
              className="w-full rounded-cut border border-line p-3 text-left text-sm enabled:hover:bg-wash"
            >
              <span className="block font-semibold">
                {dayText(v.startedAt)}, {v.inspector || 'inspector not named'}
                {v.hours ? `, ${v.hours} h` : ''}
              </span>
              <span className="block text-soft">
                {[v.place, ...conditionsOf(v)].filter(Boolean).join(' · ') || 'conditions not stated'}
              </span>
              <span className="block text-soft">
                {v.gauge
                  ? `${v.gauge.name}, ceiling ${v.gauge.ceilingUm} µm, ${v.gauge.checks.length > 0 ? `checked ${v.gauge.checks.map((c) => `at the ${c.when}: foil ${c.foilUm} shows ${c.foilReadUm} µm`).join('; ')}` : 'not checked'}`
                  : 'no gauge stated'}
              </span>
              {v.temperatureC !== null && v.temperatureC < 5 && v.gauge && (
                <span className="block font-semibold text-pin">Below 5 °C many gauges misread or stop.</span>
              )}
            </button>
          </li>
        ))}
      </ul>
      {mayEdit && (
        <button type="button" className="btn" onClick={() => setOpen('new')}>
          Add visit
        </button>
      )}
      {open && <VisitSheet visit={open === 'new' ? null : open} onClose={() => setOpen(null)} />}
    </section>
  );
}

function VisitSheet({ visit, onClose }: { visit: StoredRecord<'visit'> | null; onClose: () => void }) {
  const { store, facts } = useInspection();
  // What the person sees when the form opens: what others enter meanwhile comes up as a conflict.
  const [before] = useState(visit);
  const [problem, setProblem] = useState('');
  const { register, handleSubmit } = useForm<VisitFields>({
    defaultValues: visitFields(before?.body ?? null, facts.sale.place),
  });
  const submit = handleSubmit((given) => {
    const said = visitBody(given, before?.body ?? null, { startedAt: new Date().toISOString(), inspector: facts.me });
    if (!said.ok) return setProblem(said.message);
    const result = store.put([
      { kind: 'visit', body: said.body, ...(before && { id: before.id, upon: before.version }) },
    ]);
    if (result.ok) onClose();
    else setProblem(result.message);
  });
  const choice = (
    name: 'light' | 'surface' | 'lift' | 'clean' | 'school',
    label: string,
    words: Readonly<Record<string, string>>,
  ) => (
    <Field label={label}>
      <select className="field font-normal" {...register(name)}>
        <option value="">not stated</option>
        {Object.entries(words).map(([key, word]) => (
          <option key={key} value={key}>
            {word}
          </option>
        ))}
      </select>
    </Field>
  );
  return (
    <Modal title={visit ? 'Correct visit' : 'Visit'} onClose={onClose} wide>
      <form onSubmit={submit} className="grid gap-4">
        <Field label="Place">
          <input className="field font-normal" {...register('place')} />
        </Field>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          {choice('light', 'Light', LIGHT_WORDS)}
          {choice('surface', 'The car is', SURFACE_WORDS)}
          {choice('lift', 'From below', LIFT_WORDS)}
          <Field label="Temperature, °C">
            <input className="field figure" inputMode="decimal" {...register('temperatureC')} />
          </Field>
          <Field label="Hours">
            <input className="field figure" inputMode="decimal" {...register('hours')} />
          </Field>
          {choice('clean', 'Washed, clean', { yes: 'yes', no: 'no' })}
          {choice('school', 'Working order', SCHOOL_WORDS)}
        </div>
        <fieldset className="grid gap-3 border border-line p-3">
          <legend className="px-1 text-sm font-bold">Thickness gauge</legend>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
            <Field label="Name" className="col-span-2 sm:col-span-1">
              <input className="field font-normal" placeholder="leave empty if none" {...register('gaugeName')} />
            </Field>
            <Field label="Reads on">
              <select className="field font-normal" {...register('gaugeKind')}>
                <option value="combined">steel and aluminium</option>
                <option value="magnetic">steel only</option>
                <option value="eddy">aluminium only</option>
              </select>
            </Field>
            <Field label="Ceiling, µm">
              <input className="field figure" inputMode="numeric" placeholder="500" {...register('ceilingUm')} />
            </Field>
            <Field label="Start: foil, µm">
              <input className="field figure" inputMode="numeric" {...register('foilUm')} />
            </Field>
            <Field label="Start: zero shows">
              <input className="field figure" inputMode="numeric" {...register('zeroUm')} />
            </Field>
            <Field label="Start: foil shows">
              <input className="field figure" inputMode="numeric" {...register('foilReadUm')} />
            </Field>
            <Field label="End: foil, µm">
              <input className="field figure" inputMode="numeric" {...register('endFoilUm')} />
            </Field>
            <Field label="End: zero shows">
              <input className="field figure" inputMode="numeric" {...register('endZeroUm')} />
            </Field>
            <Field label="End: foil shows">
              <input className="field figure" inputMode="numeric" {...register('endFoilReadUm')} />
            </Field>
          </div>
        </fieldset>
        <Field label="Note">
          <textarea rows={2} className="field py-2 font-normal" {...register('note')} />
        </Field>
        <FormProblem message={problem} />
        <button type="submit" className="btn btn-main">
          Keep visit
        </button>
      </form>
    </Modal>
  );
}
