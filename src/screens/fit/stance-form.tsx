'use client';

import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import type { CarFit } from '@/core/fit/car-fit';
import { recordsOf } from '@/core/records/reduce';
import { figureOf } from '@/core/units/figure';
import { useInspection } from '@/ui/records/inspection';

const CORNERS = [
  ['leftFrontMm', 'Left front'],
  ['rightFrontMm', 'Right front'],
  ['leftRearMm', 'Left rear'],
  ['rightRearMm', 'Right rear'],
] as const;
type Given = Record<(typeof CORNERS)[number][0], string>;

/** Height of the wheel arches at four corners, and the lean and rake from them. */
export function StanceForm({ fit }: { fit: CarFit }) {
  const { state, store, mayEdit } = useInspection();
  const held = recordsOf(state.records, 'stance').at(-1);
  const [problem, setProblem] = useState('');
  const [upon, setUpon] = useState(held?.version);
  const shown = Object.fromEntries(CORNERS.map(([k]) => [k, held ? String(held.body[k]) : ''])) as Given;
  const { register, handleSubmit, reset, formState } = useForm<Given>({ defaultValues: shown });
  // What others enter shows, unless something is being typed: then it comes up as a conflict.
  const { isDirty } = formState;
  useEffect(() => {
    if (isDirty || held?.version === upon) return;
    setUpon(held?.version);
    reset(Object.fromEntries(CORNERS.map(([k]) => [k, held ? String(held.body[k]) : ''])) as Given);
  }, [held, upon, isDirty, reset]);
  const submit = handleSubmit((given) => {
    const heights = CORNERS.map(([k]) => [k, figureOf(given[k])] as const);
    if (heights.some(([, v]) => v === null || v === 'bad'))
      return setProblem('All four heights are needed, in mm. Nothing was kept.');
    const body = Object.fromEntries(heights);
    const done = store.put([
      {
        kind: 'stance',
        body: { ...body, at: new Date().toISOString() },
        ...(held && { id: held.id, upon: upon ?? held.version }),
      },
    ]);
    setProblem(done.ok ? '' : done.message);
    if (done.ok) {
      setUpon(store.snapshot().records.get(done.ids[0]!)?.version);
      reset(given);
    }
  });
  const s = fit.stance;
  return (
    <form onSubmit={submit} className="grid gap-2 border-t border-line p-4">
      <h2 className="text-lg font-bold">Stance</h2>
      <p className="text-sm text-soft">
        Height of each wheel arch over level ground, mm. Up to {fit.tolerance.leanMm} mm across is usual for its years.
      </p>
      <div className="grid grid-cols-2 gap-2">
        {CORNERS.map(([name, word]) => (
          <label key={name} className="grid gap-1 text-sm font-semibold">
            {word}
            <input
              className="field figure"
              inputMode="numeric"
              disabled={!mayEdit}
              {...register(name)}
              defaultValue={shown[name]}
            />
          </label>
        ))}
      </div>
      {s && (
        <p className="text-sm">
          Leans {lean(s.leanFrontMm)} at the front, {lean(s.leanRearMm)} at the rear; rear over front{' '}
          <span className="figure">{Math.round((s.rakeLeftMm + s.rakeRightMm) / 2)} mm</span>.
        </p>
      )}
      {problem && <p role="alert">{problem}</p>}
      {mayEdit && (
        <button type="submit" className="btn justify-self-start">
          Keep stance
        </button>
      )}
    </form>
  );
}

function lean(mm: number): string {
  return mm === 0 ? 'not' : `${Math.abs(Math.round(mm))} mm to the ${mm < 0 ? 'left' : 'right'}`;
}
