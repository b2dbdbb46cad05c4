'use client';

import {
  createContext,
  type ReactNode,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import { type Plan, planOfCar } from '@/core/body/plan';
import { type Grade, gradeCar } from '@/core/grade/grade';
import type { GradeTables } from '@/core/grade/tables';
import type { PaintProfile } from '@/core/paint/profiles';
import type { AnyRecord, BodyOf } from '@/core/records/kinds';
import { recordsOf } from '@/core/records/reduce';
import { InspectionStore, type Send, type StoreState } from './inspection-store';
import { outbox } from './outbox';

export interface InspectionFacts {
  readonly id: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed';
  readonly lot: {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly reportDueOn: string | null;
  };
  readonly sale: { readonly name: string; readonly place: string; readonly closesOn: string | null };
  readonly onYear: number;
  readonly role: 'inspector' | 'manager' | 'viewer';
  readonly me: string;
  readonly tables: GradeTables;
  readonly profiles: readonly PaintProfile[];
}

interface Held {
  readonly facts: InspectionFacts;
  readonly store: InspectionStore;
  readonly state: StoreState;
  readonly car: BodyOf<'car'> | null;
  readonly plan: Plan | null;
  readonly grade: Grade | null;
  readonly mayEdit: boolean;
}

const Context = createContext<Held | null>(null);

const sendTo =
  (inspection: string): Send =>
  async (changes) => {
    try {
      const response = await fetch(`/api/v1/inspections/${inspection}/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ changes }),
      });
      if (response.status === 401) return { ok: false, why: 'signed-out' };
      if (!response.ok) return { ok: false, why: 'offline' };
      return { ok: true, results: (await response.json()).results };
    } catch {
      return { ok: false, why: 'offline' };
    }
  };

/** Holds one inspection for all its screens: its records, what waits to be sent, and the grade computed from them. */
export function InspectionProvider({
  facts,
  records,
  children,
}: {
  facts: InspectionFacts;
  records: readonly AnyRecord[];
  children: ReactNode;
}) {
  const [store] = useState(() => new InspectionStore(facts.id, records, sendTo(facts.id), outbox));
  const state = useSyncExternalStore(store.subscribe, store.snapshot, store.snapshot);
  useEffect(() => {
    void store.resume();
    const again = () => void store.flush();
    window.addEventListener('online', again);
    return () => {
      window.removeEventListener('online', again);
      store.stop();
    };
  }, [store]);
  useEffect(() => {
    if (state.waiting === 0) return;
    const warn = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [state.waiting]);
  const car = recordsOf(state.records, 'car')[0]?.body ?? null;
  const plan = useMemo(() => planOfCar(car), [car]);
  const deferred = useDeferredValue(state.records);
  const grade = useMemo(
    () =>
      plan
        ? gradeCar({
            plan,
            records: [...deferred.values()],
            onYear: facts.onYear,
            tables: facts.tables,
            profiles: facts.profiles,
          })
        : null,
    [plan, deferred, facts],
  );
  const held = useMemo<Held>(
    () => ({ facts, store, state, car, plan, grade, mayEdit: facts.state !== 'sealed' && facts.role !== 'viewer' }),
    [facts, store, state, car, plan, grade],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export function useInspection(): Held {
  const held = useContext(Context);
  if (!held) throw new Error('useInspection stands outside its provider');
  return held;
}
