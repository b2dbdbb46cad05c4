'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm } from 'react-hook-form';
import { toast } from 'sonner';
import type { Tolerance } from '@/core/fit/tolerances';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';

const COLUMNS = [
  ['from', 'From year', 'w-20', 'any'],
  ['to', 'to year', 'w-20', 'any'],
  ['make', 'Make', 'w-28', 'any'],
  ['model', 'Model', 'w-28', 'any'],
  ['seam', 'Seam or panel', 'w-36', 'any'],
  ['nominalMm', 'Nominal, mm', 'w-20', ''],
  ['goodMm', '± gap, mm', 'w-20', ''],
  ['flushMm', '± flush, mm', 'w-20', ''],
  ['leanMm', '± lean, mm', 'w-20', ''],
  ['source', 'Where it is from', 'w-full min-w-52', ''],
] as const;
type Column = (typeof COLUMNS)[number][0];
type Row = Record<Column, string>;
const NUMBERS: readonly Column[] = ['from', 'to', 'nominalMm', 'goodMm', 'flushMm', 'leanMm'];

const toRow = (t: Tolerance): Row =>
  Object.fromEntries(COLUMNS.map(([name]) => [name, t[name] === null ? '' : String(t[name])])) as Row;

/** A typed row as the server takes it; a number that is none stays text, and is refused there by name. */
const fromRow = (row: Row) =>
  Object.fromEntries(
    COLUMNS.map(([name]) => {
      const text = row[name].trim();
      if (text === '') return [name, null];
      const number = Number(text.replace(',', '.'));
      return [name, NUMBERS.includes(name) && Number.isFinite(number) ? number : text];
    }),
  );

const EMPTY = { ...Object.fromEntries(COLUMNS.map(([name]) => [name, ''])), leanMm: '20' } as Row;

/** The nominal gaps and tolerances that cars are judged by: by era, make, model and seam. A manager changes them here. */
export function Tolerances({ rows, mayEdit }: { rows: readonly Tolerance[]; mayEdit: boolean }) {
  const { register, control, handleSubmit, reset, formState } = useForm<{ rows: Row[] }>({
    defaultValues: { rows: rows.map(toRow) },
  });
  const { fields, append, remove } = useFieldArray({ control, name: 'rows' });
  const [problem, setProblem] = useState('');
  const send = async (method: 'PUT' | 'DELETE', body?: unknown) => {
    const answer = await fetch('/api/v1/tolerances', {
      method,
      ...(body !== undefined && { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    }).catch(() => null);
    const said = await answer?.json().catch(() => null);
    if (!answer?.ok) {
      setProblem(said?.message ?? 'The table could not be sent. It is still here; try again when you are connected.');
      return;
    }
    setProblem('');
    reset({ rows: (said.tolerances as Tolerance[]).map(toRow) });
    toast('Kept. Reports that are sealed stay as they are; all others are judged by these from now on.');
  };
  return (
    <PlainPage
      title="Gaps and tolerances"
      about="What panels are judged by. The most particular row holds: seam, then model, then make, then years."
      width="table"
      menu={<ReaderMenu compact />}
    >
      <form
        className="grid grid-cols-[minmax(0,1fr)] gap-4"
        onSubmit={handleSubmit((v) => send('PUT', v.rows.map(fromRow)))}
      >
        <div className="relative overflow-x-auto border border-line bg-card">
          <table className="w-full border-collapse text-sm">
            <thead>
              <tr className="border-b border-line text-left">
                {COLUMNS.map(([name, label]) => (
                  <th key={name} scope="col" className="px-2 py-2 font-semibold whitespace-nowrap">
                    {label}
                  </th>
                ))}
                {mayEdit && (
                  <th scope="col">
                    <span className="sr-only">Remove</span>
                  </th>
                )}
              </tr>
            </thead>
            <tbody>
              {fields.map((field, i) => (
                <tr key={field.id} className="border-b border-line last:border-0">
                  {COLUMNS.map(([name, label, width, open]) => (
                    <td key={name} className="px-1 py-1">
                      <input
                        {...register(`rows.${i}.${name}`)}
                        aria-label={`${label}, row ${i + 1}`}
                        placeholder={open}
                        readOnly={!mayEdit}
                        inputMode={NUMBERS.includes(name) ? 'decimal' : undefined}
                        className={`field ${NUMBERS.includes(name) ? 'figure' : ''} ${width}`}
                      />
                    </td>
                  ))}
                  {mayEdit && (
                    <td>
                      <button
                        type="button"
                        className="grid size-11 place-items-center hover:bg-wash"
                        aria-label={`Remove row ${i + 1}`}
                        onClick={() => remove(i)}
                      >
                        <Trash2 size={16} aria-hidden="true" />
                      </button>
                    </td>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        {problem && (
          <p role="alert" className="border-l-4 border-pin pl-2">
            {problem}
          </p>
        )}
        {mayEdit ? (
          <div className="flex flex-wrap gap-2">
            <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
              Keep the table
            </button>
            <button type="button" className="btn" onClick={() => append(EMPTY)}>
              <Plus size={16} aria-hidden="true" /> Row
            </button>
            <button type="button" className="btn" onClick={() => send('DELETE')}>
              Back to the shipped table
            </button>
          </div>
        ) : (
          <p className="text-sm text-soft">A manager of your organisation can change these.</p>
        )}
      </form>
      <p className="max-w-3xl text-sm text-soft">
        A seam is named as in the bundle, such as “door.left.front|fender.left”; a panel or kind of panel, such as
        “hood” or “door”, stands for all its seams. Old cars left their works uneven, so a car is judged by its own
        years and its own other side. Every sealed report holds the table it was judged by.
      </p>
    </PlainPage>
  );
}
