'use client';

import { useRouter } from 'next/navigation';
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
import type { AnyRecord, BodyOf } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { openHere } from '../device/background-sender';
import { outboxFor, saveLot } from '../device/device-store';
import { nextBatch, sendChanges } from '../device/send-changes';
import type { InspectionFacts } from './inspection-facts';
import { InspectionStore, type News, type StoreState } from './inspection-store';
import { follow, type LiveState } from './live';

interface OpenInspection {
  readonly facts: InspectionFacts;
  readonly store: InspectionStore;
  readonly state: StoreState;
  readonly car: BodyOf<'car'> | null;
  readonly plan: Plan | null;
  readonly grade: Grade | null;
  readonly mayEdit: boolean;
  /** Whether the lot was opened from this device's own memory, without a network. */
  readonly away: boolean;
  readonly live: LiveState;
  /** What others entered last while this page was open. */
  readonly news: readonly News[];
}

const Context = createContext<OpenInspection | null>(null);
const NEWS_KEPT = 20;
const SAVE_AFTER_MS = 800;

/** Holds one inspection for all its screens: its records, what waits to be sent, and the grade computed from them. */
export function InspectionProvider({
  facts,
  records,
  away = false,
  children,
}: {
  facts: InspectionFacts;
  records: readonly AnyRecord[];
  away?: boolean;
  children: ReactNode;
}) {
  const router = useRouter();
  const [store] = useState(
    () =>
      new InspectionStore(
        facts.id,
        records,
        (changes) => sendChanges(facts.id, facts.myId, changes),
        outboxFor(facts.myId),
        facts.seq,
        nextBatch,
      ),
  );
  const state = useSyncExternalStore(store.subscribe, store.snapshot, store.snapshot);
  const [live, setLive] = useState<LiveState>(away ? 'away' : 'polling');
  const [news, setNews] = useState<readonly News[]>([]);
  useEffect(() => {
    void store.resume();
    const leave = openHere(store);
    const again = () => void store.flush();
    // Coming back to this page, or to a network: perhaps the right person is signed in again.
    window.addEventListener('online', again);
    window.addEventListener('focus', again);
    return () => {
      leave();
      window.removeEventListener('online', again);
      window.removeEventListener('focus', again);
      store.stop();
    };
  }, [store]);
  useEffect(() => {
    if (away) return;
    // The lot opened last also opens without a network.
    const saving = setTimeout(
      () => void saveLot({ ...facts, seq: store.lastSeq }, store.confirmedRecords(), false).catch(() => {}),
      SAVE_AFTER_MS,
    );
    return () => clearTimeout(saving);
  }, [store, facts, away]);
  useEffect(
    () =>
      follow(facts.id, {
        store,
        onLive: setLive,
        onSignedOut: () => {
          import('../device/clear-seen').then((m) => m.clearSeen()).catch(() => {});
        },
        onNews: (fresh) => setNews((before) => [...fresh, ...before].slice(0, NEWS_KEPT)),
        onState: (now) => {
          if (now !== facts.state && !away) router.refresh();
        },
      }),
    [store, facts.id, facts.state, away, router],
  );
  useEffect(() => {
    if (!state.unkept) return;
    const warn = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [state.unkept]);
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
            tolerances: facts.tolerances,
          })
        : null,
    [plan, deferred, facts],
  );
  const mayEdit = facts.state !== 'sealed' && facts.state !== 'given-up' && facts.role !== 'viewer';
  const held = useMemo<OpenInspection>(
    () => ({ facts, store, state, car, plan, grade, mayEdit, away, live, news }),
    [facts, store, state, car, plan, grade, mayEdit, away, live, news],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export function useInspection(): OpenInspection {
  const held = useContext(Context);
  if (!held) throw new Error('useInspection stands outside its provider');
  return held;
}
