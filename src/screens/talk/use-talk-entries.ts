import { useRef } from 'react';
import { toast } from 'sonner';
import { v7 as uuidv7 } from 'uuid';
import { recordsOf } from '@/core/records/reduce';
import type { EntryPut } from '@/entry/clause';
import type { EntryItem } from '@/entry/clauses';
import { entriesOf, ownWords } from '@/entry/puts';
import { momentsOf } from '@/entry/talk/moments';
import type { SortRow } from '@/entry/talk/sorting';
import { useCar, useLot } from '@/ui/records/inspection';

interface Told<T> {
  readonly row: SortRow;
  readonly is: readonly T[];
}

/** Enters what rows of talk say, each with its moment in the film, all of them or none; what is wrong is told. */
export function useTalkEntries(film: string) {
  const { store } = useLot();
  const { plan } = useCar();
  const findings = useRef(new Map<string, string>());
  const enterPuts = (told: readonly Told<EntryPut>[], at: string): boolean => {
    const named = told.map(({ row, is }) => ({ row, puts: is.map((p) => ({ ...p, id: p.id ?? uuidv7() })) }));
    const moments = named.flatMap(({ row, puts }) => momentsOf(film, row, puts, at));
    const result = store.put([...named.flatMap((n) => n.puts), ...moments]);
    if (!result.ok) {
      toast(result.message);
      return false;
    }
    for (const { row, puts } of named) {
      const finding = puts.find((p) => p.kind === 'finding');
      if (finding) findings.current.set(row.key, finding.id);
    }
    return true;
  };
  return {
    enter: (told: readonly Told<EntryItem>[]): boolean => {
      const at = new Date().toISOString();
      const { records } = store.snapshot();
      const visit = recordsOf(records, 'visit').at(-1)?.id ?? null;
      const seamLengthMm = (seam: string) => plan?.seams.get(seam)?.lengthMm ?? 0;
      const to = { at, place: null, visit, seamLengthMm };
      return enterPuts(
        told.map(({ row, is }) => ({ row, is: entriesOf(is, records, to) })),
        at,
      );
    },
    /** Keeps a row in its own words at a zone. */
    enterWords: (row: SortRow, zone: string): boolean => {
      const at = new Date().toISOString();
      return enterPuts([{ row, is: [ownWords(zone, row.text, at)] }], at);
    },
    /** The finding that a row became on this page. */
    findingOf: (row: SortRow): string | null => findings.current.get(row.key) ?? null,
  };
}
