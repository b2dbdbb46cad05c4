'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { planOf } from '@/core/body/plan';
import { STYLES } from '@/core/body/styles';
import { type Fitted, NOTHING_FITTED } from '@/core/body/styles/options';
import { carSchema, LEAVE } from '@/core/records/kinds/car';
import { recordsOf } from '@/core/records/reduce';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { usePreferences } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { FITTED_WORDS, METAL_WORDS, STYLE_WORDS, term } from '@/words/terms';
import { Field, FormProblem } from './fields';

interface Given {
  make: string;
  model: string;
  year: string;
  style: string;
  baseMetal: 'steel' | 'aluminium' | 'glass-fibre';
  paintType: 'single-stage' | 'clear-coat' | 'metallic' | 'unknown';
  colour: string;
  fitted: Fitted;
  steering: 'left' | 'right';
  chassisNumber: string;
  engineNumber: string;
  odometer: string;
  odometerUnit: 'km' | 'mi';
  keptIn: string;
  leave: Record<'press' | 'liftCarpet' | 'removeTrim' | 'drive', (typeof LEAVE)[number]>;
}

const LEAVES: readonly (readonly [keyof Given['leave'], string])[] = [
  ['press', 'Press on panels'],
  ['liftCarpet', 'Lift carpet'],
  ['removeTrim', 'Take trim off'],
  ['drive', 'Drive'],
];
const METALS = ['steel', 'aluminium', 'glass-fibre'] as const;

/** Identity, build and the owner's leave. */
export function CarForm() {
  const { facts, store, state, mayEdit } = useInspection();
  const { words } = usePreferences().preferences;
  const record = recordsOf(state.records, 'car')[0];
  const car = record?.body;
  const [problem, setProblem] = useState('');
  const { register, handleSubmit, watch, formState, reset } = useForm<Given>({
    defaultValues: {
      make: car?.make ?? '',
      model: car?.model ?? '',
      year: car?.year?.toString() ?? '',
      style: car?.style ?? '',
      baseMetal: (car?.baseMetal as Given['baseMetal']) ?? 'steel',
      paintType: car?.paintType ?? 'unknown',
      colour: car?.colour ?? '',
      steering: car?.steering ?? 'left',
      fitted: car?.fitted ?? NOTHING_FITTED,
      chassisNumber: car?.chassisNumber ?? '',
      engineNumber: car?.engineNumber ?? '',
      odometer: car?.odometer?.value.toString() ?? '',
      odometerUnit: car?.odometer?.unit ?? 'mi',
      keptIn: car?.keptIn ?? '',
      leave: car?.leave ?? { press: 'not-asked', liftCarpet: 'not-asked', removeTrim: 'not-asked', drive: 'not-asked' },
    },
  });
  const submit = handleSubmit((given) => {
    const { odometer, odometerUnit, year, ...rest } = given;
    const body = {
      ...rest,
      year: year.trim() === '' ? null : Number(year),
      odometer:
        odometer.trim() === '' ? null : { value: Number(odometer.replaceAll(/[\s,.]/g, '')), unit: odometerUnit },
    };
    const checked = carSchema.safeParse(body);
    if (!checked.success)
      return setProblem(`${checked.error.issues[0]!.path.join(' ')}: ${checked.error.issues[0]!.message}`);
    const result = store.put([{ kind: 'car', body, id: record?.id ?? facts.lot.id }]);
    setProblem(result.ok ? '' : result.message);
    if (result.ok) {
      reset(given);
      toast('The car is kept.');
    }
  });
  const plan = planOf(watch('style'));
  return (
    <form onSubmit={submit} className="sheet grid gap-4 p-4">
      <h2 className="text-lg font-bold">The car</h2>
      <fieldset disabled={!mayEdit} className="grid gap-4">
        <div className="grid gap-3 sm:grid-cols-[1fr_1fr_6rem]">
          <Field label="Make" error={formState.errors.make?.message}>
            <input className="field font-normal" {...register('make', { required: 'Needed' })} />
          </Field>
          <Field label="Model" error={formState.errors.model?.message}>
            <input className="field font-normal" {...register('model', { required: 'Needed' })} />
          </Field>
          <Field label="Year">
            <input className="field figure" inputMode="numeric" {...register('year')} />
          </Field>
        </div>
        <fieldset className="grid gap-1.5">
          <legend className="mb-1 text-sm font-semibold">
            Body style: gives the plan {formState.errors.style && <span className="text-pin">Choose one</span>}
          </legend>
          <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
            {STYLES.map((s) => (
              <label
                key={s.slug}
                className="relative grid min-w-0 content-start gap-1 rounded-cut border border-ink/30 p-2 text-center text-sm leading-tight has-checked:border-2 has-checked:border-thread has-checked:bg-wash has-focus-visible:outline-2 has-focus-visible:outline-thread"
              >
                <input type="radio" className="sr-only" value={s.slug} {...register('style', { required: true })} />
                <StylePicture slug={s.slug} />
                {term(STYLE_WORDS, s.slug, words)}
              </label>
            ))}
          </div>
        </fieldset>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1 text-sm font-semibold">Fitted</legend>
          {(Object.keys(FITTED_WORDS) as (keyof typeof FITTED_WORDS)[]).map((key) => (
            <label
              key={key}
              className="relative flex min-h-11 items-center rounded-cut border border-ink/30 px-3 text-sm has-checked:border-2 has-checked:border-thread has-checked:bg-wash has-focus-visible:outline-2 has-focus-visible:outline-thread"
            >
              <input type="checkbox" className="sr-only" {...register(`fitted.${key}`)} />
              {term(FITTED_WORDS, key, words)}
            </label>
          ))}
        </fieldset>
        <div className="grid gap-3 sm:grid-cols-3">
          <Field label="Body made of">
            <select className="field font-normal" {...register('baseMetal')}>
              {METALS.map((m) => (
                <option key={m} value={m}>
                  {term(METAL_WORDS, m, words)}
                </option>
              ))}
            </select>
          </Field>
          <Field label="Paint">
            <select className="field font-normal" {...register('paintType')}>
              <option value="unknown">not known</option>
              <option value="single-stage">single stage</option>
              <option value="clear-coat">base and clear</option>
              <option value="metallic">metallic</option>
            </select>
          </Field>
          <Field label={words === 'en-US' ? 'Color' : 'Colour'}>
            <input className="field font-normal" {...register('colour')} />
          </Field>
          <Field label="Steering wheel">
            <select className="field font-normal" {...register('steering')}>
              <option value="left">on the left</option>
              <option value="right">on the right</option>
            </select>
          </Field>
          <Field label="Odometer shows">
            <span className="flex">
              <input className="field figure rounded-r-none" inputMode="numeric" {...register('odometer')} />
              <select
                className="field w-auto rounded-l-none border-l-0 font-normal"
                aria-label="Odometer unit"
                {...register('odometerUnit')}
              >
                <option value="mi">mi</option>
                <option value="km">km</option>
              </select>
            </span>
          </Field>
          <Field label="Kept in">
            <input className="field font-normal" {...register('keptIn')} />
          </Field>
        </div>
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Chassis number">
            <input className="field figure" autoCapitalize="characters" {...register('chassisNumber')} />
          </Field>
          <Field label="Engine number">
            <input className="field figure" autoCapitalize="characters" {...register('engineNumber')} />
          </Field>
        </div>
        <fieldset className="grid gap-2">
          <legend className="mb-1 text-sm font-semibold">Owner’s leave</legend>
          {LEAVES.map(([key, label]) => (
            <div
              key={key}
              className="flex flex-wrap items-center justify-between gap-2 border-b border-line pb-2 last:border-0"
            >
              <span>{label}</span>
              <span className="flex gap-1">
                {LEAVE.map((l) => (
                  <label
                    key={l}
                    className="relative grid min-h-11 min-w-14 place-items-center rounded-cut border border-ink/30 px-3 text-sm has-checked:border-ink has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-2 has-focus-visible:outline-thread"
                  >
                    <input
                      type="radio"
                      className="sr-only"
                      value={l}
                      aria-label={`${label}: ${l.replace('-', ' ')}`}
                      {...register(`leave.${key}`)}
                    />
                    {l.replace('-', ' ')}
                  </label>
                ))}
              </span>
            </div>
          ))}
        </fieldset>
        {plan && watch('style') !== car?.style && record && (
          <p className="text-sm">
            Changing the style keeps every entry; those at places the new plan does not have are listed in the report’s
            checks.
          </p>
        )}
        <FormProblem message={problem} />
        {mayEdit && (
          <button type="submit" className="btn btn-main">
            Keep car
          </button>
        )}
      </fieldset>
    </form>
  );
}

function StylePicture({ slug }: { slug: string }) {
  const plan = planOf(slug)!;
  return (
    <span aria-hidden="true" className="block">
      <PlanDrawing plan={plan} view="outside" looks={new Map()} nameOf={() => ''} title="" className="h-16 w-full" />
    </span>
  );
}
