'use client';

import { useEffect, useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { toast } from 'sonner';
import type { Tables } from '@/core/grade/all-tables';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { Curves } from './curves';
import { NamedNumber } from './fields';
import { LensMatrix } from './lens-matrix';
import { readTyped, type Typed, useTrial } from './use-trial';
import { DescribedCars, OwnLots } from './what-it-moves';
import { WorkRows } from './work-rows';

const RULES = [
  ['grade.missed', 'What any look can miss', 'points'],
  ['grade.ends.first', 'Left of running where one thing ends the use', 'share'],
  ['grade.ends.further', 'Left of that for each further one', 'share'],
  ['grade.exponent', 'Exponent of the mean over the axes', ''],
  ['grade.originalUntold', 'Chance that a finish is the works’ where nothing tells', 'share'],
  ['grade.judgementSd', 'Doubt of any judgement (standard deviation)', 'points'],
  ['grade.partlySeen', 'Unseen, where only a finding is on record', 'share'],
  ['grade.bandFromSeen', 'Seen from which a band is named', 'share'],
  ['work.structural', 'Weight of metal that carries the car', 'times'],
] as const;

const NOTICED = [
  ['grade.notice.mPerRootMm', 'Noticed from, at full contrast and 1 mm', 'm'],
  ['grade.notice.byContrast', 'Power of contrast', ''],
  ['grade.notice.bySize', 'Power of size', ''],
  ['grade.notice.byCount', 'Power of number', ''],
  ['grade.notice.metallic', 'On metallic paint', 'times'],
  ['grade.notice.touchedIn', 'Where touched in', 'times'],
  ['grade.notice.darkBelowL', 'Dark below a lightness of', 'L*'],
  ['grade.notice.farthestM', 'Farthest said', 'm'],
] as const;

const TYPING_MS = 350;

function Part({
  title,
  says,
  children,
  open = false,
}: {
  title: string;
  says: string;
  children: React.ReactNode;
  open?: boolean;
}) {
  return (
    <details className="sheet p-4" open={open}>
      <summary className="min-h-9 cursor-pointer text-lg font-bold">{title}</summary>
      <p className="mb-3 text-sm text-soft">{says}</p>
      {children}
    </details>
  );
}

const listOf = (rows: readonly (readonly [string, string, string])[]) =>
  rows.map(([path, label, unit]) => <NamedNumber key={path} path={path} label={label} {...(unit && { unit })} />);

/** Typed values once the hand rests; null while they are no tables. */
function useRested(values: Typed): ReturnType<typeof readTyped> {
  const [rested, setRested] = useState(() => readTyped(values));
  const text = JSON.stringify(values);
  useEffect(() => {
    const timer = setTimeout(() => setRested(readTyped(JSON.parse(text) as Typed)), TYPING_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return rested;
}

/** The numbers that cars are graded by, and what a change of them would move before it is kept. */
export function Numbers({ tables, mayEdit }: { tables: Tables; mayEdit: boolean }) {
  const [kept, setKept] = useState(tables);
  const form = useForm<Typed>({ defaultValues: { grade: tables.grade, work: tables.work } });
  const { tables: typed, problem } = useRested(form.watch());
  const { described, trial, trying, stage, problem: refused, tryAll, stop } = useTrial(kept, typed);
  const [said, setSaid] = useState('');
  const send = async (method: 'PUT' | 'DELETE') => {
    const body = trial && { grade: trial.grade, work: trial.work, yardstick: trial.yardstick };
    const answer = await fetch('/api/v1/numbers', {
      method,
      ...(method === 'PUT' && { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    }).catch(() => null);
    const reply = await answer?.json().catch(() => null);
    if (!answer?.ok) {
      setSaid(
        reply?.message ?? 'The numbers could not be sent. They are still here; try again when you are connected.',
      );
      return;
    }
    setSaid('');
    setKept({ ...kept, grade: reply.grade, work: reply.work, yardstick: reply.yardstick });
    form.reset({ grade: reply.grade, work: reply.work });
    toast('Kept. Reports that are sealed stay as they are; all others are graded by these from now on.');
  };
  return (
    <PlainPage
      title="Numbers of the grade"
      about="What cars are graded by. A change shows at once how the described cars move; nothing is kept before you keep it."
      width="table"
      menu={<ReaderMenu compact />}
    >
      <FormProvider {...form}>
        <form className="grid items-start gap-5 lg:grid-cols-[1.35fr_1fr]" onSubmit={(e) => e.preventDefault()}>
          <fieldset disabled={!mayEdit} className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
            <p className="text-sm text-soft">Source: {form.getValues('grade.source')}.</p>
            <Part
              open
              title="Lenses"
              says="What each axis weighs in the whole, and how much a school minds its losses against all schools."
            >
              <LensMatrix />
            </Part>
            <Part
              title="Curves"
              says="Points lost by share of redoing the whole axis: what is small must show, what is large saturates."
            >
              <Curves />
            </Part>
            <Part title="Rules" says="What ends the use, what is in doubt, and from when a band is named.">
              {listOf(RULES)}
            </Part>
            <Part title="From where faults are noticed" says="By somebody who is not looking for them.">
              {listOf(NOTICED)}
            </Part>
            <Part title="Bands" says="From how many points a band begins.">
              {kept.grade.bands.map((b, i) => (
                <NamedNumber key={b.name} path={`grade.bands.${i}.from`} label={b.name} unit="points" />
              ))}
            </Part>
            <Part title="Work" says={`What putting right takes: ${kept.work.source}.`}>
              <WorkRows />
            </Part>
          </fieldset>
          <div className="sheet grid gap-4 p-4 lg:sticky lg:top-4 lg:max-h-[calc(100dvh-2rem)] lg:overflow-y-auto">
            {(problem || refused || said) && (
              <p role="alert" className="border-l-4 border-pin pl-2 text-sm">
                {problem || refused || said}
              </p>
            )}
            {mayEdit ? (
              <div className="flex flex-wrap items-center gap-2">
                <button type="button" className="btn" disabled={!typed || trying} onClick={tryAll}>
                  Try on our lots
                </button>
                <button type="button" className="btn btn-main" disabled={!trial} onClick={() => send('PUT')}>
                  Keep these numbers
                </button>
                <button type="button" className="btn btn-small" onClick={() => send('DELETE')}>
                  Back to the shipped ones
                </button>
                {trying && (
                  <p className="flex w-full items-center gap-3 text-sm" role="status">
                    Measuring: {stage ?? 'beginning'}
                    <button type="button" className="btn btn-small" onClick={stop}>
                      Stop
                    </button>
                  </p>
                )}
                {!trial && !trying && (
                  <p className="w-full text-xs text-soft">
                    Before they can be kept, numbers are tried: made cars are measured by them for what cars of an age
                    are like, and the house’s open lots are graded.
                  </p>
                )}
              </div>
            ) : (
              <p className="text-sm text-soft">A manager of your organisation can change these.</p>
            )}
            {trial && <OwnLots lots={trial.lots} />}
            {described ? (
              <DescribedCars now={described.described} before={described.before} />
            ) : (
              <p className="text-sm text-soft">Grading the described cars …</p>
            )}
          </div>
        </form>
      </FormProvider>
    </PlainPage>
  );
}
