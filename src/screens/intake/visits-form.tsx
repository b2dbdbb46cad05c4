'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { StoredRecord } from '@/core/records/kinds';
import { recordsOf } from '@/core/records/reduce';
import { Modal } from '@/ui/parts/modal';
import { useInspection } from '@/ui/records/inspection';
import { dayText } from '@/words/dates';
import { LIFT_WORDS, LIGHT_WORDS, SURFACE_WORDS } from '@/words/terms';
import { Field, FormProblem } from './fields';

interface Given {
  place: string;
  light: keyof typeof LIGHT_WORDS;
  surface: keyof typeof SURFACE_WORDS;
  lift: keyof typeof LIFT_WORDS;
  clean: boolean;
  temperatureC: string;
  hours: string;
  gaugeName: string;
  gaugeKind: 'magnetic' | 'eddy' | 'combined';
  ceilingUm: string;
  zeroUm: string;
  foilUm: string;
  foilReadUm: string;
  endZeroUm: string;
  endFoilReadUm: string;
  note: string;
}

const figure = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')));

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
                {[
                  v.place,
                  LIGHT_WORDS[v.light],
                  SURFACE_WORDS[v.surface],
                  v.clean ? 'clean' : 'not clean',
                  v.temperatureC === null ? 'temperature not stated' : `${v.temperatureC} °C`,
                  LIFT_WORDS[v.lift],
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
              <span className="block text-soft">
                {v.gauge
                  ? `${v.gauge.name}, ceiling ${v.gauge.ceilingUm} µm, ${v.gauge.checks.length > 0 ? `checked ${v.gauge.checks.map((c) => `at the ${c.when}: foil ${c.foilUm} shows ${c.foilReadUm} µm`).join('; ')}` : 'not checked'}`
                  : 'no gauge'}
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
  const v = visit?.body;
  const start = v?.gauge?.checks.find((c) => c.when === 'start');
  const end = v?.gauge?.checks.find((c) => c.when === 'end');
  const [problem, setProblem] = useState('');
  const text = (n: number | null | undefined) => (n === null || n === undefined ? '' : String(n));
  const { register, handleSubmit } = useForm<Given>({
    defaultValues: {
      place: v?.place ?? facts.sale.place,
      light: v?.light ?? 'indoor',
      surface: v?.surface ?? 'dry',
      lift: v?.lift ?? 'none',
      clean: v?.clean ?? true,
      temperatureC: text(v?.temperatureC),
      hours: text(v?.hours),
      gaugeName: v?.gauge?.name ?? '',
      gaugeKind: v?.gauge?.kind ?? 'combined',
      ceilingUm: text(v?.gauge?.ceilingUm ?? 500),
      zeroUm: text(start?.zeroUm),
      foilUm: text(start?.foilUm),
      foilReadUm: text(start?.foilReadUm),
      endZeroUm: text(end?.zeroUm),
      endFoilReadUm: text(end?.foilReadUm),
      note: v?.note ?? '',
    },
  });
  const submit = handleSubmit((g) => {
    const foilUm = figure(g.foilUm);
    const checks = [
      ...(foilUm !== null && figure(g.foilReadUm) !== null
        ? [{ when: 'start', zeroUm: figure(g.zeroUm) ?? 0, foilUm, foilReadUm: figure(g.foilReadUm) }]
        : []),
      ...(foilUm !== null && figure(g.endFoilReadUm) !== null
        ? [{ when: 'end', zeroUm: figure(g.endZeroUm) ?? 0, foilUm, foilReadUm: figure(g.endFoilReadUm) }]
        : []),
    ];
    const body = {
      startedAt: v?.startedAt ?? new Date().toISOString(),
      inspector: v?.inspector ?? facts.me,
      place: g.place,
      light: g.light,
      surface: g.surface,
      lift: g.lift,
      clean: g.clean,
      temperatureC: figure(g.temperatureC),
      hours: figure(g.hours),
      gauge: g.gaugeName.trim()
        ? { name: g.gaugeName, kind: g.gaugeKind, ceilingUm: figure(g.ceilingUm) ?? 0, checks }
        : null,
      note: g.note,
    };
    const result = store.put([{ kind: 'visit', body, ...(visit && { id: visit.id }) }]);
    if (result.ok) onClose();
    else setProblem(result.message);
  });
  const choice = (name: 'light' | 'surface' | 'lift', label: string, words: Readonly<Record<string, string>>) => (
    <Field label={label}>
      <select className="field font-normal" {...register(name)}>
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
          <label className="flex min-h-11 items-center gap-2 self-end text-sm font-semibold">
            <input type="checkbox" className="size-5 accent-thread" {...register('clean')} /> washed, clean
          </label>
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
              <input className="field figure" inputMode="numeric" {...register('ceilingUm')} />
            </Field>
            <Field label="Foil, µm">
              <input className="field figure" inputMode="numeric" {...register('foilUm')} />
            </Field>
            <Field label="Start: zero shows">
              <input className="field figure" inputMode="numeric" {...register('zeroUm')} />
            </Field>
            <Field label="Start: foil shows">
              <input className="field figure" inputMode="numeric" {...register('foilReadUm')} />
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
