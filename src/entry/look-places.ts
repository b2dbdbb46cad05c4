import type { Aspect, View } from '@/core/body/zone';
import { type Entry, type EntryContext, refused } from './context';
import { ASPECT_TABLE, PART_TABLE, type PhraseTable, SIDE_TABLE, VIEW_TABLE } from './lexicon';
import { takeZone } from './take-zone';
import type { TokenCursor } from './token-cursor';

/** The zones that a look speaks of: one, several of a kind ("all doors"), or a whole view. */
export function zonesOf(line: TokenCursor, context: EntryContext): { zones: readonly string[] } | Entry<never> {
  const found = takeZone(line, context, { several: true, plural: true });
  if (found.ok && found.named && found.zone) {
    if (found.beside) return refused({ kind: 'not-understood', words: found.beside });
    return { zones: found.all ?? [found.zone] };
  }
  const view = line.take(VIEW_TABLE)?.value;
  if (view) return { zones: [...context.plan.lap[view as View]] };
  if (!found.ok) return refused(found.problem);
  return found.zone ? { zones: [found.zone] } : refused({ kind: 'no-zone' });
}

const GLASS_NAMES = [...PART_TABLE, ...SIDE_TABLE].filter(([words]) => words.length > 1 && words.includes('glass'));
const namesGlass = (line: TokenCursor): boolean => line.has(GLASS_NAMES as PhraseTable<unknown>);

/** The aspects named, in order; a place that is named by such a word ("back glass") names none. */
export function aspectsIn(line: TokenCursor): Aspect[] {
  const aspects: Aspect[] = [];
  if (namesGlass(line)) return aspects;
  for (let a = line.take(ASPECT_TABLE); a; a = line.take(ASPECT_TABLE)) aspects.push(a.value);
  return aspects;
}
