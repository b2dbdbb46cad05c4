'use client';

import { toast } from 'sonner';
import { planOf } from '@/core/body/plan';
import { BuildFields, FittedChoice, LeaveChoice, StyleChoice } from './car-choices';
import { Field, FormProblem } from './fields';
import { useCarForm } from './use-car-form';

/** Identity, build and the owner’s leave. */
export function CarForm() {
  const form = useCarForm();
  const { mayEdit, begun, field, keep, kept, problem, style, car } = form;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (keep()) toast('The car is kept.');
      }}
      onBlur={() => mayEdit && keep()}
      onChange={form.onChange}
      className="sheet grid gap-4 p-4"
    >
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="shrink-0 text-lg font-bold">The car</h2>
        <p role="status" className="text-sm text-soft">
          {kept ? 'Kept.' : !begun && mayEdit ? 'From the lot’s name; correct what is wrong.' : ''}
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
        <StyleChoice form={form} />
        <FittedChoice form={form} />
        <BuildFields form={form} />
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Chassis number">
            <input className="field figure" autoCapitalize="characters" {...field('chassisNumber')} />
          </Field>
          <Field label="Engine number">
            <input className="field figure" autoCapitalize="characters" {...field('engineNumber')} />
          </Field>
        </div>
        <LeaveChoice form={form} />
        {planOf(style) && style !== car?.style && begun && (
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
