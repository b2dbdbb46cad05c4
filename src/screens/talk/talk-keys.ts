import { type RefObject, useEffect } from 'react';

/** What can be done with the statement in hand. */
export interface SortActions {
  readonly accept: () => void;
  readonly step: (by: 1 | -1) => void;
  readonly edit: () => void;
  readonly place: () => void;
  readonly note: () => void;
  readonly drop: () => void;
  readonly acceptSure: () => void;
  readonly undo: () => void;
  readonly play: () => void;
}

interface Key {
  readonly keys: readonly string[];
  readonly shown: string;
  readonly says: string;
  readonly run: (actions: SortActions) => void;
}

/** The one table of this screen's keys: what they do, and what the list of them says. */
export const SORT_KEYS: readonly Key[] = [
  { keys: ['a', 'Enter'], shown: 'a', says: 'take it', run: (s) => s.accept() },
  { keys: ['j', 'ArrowDown'], shown: 'j', says: 'next', run: (s) => s.step(1) },
  { keys: ['k', 'ArrowUp'], shown: 'k', says: 'back', run: (s) => s.step(-1) },
  { keys: ['e'], shown: 'e', says: 'say it otherwise', run: (s) => s.edit() },
  { keys: ['o'], shown: 'o', says: 'another place', run: (s) => s.place() },
  { keys: ['n'], shown: 'n', says: 'as a note', run: (s) => s.note() },
  { keys: ['x'], shown: 'x', says: 'drop it', run: (s) => s.drop() },
  { keys: ['A'], shown: 'A', says: 'take all that are surer', run: (s) => s.acceptSure() },
  { keys: ['z'], shown: 'z', says: 'take back', run: (s) => s.undo() },
  { keys: [' '], shown: 'space', says: 'film: play or stop', run: (s) => s.play() },
];
const BY_KEY: ReadonlyMap<string, Key> = new Map(SORT_KEYS.flatMap((k) => k.keys.map((key) => [key, k] as const)));

/** The single keys of the sorting table; silent while somebody types or a control has the keyboard. */
export function useSortKeys(actions: RefObject<SortActions>): void {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || target.closest('input, textarea, select, [role="dialog"]')) return;
      // A button in focus keeps its own Enter and space.
      if ((e.key === 'Enter' || e.key === ' ') && target.closest('button, a, video, summary')) return;
      const found = BY_KEY.get(e.key);
      if (!found) return;
      e.preventDefault();
      found.run(actions.current);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [actions]);
}
