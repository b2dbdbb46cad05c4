'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { type DefaultValues, type FieldValues, type Resolver, type UseFormReturn, useForm } from 'react-hook-form';
import { z } from 'zod';
import { KINDS, type RecordKind, type StoredRecord } from '@/core/kinds';
import type { InspectionStore } from './inspection-store';

export interface RecordForm<F extends FieldValues> {
  readonly form: UseFormReturn<F>;
  /** Keeps what the form says; the id of the record, or null where nothing was kept. */
  readonly keep: () => Promise<string | null>;
  /** Why nothing was kept: one sentence for the whole form. */
  readonly problem: string;
}

/** What is no record yet: a sentence for the person. */
export class NotYet extends Error {}

/**
 * A form of one record: what it shows goes through `toBody` into its kind's schema, which says what is wrong with it. A
 * record is corrected upon the version that was there when the form opened, so that what another person entered meanwhile
 * comes up as a conflict and is not overwritten.
 */
export function useRecordForm<K extends RecordKind, F extends FieldValues>({
  store,
  kind,
  record,
  fields,
  toBody,
}: {
  readonly store: Pick<InspectionStore, 'put'>;
  readonly kind: K;
  readonly record: StoredRecord<K> | null;
  readonly fields: DefaultValues<F>;
  /** The record's body as the form says it, on top of what was there; throws {@link NotYet} with a sentence. */
  readonly toBody: (given: F, before: StoredRecord<K>['body'] | null) => object;
}): RecordForm<F> {
  const [opened] = useState(record);
  const [problem, setProblem] = useState('');
  const schema = z.preprocess((given, ctx) => {
    try {
      return toBody(given as F, opened?.body ?? null);
    } catch (error) {
      if (!(error instanceof NotYet)) throw error;
      ctx.addIssue({ code: 'custom', message: error.message, input: given });
      return z.NEVER;
    }
  }, KINDS[kind].schema);
  const form = useForm<F>({ defaultValues: fields, resolver: zodResolver(schema as never) as unknown as Resolver<F> });
  const keep = () =>
    new Promise<string | null>((done) => {
      const onBody = (body: unknown) => {
        const put = store.put([{ kind, body, ...(opened && { id: opened.id, upon: opened.version }) }]);
        setProblem(put.ok ? '' : put.message);
        done(put.ok ? put.ids[0]! : null);
      };
      const onWrong = (errors: object) => {
        setProblem(firstMessage(errors) ?? 'Something here cannot be kept as it is.');
        done(null);
      };
      void form.handleSubmit(onBody as never, onWrong as never)();
    });
  return { form, keep, problem };
}

/** The first sentence among a form's errors, however deep. */
function firstMessage(errors: unknown): string | null {
  if (typeof errors !== 'object' || errors === null) return null;
  if ('message' in errors && typeof errors.message === 'string' && errors.message !== '') return errors.message;
  for (const inner of Object.values(errors)) {
    const message = firstMessage(inner);
    if (message !== null) return message;
  }
  return null;
}
