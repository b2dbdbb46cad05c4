'use client';

import { Trash2 } from 'lucide-react';
import type { FormEvent } from 'react';
import { CLAIM_KINDS } from '@/core/kinds/claim';
import { recordsOf } from '@/core/records/reduce';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { usePreferences } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { NotYet, useRecordForm } from '@/ui/records/use-record-form';
import { CLAIM_WORDS, term } from '@/words/terms';
import { Field, FormProblem } from './fields';

interface Given {
  kind: (typeof CLAIM_KINDS)[number];
  text: string;
  source: string;
}

/** What the seller or an older listing says, kept as said. */
export function ClaimsForm() {
  const { store, state, mayClaim } = useInspection();
  const { words } = usePreferences().preferences;
  const claims = recordsOf(state.records, 'claim');
  const { form, keep, problem } = useRecordForm<'claim', Given>({
    store,
    kind: 'claim',
    record: null,
    fields: { kind: 'original-paint', text: '', source: '' },
    toBody: (given) => {
      if (!given.text.trim() || !given.source.trim()) throw new NotYet('A claim has its words and who says so.');
      return { ...given, saidAt: new Date().toISOString() };
    },
  });
  const { register, getValues, reset } = form;
  const submit = async (e: FormEvent) => {
    e.preventDefault();
    if ((await keep()) !== null) reset({ ...getValues(), text: '' });
  };
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="text-lg font-bold">Claims</h2>
      {claims.length === 0 && (
        <p className="text-sm">What the seller says goes here in his words. It is never repeated as a fact.</p>
      )}
      <ul className="divide-y divide-line">
        {claims.map(({ id, body }) => (
          <li key={id} className="flex items-start gap-3 py-2 text-sm">
            <span className="min-w-0 flex-1">
              <span className="block">“{body.text}”</span>
              <span className="text-soft">
                {body.source} · {term(CLAIM_WORDS, body.kind, words)}
              </span>
            </span>
            <EvidenceStamp evidence="told" />
            {mayClaim && (
              <button
                type="button"
                className="-mt-2 grid size-11 place-items-center"
                aria-label="Take claim out"
                onClick={() => store.remove(id)}
              >
                <Trash2 size={16} aria-hidden="true" />
              </button>
            )}
          </li>
        ))}
      </ul>
      {mayClaim && (
        <form onSubmit={(e) => void submit(e)} className="grid gap-3 sm:grid-cols-2">
          <Field label="Says">
            <input className="field font-normal" placeholder="Original paint throughout." {...register('text')} />
          </Field>
          <Field label="Who">
            <input className="field font-normal" {...register('source')} />
          </Field>
          <Field label="About">
            <select className="field font-normal" {...register('kind')}>
              {CLAIM_KINDS.map((k) => (
                <option key={k} value={k}>
                  {term(CLAIM_WORDS, k, words)}
                </option>
              ))}
            </select>
          </Field>
          <button type="submit" className="btn self-end">
            Add claim
          </button>
          <div className="sm:col-span-2">
            <FormProblem message={problem} />
          </div>
        </form>
      )}
    </section>
  );
}
