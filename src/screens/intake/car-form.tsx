'use client';

import { useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { planOf } from '@/core/body/plan';
import { STYLES } from '@/core/body/styles';
import { CONSTRUCTIONS } from '@/core/catalogue/weak-spots';
import { LEAVE } from '@/core/kinds/car';
import { buildOf } from '@/core/metal/weak-places';
import { recordsOf } from '@/core/records/reduce';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { usePreferences } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { changedFields, mergeFields } from '@/ui/records/merge-fields';
import { BUILD_WORDS } from '@/words/metal';
import { FITTED_WORDS, METAL_WORDS, STYLE_WORDS, term } from '@/words/terms';
import { type CarFields, carBody, carFields, METALS } from './car-body';
import { Field, FormProblem } from './fields';

const LEAVES: readonly (readonly [keyof CarFields['leave'], string])[] = [
  ['press', 'Press on panels'],
  ['liftCarpet', 'Lift carpet'],
  ['removeTrim', 'Take trim off'],
  ['drive', 'Drive'],
];

/** Identity, build and the owner's leave. */
export function CarForm() {
  const { facts, store, state, mayEdit } = useInspection();
  const { words } = usePreferences().preferences;
  const record = recordsOf(state.records, 'car')[0];
  const car = record?.body;
  const [problem, setProblem] = useState('');
  const [kept, setKept] = useState(false);
  // What the form shows, and of which version: what others enter meanwhile in other fields stays.
  const [shown, setShown] = useState(() => ({
    fields: carFields(car ?? null, facts.lot.title),
    upon: record?.version ?? 0,
  }));
  const { register, getValues, watch, reset } = useForm<CarFields>({ defaultValues: shown.fields });
  useEffect(() => {
    const version = record?.version ?? 0;
    if (!record || version === shown.upon) return;
    const fields = carFields(record.body, facts.lot.title);
    reset(fields, { keepDirtyValues: true });
    setShown({ fields, upon: version });
  }, [record, shown.upon, facts.lot.title, reset]);
  /** Keeps what was changed; called as each field is left. */
  const keep = (): boolean => {
    const now = getValues();
    const [before, after] = [carBody(shown.fields), carBody(now)];
    if (!after.ok) {
      setProblem(after.message);
      return false;
    }
    const changed = record ? changedFields(before.ok ? before.body : {}, after.body) : after.body;
    setProblem('');
    if (Object.keys(changed).length === 0) return true;
    const { body, clash } = mergeFields(record?.body ?? {}, before.ok ? before.body : {}, changed);
    const result = store.put([
      { kind: 'car', body, id: record?.id ?? facts.lot.id, ...(clash && { upon: shown.upon }) },
    ]);
    if (!result.ok) {
      setProblem(result.message);
      return false;
    }
    const held = store.snapshot().records.get(record?.id ?? facts.lot.id);
    setShown({ fields: now, upon: held?.version ?? 0 });
    reset(now);
    setKept(true);
    return true;
  };
  const told = buildOf(car ? { ...car, build: null } : null, facts.tables.weakSpots);
  // A page that is closed or put aside leaves its field too.
  const latest = useRef(keep);
  useEffect(() => {
    latest.current = keep;
  });
  useEffect(() => {
    if (!mayEdit) return;
    const leave = () => document.visibilityState === 'hidden' && latest.current();
    document.addEventListener('visibilitychange', leave);
    return () => document.removeEventListener('visibilitychange', leave);
  }, [mayEdit]);
  /** A field as the server draws it too: its value is there before any script runs. */
  const field = <K extends Exclude<keyof CarFields, 'fitted' | 'leave'>>(name: K) => ({
    ...register(name),
    defaultValue: shown.fields[name] as string,
  });
  const plan = planOf(watch('style', shown.fields.style));
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (keep()) toast('The car is kept.');
      }}
      onBlur={() => mayEdit && keep()}
      onChange={(e) => {
        setKept(false);
        // A choice is left as it is made.
        if (mayEdit && !isTyped(e.target)) setTimeout(keep);
      }}
      className="sheet grid gap-4 p-4"
    >
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="shrink-0 text-lg font-bold">The car</h2>
        <p role="status" className="text-sm text-soft">
          {kept ? 'Kept.' : !record && mayEdit ? 'From the lot’s name; correct what is wrong.' : ''}
        </p>
      </div>
      <fieldset disabled={!mayEdit} className="grid gap-4">
        <div className="grid gap-3 sm:grid-cols-[1fr_1fr_6rem]">
          <Field label="Make">
            <input className="field font-normal" {...field('make')} />
          </Field>
          <Field label="Model">
            <input className="field font-normal" {...field('model')} />
          </Field>
          <Field label="Year">
            <input className="field figure" inputMode="numeric" {...field('year')} />
          </Field>
        </div>
        <fieldset className="grid gap-1.5">
          <legend className="mb-1 text-sm font-semibold">
            Body style: gives the plan{' '}
            {watch('style', shown.fields.style) === '' && <span className="font-normal text-soft">not stated yet</span>}
          </legend>
          <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
            {STYLES.map((s) => (
              <label
                key={s.slug}
                className="relative grid min-w-0 content-start gap-1 rounded-cut border border-ink/30 p-2 text-center text-sm leading-tight has-checked:border-2 has-checked:border-thread has-checked:bg-wash has-focus-visible:outline-2 has-focus-visible:outline-thread"
              >
                <input
                  type="radio"
                  className="sr-only"
                  value={s.slug}
                  defaultChecked={shown.fields.style === s.slug}
                  {...register('style')}
                />
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
              <input
                type="checkbox"
                className="sr-only"
                defaultChecked={shown.fields.fitted[key]}
                {...register(`fitted.${key}`)}
              />
              {term(FITTED_WORDS, key, words)}
            </label>
          ))}
        </fieldset>
        <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
          <Field label="Body made of">
            <select className="field font-normal" {...field('baseMetal')}>
              {METALS.map((m) => (
                <option key={m} value={m}>
                  {term(METAL_WORDS, m, words)}
                </option>
              ))}
            </select>
          </Field>
          <Field label="Built with">
            <select className="field font-normal" {...field('build')}>
              <option value="">{told === null ? 'not stated' : `${BUILD_WORDS[told]}, by its make`}</option>
              {CONSTRUCTIONS.map((b) => (
                <option key={b} value={b}>
                  {BUILD_WORDS[b]}
                </option>
              ))}
            </select>
          </Field>
          <Field label="Paint">
            <select className="field font-normal" {...field('paintType')}>
              <option value="unknown">not known</option>
              <option value="single-stage">single stage</option>
              <option value="clear-coat">base and clear</option>
              <option value="metallic">metallic</option>
            </select>
          </Field>
          <Field label={words === 'en-US' ? 'Color' : 'Colour'}>
            <input className="field font-normal" {...field('colour')} />
          </Field>
          <Field label="Steering wheel">
            <select className="field font-normal" {...field('steering')}>
              <option value="left">on the left</option>
              <option value="right">on the right</option>
            </select>
          </Field>
          <Field label="Odometer shows">
            <span className="flex">
              <input className="field figure rounded-r-none" inputMode="numeric" {...field('odometer')} />
              <select
                className="field w-auto rounded-l-none border-l-0 font-normal"
                aria-label="Odometer unit"
                {...field('odometerUnit')}
              >
                <option value="mi">mi</option>
                <option value="km">km</option>
              </select>
            </span>
          </Field>
          <Field label="Its digits, without tenths">
            <select className="field font-normal" {...field('odometerDigits')}>
              <option value="">not read</option>
              <option value="5">5: at nought again after 99,999</option>
              <option value="6">6: after 999,999</option>
              <option value="4">4</option>
              <option value="7">7</option>
            </select>
          </Field>
          <Field label="Kept in">
            <input className="field font-normal" {...field('keptIn')} />
          </Field>
        </div>
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Chassis number">
            <input className="field figure" autoCapitalize="characters" {...field('chassisNumber')} />
          </Field>
          <Field label="Engine number">
            <input className="field figure" autoCapitalize="characters" {...field('engineNumber')} />
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
                      defaultChecked={shown.fields.leave[key] === l}
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
        {plan && watch('style', shown.fields.style) !== car?.style && record && (
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

/** Whether a field is typed into, so that it is kept as it is left and not at each letter. */
const isTyped = (target: EventTarget) =>
  target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(target.type);

function StylePicture({ slug }: { slug: string }) {
  const plan = planOf(slug)!;
  return (
    <span aria-hidden="true" className="block">
      <PlanDrawing plan={plan} view="outside" looks={new Map()} nameOf={() => ''} title="" className="h-16 w-full" />
    </span>
  );
}
