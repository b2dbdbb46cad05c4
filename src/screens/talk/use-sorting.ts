import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { recordsOf } from '@/core/records/reduce';
import type { EntryItem } from '@/entry/clauses';
import type { SpokenLine } from '@/entry/talk/listen';
import { type Decision, isKept, nextWaiting, type SortRow, sortRows, surerThan } from '@/entry/talk/sorting';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useLot, useStored } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { ListenAnswer, ListenAsked } from '@/workers/listen.worker';
import { type HeldTalk, heldTalk, holdTalk } from './held-talk';
import { useTalkEntries } from './use-talk-entries';

const make = () => new Worker(new URL('../../workers/listen.worker.ts', import.meta.url), { type: 'module' });

export interface Sorting {
  readonly talk: HeldTalk | null;
  readonly busy: boolean;
  readonly rows: readonly SortRow[];
  readonly row: SortRow | null;
  readonly pick: (key: string) => void;
  /** Takes new talk in hand; what was decided of the same words before holds. */
  readonly hear: (name: string, lines: readonly SpokenLine[], film: string) => void;
  readonly putAway: () => void;
  readonly accept: (row: SortRow, instead?: readonly EntryItem[]) => void;
  readonly acceptSurer: (least: number) => void;
  readonly decide: (row: SortRow, decision: Decision) => void;
  readonly note: (row: SortRow, zone: string) => void;
  readonly undo: () => void;
  /** The finding that a row became on this page, for a still of it. */
  readonly findingOf: (row: SortRow) => string | null;
}

/** What was said at this lot, heard off the page's thread, and what becomes of it. */
export function useSorting(): Sorting {
  const { store, facts } = useLot();
  const { car } = useCar();
  const { preferences } = usePreferences();
  const { steering } = useWording(car?.steering);
  const visit = useStored((s) => recordsOf(s.records, 'visit').at(-1));
  const lot = facts.id;
  // What is held on this device is known in the browser only.
  const [talk, setTalk] = useState<HeldTalk | null>(null);
  useEffect(() => setTalk(heldTalk(lot, localStorage)), [lot]);
  const [picked, setPicked] = useState<string | null>(null);
  const acts = useRef<{ readonly keys: readonly string[]; readonly entered: boolean }[]>([]);
  const ceilingUm = visit?.body.gauge?.ceilingUm ?? USUAL_CEILING_UM;
  const { unit, kerb } = preferences;
  const lines = talk?.lines ?? null;
  const question = useMemo(
    (): Omit<ListenAsked, 'id'> | null =>
      car && lines ? { car, lines, context: { zone: null, unit, kerb, steering, ceilingUm } } : null,
    [car, lines, unit, kerb, steering, ceilingUm],
  );
  const [answer] = useWorkerAnswer<Omit<ListenAsked, 'id'>, ListenAnswer>(make, question);
  const rows = useMemo(() => (answer && talk ? sortRows(answer, talk.decisions) : []), [answer, talk]);
  const row = rows.find((r) => r.key === picked) ?? rows.find((r) => r.decision === null) ?? rows[0] ?? null;

  const hold = useCallback(
    (next: HeldTalk | null) => {
      setTalk(next);
      if (!holdTalk(lot, next, localStorage))
        toast('This device has no room to remember what was sorted. Records that were taken are kept.');
    },
    [lot],
  );
  const decideAll = (keys: readonly string[], decision: Decision, entered: boolean) => {
    if (!talk) return;
    const decisions = { ...talk.decisions, ...Object.fromEntries(keys.map((k) => [k, decision])) };
    hold({ ...talk, decisions });
    acts.current.push({ keys, entered });
    setPicked(
      nextWaiting(
        rows.map((r) => (keys.includes(r.key) ? { ...r, decision } : r)),
        keys.at(-1) ?? null,
      ) ?? keys.at(-1)!,
    );
  };
  const { enter, enterWords, findingOf } = useTalkEntries(talk?.film ?? '');
  return {
    talk,
    busy: question !== null && answer === null,
    rows,
    row,
    pick: setPicked,
    hear: (name, heard, film) => {
      acts.current = [];
      setPicked(null);
      hold({ name, film: talk?.film ?? film, lines: heard, decisions: talk?.decisions ?? {} });
    },
    putAway: () => {
      acts.current = [];
      hold(null);
    },
    accept: (of, instead) => {
      const items = instead ?? (of.item ? [of.item] : []);
      if (items.length === 0 || !items.every(isKept)) {
        toast('No record holds that as it stands: say it otherwise, keep it as a note, or drop it.');
        return;
      }
      if (enter([{ row: of, is: items }])) decideAll([of.key], 'taken', true);
    },
    acceptSurer: (least) => {
      const sure = surerThan(rows, least);
      if (sure.length > 0 && enter(sure.map((r) => ({ row: r, is: [r.item!] }))))
        decideAll(
          sure.map((r) => r.key),
          'taken',
          true,
        );
    },
    decide: (of, decision) => decideAll([of.key], decision, false),
    note: (of, zone) => {
      if (enterWords(of, zone)) decideAll([of.key], 'noted', true);
    },
    findingOf,
    undo: () => {
      const last = acts.current.pop();
      if (!last || !talk) {
        toast('Nothing of this page is left to take back.');
        return;
      }
      const taken = last.entered ? store.undo() : { ok: true as const };
      if (!taken.ok) {
        toast('Somebody changed this since: their value stays. See the record’s history.');
        return;
      }
      hold({
        ...talk,
        decisions: Object.fromEntries(Object.entries(talk.decisions).filter(([k]) => !last.keys.includes(k))),
      });
      setPicked(last.keys[0] ?? null);
    },
  };
}
