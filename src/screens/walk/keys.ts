import { type RefObject, useEffect, useRef } from 'react';
import type { View } from '@/core/body/zone';

/** What the desk's keys can do. */
export interface KeyActions {
  readonly entry: () => void;
  readonly step: (by: 1 | -1) => void;
  readonly show: (view: View) => void;
  readonly clean: () => void;
  readonly blocked: () => void;
  readonly photo: () => void;
  readonly twin: () => void;
  readonly unit: () => void;
  readonly again: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly help: () => void;
}

interface Key {
  /** The key as it is typed; two with a space between are typed one after the other. */
  readonly keys: readonly string[];
  /** What the list of keys shows and says. */
  readonly shown: string;
  readonly says: string;
  readonly run: (actions: KeyActions, key: string) => void;
}

const VIEW_KEYS: Readonly<Record<string, View>> = {
  'g o': 'outside',
  'g u': 'underneath',
  'g e': 'engine',
  'g c': 'cabin',
  'g b': 'trunk',
};

/** The one table of keys: what they do, and what the list of them says. */
export const KEYS: readonly Key[] = [
  { keys: ['/'], shown: '/', says: 'entry line', run: (a) => a.entry() },
  {
    keys: ['[', ']'],
    shown: '[  ]',
    says: 'previous and next zone along the lap',
    run: (a, key) => a.step(key === '[' ? -1 : 1),
  },
  {
    keys: Object.keys(VIEW_KEYS),
    shown: 'g then o u e c b',
    says: 'outside, underneath, engine bay, cabin, boot',
    run: (a, key) => a.show(VIEW_KEYS[key]!),
  },
  { keys: ['k'], shown: 'k', says: 'seen and clean', run: (a) => a.clean() },
  { keys: ['x'], shown: 'x', says: 'blocked', run: (a) => a.blocked() },
  { keys: ['p'], shown: 'p', says: 'photo', run: (a) => a.photo() },
  { keys: ['t'], shown: 't', says: 'tape: measure here', run: (a) => a.entry() },
  { keys: ['m'], shown: 'm', says: 'the other side’s twin', run: (a) => a.twin() },
  { keys: ['u'], shown: 'u', says: 'µm or mil', run: (a) => a.unit() },
  { keys: ['.'], shown: '.', says: 'once more: the last line again', run: (a) => a.again() },
  { keys: ['z'], shown: 'z', says: 'take the last entry back', run: (a) => a.undo() },
  { keys: ['Z'], shown: 'Z', says: 'enter again what was taken back', run: (a) => a.redo() },
  { keys: ['?'], shown: '?', says: 'this list', run: (a) => a.help() },
];

const BY_KEY: ReadonlyMap<string, Key> = new Map(KEYS.flatMap((k) => k.keys.map((key) => [key, k] as const)));
const FIRSTS = new Set([...BY_KEY.keys()].filter((k) => k.includes(' ')).map((k) => k.split(' ')[0]!));

/** What a key does after the one before it, or null; for the listener below and its test. */
export function keyTyped(before: string, key: string): Key | null {
  return BY_KEY.get(`${before} ${key}`) ?? BY_KEY.get(key) ?? null;
}

/** The desk's single keys; silent while somebody types in a field or a sheet lies on top. */
export function useKeys(actions: RefObject<KeyActions>): void {
  const before = useRef('');
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || target.closest('input, textarea, select, [role="dialog"]')) return;
      const first = before.current;
      const found = keyTyped(first, e.key);
      before.current = FIRSTS.has(e.key) ? e.key : '';
      if (!found) return;
      e.preventDefault();
      found.run(actions.current, BY_KEY.has(`${first} ${e.key}`) ? `${first} ${e.key}` : e.key);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [actions]);
}
