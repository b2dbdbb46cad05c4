import { absenceClause, hasAbsence } from './absence-clause';
import type { Entry, EntryContext, EntryItem, EntryProblem } from './context';
import { refused } from './context';
import { findingClause } from './finding-clause';
import { gapClause } from './gap-clause';
import { FAULT_TABLE, FLAW_TABLE } from './lexicon';
import { blockedClause, cleanClause } from './look-clause';
import { BLOCKED, FILLER, OK, UNDO } from './phrases';
import { takeZone } from './take-zone';
import { thicknessClause } from './thickness-clause';
import { TokenCursor } from './token-cursor';
import { quotedApart, type Token, tokens } from './tokens';

export type { Entry, EntryContext, EntryItem, EntryProblem } from './context';

const MOST_ITEMS = 200;
const LONGEST = 2000;

function clause(list: readonly Token[], note: string, context: EntryContext): Entry {
  const line = new TokenCursor(list);
  if (line.take(UNDO))
    return line.rest().length > 0
      ? refused({ kind: 'not-understood', words: line.words() })
      : { items: [{ kind: 'undo' }], problems: [] };
  const blocked = line.take(BLOCKED);
  if (blocked) return blockedClause(line, note, blocked.value, context);
  if (hasAbsence(line)) return note ? refused({ kind: 'not-understood', words: note }) : absenceClause(line, context);
  const hasFigure = line
    .rest()
    .some((t) => t.kind === 'number' && (t.unit === null || t.unit === 'um' || t.unit === 'mil'));
  if (!hasFigure && line.take(OK))
    return note ? refused({ kind: 'not-understood', words: note }) : cleanClause(line, context);
  const over = line.rest().some((t) => t.text === 'over' || t.text === 'nr' || (t.kind === 'number' && t.atLeast));
  const fault = over ? null : (line.take(FAULT_TABLE)?.value ?? null);
  if (fault) return findingClause(line, [fault.flaw], note, context, fault);
  const flaws = over ? null : (line.take(FLAW_TABLE)?.value ?? null);
  if (flaws) return findingClause(line, flaws, note, context);
  if (note) return refused({ kind: 'not-understood', words: note });
  const found = takeZone(line, context);
  if (!found.ok) return refused(found.problem);
  if (found.beside) return refused({ kind: 'not-understood', words: found.beside });
  while (line.take(FILLER));
  return thicknessClause(line, found.zone, context);
}

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
export function parseEntry(text: string, context: EntryContext): Entry {
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
    const entry = (quoted === '' ? gapClause(part, here) : null) ?? clause(list, quoted, here);
    items.push(...entry.items);
    problems.push(...entry.problems);
    const last = entry.items[entry.items.length - 1];
    if (last && 'zone' in last) zone = last.zone;
  }
  if (items.length > MOST_ITEMS)
    return { items: [], problems: [...problems, { kind: 'not-understood', words: text.slice(0, 80) }] };
  return { items, problems };
}
