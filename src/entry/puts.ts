import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { type Records, recordsOf } from '@/core/records/reduce';
import type { EntryPut, PutOptions } from './clause';
import { type EntryItem, itemDefinition } from './clauses';

/** Words kept as a person wrote or said them, at a place: a finding of its own kind, which judges nothing. */
export const ownWords = (zone: string, note: string, at: string): EntryPut => ({
  kind: 'finding',
  body: { zone, flaw: OWN_WORDS, note, at },
});

/** So many figures are not the same at two panels by chance. */
const SAME_FROM = 3;

/** The other panel where the very same figures were entered last, or null: typed twice by a slip, most likely. */
export function sameFiguresAt(items: readonly EntryItem[], records: Records): string | null {
  const typed = items.flatMap((i) => (i.kind === 'reading' ? [i.typed.text] : []));
  const zones = new Set(items.map((i) => ('zone' in i ? i.zone : '')));
  if (typed.length < SAME_FROM || typed.length !== items.length || zones.size !== 1) return null;
  const last = recordsOf(records, 'reading').slice(-typed.length);
  const [zone] = zones;
  const before = last[0]?.body.zone;
  const same =
    last.length === typed.length && last.every((r, i) => r.body.typed.text === typed[i] && r.body.zone === before);
  return same && before !== undefined && before !== zone ? before : null;
}

/** The records that an understood line enters, in order; `undo` and `go` enter none. */
export function entriesOf(items: readonly EntryItem[], records: Records, given: PutOptions): EntryPut[] {
  // A place was touched for one thing: of several nobody said where they stand.
  const placed = items.filter((i) => itemDefinition(i).placed);
  const options = placed.length === 1 ? given : { ...given, place: null };
  return items.flatMap((item) => itemDefinition(item).puts?.(item, options, records) ?? []);
}
