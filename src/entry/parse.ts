import { hasAbsence } from './absence';
import { CLAUSES, type EntryItem } from './clauses';
import type { Entry, EntryContext, EntryProblem } from './context';
import { begunBy, TokenCursor } from './token-cursor';
import { quotedApart, type Token, tokens } from './tokens';

export type { EntryItem } from './clauses';
export type { EntryContext, EntryProblem } from './context';
/** What a line says. */
export type ParsedEntry = Entry<EntryItem>;

const ALL = Object.values(CLAUSES);
const MOST_ITEMS = 200;
const LONGEST = 2000;

function readSentence(text: string, list: readonly Token[], quoted: string, context: EntryContext): ParsedEntry {
  const begun = begunBy(list);
  for (const { read } of ALL) {
    const entry = read({ text, line: new TokenCursor(list, begun), quoted }, context);
    if (entry) return entry;
  }
  return { items: [], problems: [{ kind: 'not-understood', words: text.trim() }] };
}

/** Reads words that are one statement and are not typed: no quotes, and nothing that divides them. */
export const parseStatement = (text: string, context: EntryContext): ParsedEntry =>
  readSentence(text, tokens(text), '', context);

/** The sentences of a line: divided by `;` and line breaks, and by commas where something is said not to be there. */
function sentencesOf(text: string): string[] {
  return text
    .slice(0, LONGEST)
    .split(/[;\n]+/)
    .flatMap((part) => (hasAbsence(new TokenCursor(tokens(part))) ? part.split(/,(?!\d)|(?<!\d),/) : [part]));
}

/**
 * Reads one line as typed or dictated: readings, findings, looks, absences, `undo`; several sentences divided by `;`.
 * Returns what was understood and, if anything was not, why: then nothing of that sentence is offered. Each figure and
 * each negation is either in what is offered or in a sentence that is not understood; no word is passed over but those
 * that say nothing, and words of place stay with their finding. Never throws.
 */
export function parseEntry(text: string, context: EntryContext): ParsedEntry {
  const items: EntryItem[] = [];
  const problems: EntryProblem[] = [];
  let zone = context.zone;
  for (const part of sentencesOf(text)) {
    const { plain, quoted } = quotedApart(part);
    const list = tokens(plain);
    if (list.length === 0) {
      if (quoted) problems.push({ kind: 'not-understood', words: quoted });
      continue;
    }
    const here = { ...context, zone };
    const entry = readSentence(part, list, quoted, here);
    items.push(...entry.items);
    problems.push(...entry.problems);
    const last = entry.items[entry.items.length - 1];
    // A thing that works is tried from wherever one stands.
    if (last && 'zone' in last && last.kind !== 'tried') zone = last.zone;
  }
  if (items.length > MOST_ITEMS)
    return { items: [], problems: [...problems, { kind: 'not-understood', words: text.slice(0, 80) }] };
  return { items, problems };
}
