import { type FormEvent, useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { recordsOf } from '@/core/records/reduce';
import { useInspection } from '@/ui/records/inspection';
import { changedFields, mergeFields } from '@/ui/records/merge-fields';
import { type CarFields, carBody, carFields } from './car-body';

/** Whether a field is typed into, so that it is kept as it is left and not at each letter. */
const isTyped = (target: EventTarget) =>
  target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(target.type);

/**
 * The car's fields in a form that is kept field by field, as each is left; what others enter meanwhile in other fields stays.
 */
export function useCarForm() {
  const { facts, store, state, mayEdit } = useInspection();
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
  const style = watch('style', shown.fields.style);
  return {
    mayEdit,
    car,
    begun: record !== undefined,
    /** The body style as it is chosen, kept or not. */
    style,
    defaults: shown.fields,
    field,
    register,
    keep,
    kept,
    problem,
    onChange: (e: FormEvent) => {
      setKept(false);
      // A choice is left as it is made.
      if (mayEdit && !isTyped(e.target)) setTimeout(keep);
    },
  };
}
export type CarFormHeld = ReturnType<typeof useCarForm>;
