import { planOf } from '@/core/body/plan';
import { STYLES } from '@/core/body/styles';
import { CONSTRUCTIONS } from '@/core/catalogue/weak-spots';
import { LEAVE } from '@/core/kinds/car';
import { buildOf } from '@/core/metal/weak-places';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { usePreferences } from '@/ui/preferences';
import { useLot } from '@/ui/records/inspection';
import { BUILD_WORDS } from '@/words/metal';
import { FITTED_WORDS, METAL_WORDS, STYLE_WORDS, term } from '@/words/terms';
import { type CarFields, METALS } from './car-body';
import { Field } from './fields';
import type { CarFormHeld } from './use-car-form';

const LEAVES: readonly (readonly [keyof CarFields['leave'], string])[] = [
  ['press', 'Press on panels'],
  ['liftCarpet', 'Lift carpet'],
  ['removeTrim', 'Take trim off'],
  ['drive', 'Drive'],
];

/** The body style, chosen by its plan. */
export function StyleChoice({ form }: { form: CarFormHeld }) {
  const { style, defaults, register } = form;
  const { words } = usePreferences().preferences;
  return (
    <fieldset className="grid gap-1.5">
      <legend className="mb-1 text-sm font-semibold">
        Body style: gives the plan {style === '' && <span className="font-normal text-soft">not stated yet</span>}
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
              defaultChecked={defaults.style === s.slug}
              {...register('style')}
            />
            <StylePicture slug={s.slug} />
            {term(STYLE_WORDS, s.slug, words)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** What the car is fitted with, as far as its plan asks. */
export function FittedChoice({ form }: { form: CarFormHeld }) {
  const { defaults, register } = form;
  const { words } = usePreferences().preferences;
  return (
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
            defaultChecked={defaults.fitted[key]}
            {...register(`fitted.${key}`)}
          />
          {term(FITTED_WORDS, key, words)}
        </label>
      ))}
    </fieldset>
  );
}

/** What it is made of and painted with, and what its odometer shows. */
export function BuildFields({ form }: { form: CarFormHeld }) {
  const { field, car } = form;
  const { facts } = useLot();
  const { words } = usePreferences().preferences;
  const told = buildOf(car ? { ...car, build: null } : null, facts.tables.weakSpots);
  return (
    <div className="grid gap-3 sm:grid-cols-2">
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
  );
}

/** What the owner allows. */
export function LeaveChoice({ form }: { form: CarFormHeld }) {
  const { defaults, register } = form;
  return (
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
                  defaultChecked={defaults.leave[key] === l}
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
