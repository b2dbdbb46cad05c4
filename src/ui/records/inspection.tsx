'use client';

import { useRouter } from 'next/navigation';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { useSyncExternalStoreWithSelector } from 'use-sync-external-store/with-selector';
import { type Plan, planOfCar } from '@/core/body/plan';
import type { Grade } from '@/core/grade/grade';
import type { Judgement } from '@/core/judge/judge';
import type { AnyRecord, BodyOf, RecordKind, StoredRecord } from '@/core/kinds';
import { roleMay } from '@/core/people/roles';
import { recordsOf } from '@/core/records/reduce';
import { afterPaint } from '../after-paint';
import { openHere } from '../device/background-sender';
import { outboxFor, saveLot } from '../device/device-store';
import { nextBatch, sendChanges } from '../device/send-changes';
import type { InspectionFacts } from './inspection-facts';
import { InspectionStore, type News, type StoreState } from './inspection-store';
import { type Judged, JudgedStore } from './judged-store';
import { follow, type LiveState } from './live';

/** What of an open lot seldom changes. */
interface OpenLot {
  readonly facts: InspectionFacts;
  readonly store: InspectionStore;
  readonly mayEdit: boolean;
  /** Whether what the seller says may be entered here. */
  readonly mayClaim: boolean;
  /** Whether the lot was opened from this device's own memory, without a network. */
  readonly away: boolean;
}

interface LiveNews {
  readonly live: LiveState;
  /** What others entered last while this page was open. */
  readonly news: readonly News[];
}

const LotContext = createContext<(OpenLot & { readonly judged: JudgedStore }) | null>(null);
const NewsContext = createContext<LiveNews>({ live: 'polling', news: [] });
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
        // It is on the device by then; the eye comes before the network.
        (changes) => new Promise<void>(afterPaint).then(() => sendChanges(facts.id, facts.myId, changes)),
        outboxFor(facts.myId),
        facts.seq,
        nextBatch,
      ),
  );
  const unkept = useSyncExternalStore(
    store.subscribe,
    () => store.snapshot().unkept,
    () => false,
  );
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
    if (!unkept) return;
    const warn = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [unkept]);
  const isOpen = facts.state !== 'sealed' && facts.state !== 'given-up';
  const mayEdit = isOpen && roleMay(facts.role, 'enter');
  const mayClaim = isOpen && roleMay(facts.role, 'claim');
  const { tables, onYear } = facts;
  const judged = useMemo(() => new JudgedStore(store, tables, onYear), [store, tables, onYear]);
  const lot = useMemo(
    () => ({ facts, store, mayEdit, mayClaim, away, judged }),
    [facts, store, mayEdit, mayClaim, away, judged],
  );
  const heard = useMemo(() => ({ live, news }), [live, news]);
  return (
    <LotContext.Provider value={lot}>
      <NewsContext.Provider value={heard}>{children}</NewsContext.Provider>
    </LotContext.Provider>
  );
}

/** The lot that is open, without what is entered in it: whoever asks only this is not drawn again by an entry. */
export function useLot(): OpenLot & { readonly judged: JudgedStore } {
  const held = useContext(LotContext);
  if (!held) throw new Error('this stands outside its inspection');
  return held;
}

/** How this page hears of others, and what it heard. */
export const useLive = (): LiveNews => useContext(NewsContext);

const sameList = (a: unknown, b: unknown): boolean =>
  Object.is(a, b) ||
  (Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((v, i) => Object.is(v, b[i])));

/** A part of the store's state; drawn again only when that part is another one. Lists are the same by their items. */
export function useStored<T>(select: (state: StoreState) => T): T {
  const { store } = useLot();
  return useSyncExternalStoreWithSelector(store.subscribe, store.snapshot, store.snapshot, select, sameList);
}

/** The records of a kind as they are entered, at once; those alone that `of` keeps. */
export function useRecords<K extends RecordKind>(
  kind: K,
  of: (record: StoredRecord<K>) => boolean = () => true,
): readonly StoredRecord<K>[] {
  return useStored((state) => recordsOf(state.records, kind).filter(of));
}

/** A part of what is judged of the car, brought up to date right after each change. */
export function useJudged<T>(select: (judged: Judged) => T): T {
  const { judged } = useLot();
  return useSyncExternalStoreWithSelector(judged.subscribe, judged.snapshot, judged.snapshot, select, sameList);
}

/** The car as stated and its plan, at once. */
export function useCar(): { readonly car: BodyOf<'car'> | null; readonly plan: Plan | null } {
  const car = useStored((state) => recordsOf(state.records, 'car')[0]?.body ?? null);
  return { car, plan: useMemo(() => planOfCar(car), [car]) };
}

/** Everything of the open inspection: for screens that show most of it. */
export function useInspection(): OpenLot &
  LiveNews & {
    readonly state: StoreState;
    readonly car: BodyOf<'car'> | null;
    readonly plan: Plan | null;
    readonly judgement: Judgement | null;
    readonly grade: Grade | null;
  } {
  const { judged, ...lot } = useLot();
  const state = useSyncExternalStore(lot.store.subscribe, lot.store.snapshot, lot.store.snapshot);
  const { judgement, grade } = useSyncExternalStore(judged.subscribe, judged.snapshot, judged.snapshot);
  return { ...lot, ...useLive(), ...useCar(), state, judgement, grade };
}
