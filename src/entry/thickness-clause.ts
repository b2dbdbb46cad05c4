import { READING_LIMITS } from '@/core/kinds/reading-limits';
import { type ThicknessUnit, toUm } from '@/core/units/thickness';
import { type Entry, type EntryContext, type EntryItem, type EntryProblem, refused } from './context';
import { AGAIN, NO_READING, OVER } from './phrases';
import type { TokenCursor } from './token-cursor';
import type { Token } from './tokens';

type Shown = Omit<Extract<EntryItem, { kind: 'reading' }>, 'kind' | 'zone'>;

/** What no gauge reads on. */
const NO_FILM: ReadonlySet<string> = new Set(['glass', 'rubber', 'textile']);

function figureShown(token: Extract<Token, { kind: 'number' }>, unit: ThicknessUnit, ceilingUm: number) {
  if (token.unit !== null && token.unit !== 'um' && token.unit !== 'mil') return null;
  const own = token.unit ?? unit;
  const um = toUm(token.value, own);
  if (um < 0 || um > READING_LIMITS.highestUm) return { absurd: token.raw };
  const digits = token.raw.replace(/[^\d.,-]/g, '');
  const text = /\d/.test(digits) ? digits : String(token.value);
  // "At least 650" says more than the ceiling does; a bare figure at the ceiling says no more than that.
  if (token.atLeast)
    return { state: 'over' as const, thicknessUm: um, typed: { text: `≥${text}`, unit: own }, askUnit: false };
  if (um >= ceilingUm)
    return { state: 'over' as const, thicknessUm: ceilingUm, typed: { text, unit: own }, askUnit: false };
  return {
    state: 'read' as const,
    thicknessUm: um,
    typed: { text, unit: own },
    askUnit: own === 'um' && um < READING_LIMITS.askBelowUm,
  };
}

function shownBy(token: Token, unit: ThicknessUnit, ceilingUm: number): Shown | 'again' | { absurd: string } | null {
  if (token.kind === 'number') return figureShown(token, unit, ceilingUm);
  if (OVER.has(token.text))
    return { state: 'over', thicknessUm: ceilingUm, typed: { text: token.raw, unit }, askUnit: false };
  if (NO_READING.has(token.text))
    return { state: 'none', thicknessUm: null, typed: { text: token.raw, unit }, askUnit: false };
  return AGAIN.has(token.text) ? 'again' : null;
}

/** Figures and what a gauge shows instead of one, at one zone; `again` and `no` replace the last. */
export function thicknessClause(line: TokenCursor, zone: string | null, context: EntryContext): Entry {
  // A unit named once after the last figure holds for the whole line.
  const named = line.rest().find((t) => t.kind === 'word' && (t.text === 'um' || t.text === 'mil'));
  if (named) line.left[line.left.indexOf(named)] = null;
  const unit = (named?.text as ThicknessUnit | undefined) ?? context.unit;
  const shown: Shown[] = [];
  const strange: Token[] = [];
  let replace = false;
  let replaceStored: Shown | null = null;
  const problems: EntryProblem[] = [];
  for (const token of line.rest()) {
    const s = shownBy(token, unit, context.ceilingUm);
    if (s === null) strange.push(token);
    else if (s === 'again') replace = true;
    else if ('absurd' in s) problems.push({ kind: 'absurd', text: s.absurd });
    else if (replace) {
      if (shown.length > 0) shown[shown.length - 1] = s;
      else replaceStored = s;
      replace = false;
    } else shown.push(s);
  }
  if (strange.length > 0)
    problems.push({
      kind: strange.every((t) => t.kind === 'number') ? 'figure-left' : 'not-understood',
      words: strange.map((t) => t.raw).join(' '),
    });
  if (replace && strange.length === 0) problems.push({ kind: 'nothing-to-replace' });
  if (named && shown.length === 0 && !replaceStored) problems.push({ kind: 'not-understood', words: named.raw });
  if (zone === null && (shown.length > 0 || replaceStored)) problems.push({ kind: 'no-zone' });
  if (problems.length > 0 || zone === null) return { items: [], problems };
  const takes = shown.length > 0 || replaceStored !== null;
  if (takes && NO_FILM.has(context.plan.zones.get(zone)!.metal)) return refused({ kind: 'no-film', zone });
  const items: EntryItem[] = shown.map((s) => ({ kind: 'reading', zone, ...s }));
  if (replaceStored) items.unshift({ kind: 'replace-last', zone, ...replaceStored });
  if (items.length === 0) items.push({ kind: 'go', zone });
  return { items, problems: [] };
}
