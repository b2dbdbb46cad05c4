import { READING_LIMITS } from '@/core/kinds/reading-limits';
import { recordsOf } from '@/core/records/reduce';
import { type ThicknessUnit, thicknessText, toUm } from '@/core/units/thickness';
import { defineClause, type PutOptions } from '../clause';
import { type Entry, type EntryContext, type EntryProblem, refused } from '../context';
import { AGAIN, FILLER, NO_READING, OVER } from '../phrases';
import { takeZone } from '../take-zone';
import type { TokenCursor } from '../token-cursor';
import type { Token } from '../tokens';

interface Shown {
  readonly state: 'read' | 'over' | 'none';
  readonly thicknessUm: number | null;
  readonly typed: { readonly text: string; readonly unit: ThicknessUnit };
  readonly askUnit: boolean;
}
interface ReadingItem<K extends string> extends Shown {
  readonly kind: K;
  readonly zone: string;
}
type ThicknessItem =
  | ReadingItem<'reading'>
  | ReadingItem<'replace-last'>
  | { readonly kind: 'go'; readonly zone: string };

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

function shownBy(
  token: Token,
  unit: ThicknessUnit,
  { ceilingUm, talk }: EntryContext,
): Shown | 'again' | { absurd: string } | null {
  if (token.kind === 'number') return figureShown(token, unit, ceilingUm);
  // "There is none" is no reading that failed.
  if (talk && token.text === 'none') return null;
  if (OVER.has(token.text))
    return { state: 'over', thicknessUm: ceilingUm, typed: { text: token.raw, unit }, askUnit: false };
  if (NO_READING.has(token.text))
    return { state: 'none', thicknessUm: null, typed: { text: token.raw, unit }, askUnit: false };
  return AGAIN.has(token.text) ? 'again' : null;
}

/** Figures and what a gauge shows instead of one, at one zone; `again` and `no` replace the last. */
function readThickness(line: TokenCursor, zone: string | null, context: EntryContext): Entry<ThicknessItem> {
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
    const s = shownBy(token, unit, context);
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
  // In talk a figure may be of anything; a film is read on paint.
  if (takes && context.talk && !context.plan.zones.get(zone)!.aspects.includes('paint'))
    return refused({ kind: 'no-film', zone });
  if (takes && NO_FILM.has(context.plan.zones.get(zone)!.metal)) return refused({ kind: 'no-film', zone });
  const items: ThicknessItem[] = shown.map((s) => ({ kind: 'reading', zone, ...s }));
  if (replaceStored) items.unshift({ kind: 'replace-last', zone, ...replaceStored });
  if (items.length === 0) items.push({ kind: 'go', zone });
  return { items, problems: [] };
}

function readingBody(item: Shown & { readonly zone: string }, options: PutOptions): object {
  const asMil = item.askUnit && options.asked === 'as-mil';
  return {
    zone: item.zone,
    state: item.state,
    thicknessUm: asMil ? toUm(Number(item.typed.text.replace(',', '.')), 'mil') : item.thicknessUm,
    typed: asMil ? { text: item.typed.text, unit: 'mil' } : item.typed,
    place: options.place,
    visit: options.visit,
    confirmed: item.askUnit && options.asked === 'as-typed',
    at: options.at,
  };
}

function shownText(item: Shown, unit: ThicknessUnit): string {
  if (item.state === 'none') return 'no reading';
  const own = thicknessText(item.thicknessUm ?? 0, item.typed.unit);
  if (item.state === 'read') return own;
  return item.typed.text.startsWith('≥') ? `at least ${own}` : `over ${thicknessText(item.thicknessUm ?? 0, unit)}`;
}

const um = (value: number) => `${Math.round(value * 10) / 10}um`;
function readingFacts(item: Shown & { readonly zone: string }): string[] {
  if (item.state === 'none') return [`noread ${item.zone}`];
  return [item.state === 'over' ? `over ${item.zone}` : `reading ${item.zone} ${um(item.thicknessUm!)}`];
}

/** What is left when no other clause takes a sentence: figures at a place, or the place alone. */
export const thickness = defineClause<ThicknessItem>({
  words: [[...OVER, ...NO_READING, ...AGAIN, 'um', 'mil'].join(' ')],
  read: ({ line, quoted }, context) => {
    if (quoted) return refused({ kind: 'not-understood', words: quoted });
    const found = takeZone(line, context);
    if (!found.ok) return refused(found.problem);
    if (found.beside) return refused({ kind: 'not-understood', words: found.beside });
    while (line.take(FILLER));
    return readThickness(line, found.zone, context);
  },
  items: {
    reading: {
      placed: true,
      puts: (item, options) => [{ kind: 'reading', body: readingBody(item, options) }],
      chips: (item, _wording, unit) => [shownText(item, unit)],
      facts: readingFacts,
    },
    'replace-last': {
      placed: true,
      puts: (item, options, records) => {
        const id = recordsOf(records, 'reading').findLast((r) => r.body.zone === item.zone)?.id;
        return [{ kind: 'reading', body: readingBody(item, options), ...(id && { id }) }];
      },
      chips: (item, _wording, unit) => [`replaces the last: ${shownText(item, unit)}`],
      facts: readingFacts,
    },
    go: { chips: () => ['go there'], facts: () => [] },
  },
});
