import { type RefObject, useEffect, useRef } from 'react';
import type { View } from '@/core/body/zone';

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

const VIEW_KEYS: Readonly<Record<string, View>> = {
  o: 'outside',
  u: 'underneath',
  e: 'engine',
  c: 'cabin',
  b: 'trunk',
};

/** The desk's single keys; silent while somebody types in a field or a sheet lies on top. */
export function useKeys(actions: RefObject<KeyActions>): void {
  const going = useRef(false);
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || target.closest('input, textarea, select, [role="dialog"]')) return;
      const a = actions.current;
      const view = going.current ? VIEW_KEYS[e.key] : undefined;
      going.current = e.key === 'g';
      if (view) {
        a.show(view);
        e.preventDefault();
        return;
      }
      const act: Record<string, () => void> = {
        '/': a.entry,
        t: a.entry,
        '[': () => a.step(-1),
        ']': () => a.step(1),
        k: a.clean,
        x: a.blocked,
        p: a.photo,
        m: a.twin,
        u: a.unit,
        '.': a.again,
        z: a.undo,
        Z: a.redo,
        '?': a.help,
      };
      const does = act[e.key];
      if (!does) return;
      e.preventDefault();
      does();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [actions]);
}
