import { useEffect, useMemo, useState } from 'react';
import { toast } from 'sonner';
import type { ParsedEntry } from '@/entry/parse';
import { entriesOf, ownWords, sameFiguresAt } from '@/entry/puts';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import type { Taken } from '@/ui/records/inspection-store';
import { loadTalk, readLine } from './spoken';
import type { Walking } from './walking';

/** Says why an undo or redo did nothing. */
export function tellTaken(taken: Taken, nothing: string): void {
  if (taken.ok) return;
  toast(
    taken.why === 'nothing' ? nothing : 'Somebody changed this since: their value stays. See the record’s history.',
  );
}

const NOTHING_LEFT = 'Nothing of this page is left to take back.';

export interface LineTaker {
  readonly read: (text: string) => ParsedEntry;
  /** Enters what was understood; false when nothing was. */
  readonly take: (entry: ParsedEntry, asked?: 'as-mil' | 'as-typed') => boolean;
  /** Keeps words that were not understood as a finding of its own kind at the zone in hand: it judges nothing. */
  readonly keepOwnWords: (text: string) => boolean;
  /** The other panel at which the same figures were entered last. */
  readonly sameAt: (entry: ParsedEntry) => string | null;
}

/** The one way from a typed line to records, for the entry line and its keys. */
export function useTakeLine(walking: Walking): LineTaker {
  const { store } = useLot();
  const { plan, car } = useCar();
  const { preferences } = usePreferences();
  const wording = useWording(car?.steering);
  const { zone, ceilingUm } = walking;
  const { unit, kerb } = preferences;
  const { steering } = wording;
  // Read anew once talk is understood too.
  const [talks, setTalks] = useState(false);
  useEffect(() => {
    void loadTalk()
      .then(() => setTalks(true))
      .catch(() => {});
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read depends on whether talk is loaded
  const read = useMemo(
    () => (text: string) => readLine(text, { plan: plan!, zone, unit, ceilingUm, steering, kerb }),
    [plan, zone, unit, ceilingUm, steering, kerb, talks],
  );
  const at = () => new Date().toISOString();
  return {
    read,
    take: (entry, asked) => {
      const asks = entry.items.some((i) => 'askUnit' in i && i.askUnit);
      if (entry.items.length === 0 || entry.problems.length > 0 || (asks && !asked)) return false;
      if (entry.items.some((i) => i.kind === 'undo')) {
        tellTaken(store.undo(), NOTHING_LEFT);
        return true;
      }
      const result = store.put(
        entriesOf(entry.items, store.snapshot().records, {
          at: at(),
          place: walking.place,
          visit: walking.visit,
          seamLengthMm: (seam) => plan!.seams.get(seam)?.lengthMm ?? 0,
          ...(asked && { asked }),
        }),
      );
      if (!result.ok) {
        toast(result.message);
        return false;
      }
      const last = entry.items[entry.items.length - 1];
      // The place touched was this entry's; the next one stands elsewhere until it is touched.
      if (last && 'zone' in last && last.zone !== walking.zone) walking.go(last.zone);
      else walking.touch(null);
      return true;
    },
    keepOwnWords: (text) => {
      const result = store.put([ownWords(walking.zone, text, at())]);
      if (!result.ok) toast(result.message);
      return result.ok;
    },
    sameAt: (entry) => sameFiguresAt(entry.items, store.snapshot().records),
  };
}
