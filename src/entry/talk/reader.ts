import type { EntryItem } from '../clauses';
import type { EntryContext } from '../context';
import { PART_TABLE } from '../lexicon';
import { parseStatement } from '../parse';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';
import type { Unit } from './units';

/** A finding with the words of place that were said beside it. */
export function placed(items: readonly EntryItem[], where: string): readonly EntryItem[] {
  if (where === '') return items;
  return items.map((i) =>
    i.kind === 'finding' ? { ...i, where: [i.where, where].filter(Boolean).join(' ').slice(0, 160) } : i,
  );
}

/** What pieces were read as, so that each is read once in a walk-round; of one context but for its zone and side. */
export type Remembered = Map<string, readonly EntryItem[] | null>;

/** Things that stand on a panel and are none: a flaw of theirs is not the panel's. */
const ON_PANEL =
  /\b(?:plates?|badges?|emblems?|script|mirrors?|wipers?|aerial|antenna|handles?|strips?|mouldings?|moldings?|hubcaps?|pedals?|knobs?|visors?|ashtray|plugs?|clips?|brackets?)\b/;
/** That something fails says of what: no place in hand is meant. */
const OF_FUNCTION: ReadonlySet<string> = new Set(['inoperative', 'works-poorly']);
const OF_ENGINE = /\b(?:start|run|turn)\b/;
const namesAnother = (said: string, items: readonly EntryItem[]): boolean =>
  (ON_PANEL.test(said) &&
    items.some((i) => (i.kind === 'finding' && i.flaw !== 'plate-disturbed') || i.kind === 'look')) ||
  (items.some((i) => i.kind === 'finding' && OF_FUNCTION.has(i.flaw)) &&
    !OF_ENGINE.test(said) &&
    new TokenCursor(tokens(said)).take(PART_TABLE) === null);

/** With all that stands between, without what says nothing, without words of place, without both. */
const WAYS: readonly ReadonlySet<Unit['sort']>[] = [
  new Set(['word', 'nothing', 'where'] as const),
  new Set(['word', 'where'] as const),
  new Set(['word', 'nothing'] as const),
  new Set(['word'] as const),
];
const BESIDE: ReadonlySet<Unit['sort']> = new Set(['beside'] as const);
const PLACE: ReadonlySet<Unit['sort']> = new Set(['where', 'beside'] as const);

/** Reads pieces of an utterance as statements: whole, then without what says nothing, then without words of place. */
export function readerOf(units: readonly Unit[], context: EntryContext, known: Remembered) {
  const said = (from: number, to: number, sorts: ReadonlySet<Unit['sort']>): string => {
    let text = '';
    for (let i = from; i < to; i++)
      if (sorts.has(units[i]!.sort)) text += text === '' ? units[i]!.text : ` ${units[i]!.text}`;
    return text;
  };
  const parse = (said: string, zone: string | null): readonly EntryItem[] | null => {
    const key = `${zone} ${context.side ?? ''} ${said}`;
    const held = known.get(key);
    if (held !== undefined) return held;
    const { items, problems } = parseStatement(said, { ...context, zone });
    const whole = problems.length === 0 && items.length > 0 ? items : null;
    known.set(key, whole);
    return whole;
  };
  const readAt = (from: number, to: number, zone: string | null): readonly EntryItem[] | null => {
    const as = WAYS.map((sorts) => said(from, to, sorts));
    for (const [i, text] of as.entries()) {
      if (text === '' || as.indexOf(text) < i) continue;
      const items = parse(text, zone);
      if (items && !namesAnother(text, items))
        return placed(items, said(from, to, i < 2 || text === as[0] || text === as[1] ? BESIDE : PLACE));
    }
    return null;
  };
  return (from: number, to: number, zones: readonly (string | null)[]): readonly EntryItem[] | null => {
    const first = readAt(from, to, zones[0] ?? null);
    if (!first || zones.length < 2) return first;
    // "The headlights are clear, no moisture": what names no place of its own is said of all of them.
    const all = zones.map((z) => readAt(from, to, z));
    const each = all.every((items, i) => items?.every((t) => 'zone' in t && t.kind !== 'tried' && t.zone === zones[i]));
    return each ? all.flatMap((items) => items ?? []) : first;
  };
}
