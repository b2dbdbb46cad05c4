import type { EntryItem } from '../clauses';
import type { EntryContext } from '../context';
import { PART_TABLE } from '../lexicon';
import { parseStatement } from '../parse';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';
import type { Unit } from './units';
import { ANY_MAY, type MayTake, mayTakeWith, noneMay } from './vocabulary';

/** A finding with the words of place that were said beside it. */
export function placed(items: readonly EntryItem[], where: string): readonly EntryItem[] {
  if (where === '') return items;
  return items.map((i) =>
    i.kind === 'finding' ? { ...i, where: [i.where, where].filter(Boolean).join(' ').slice(0, 160) } : i,
  );
}

/** What pieces were read as, by zone and side and then by their words, so that each is read once in a walk-round. */
export type Remembered = Map<string, Map<string, readonly EntryItem[] | null>>;

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

/** A piece in one of the ways in which it is read. */
interface Way {
  text: string;
  may: MayTake;
  /** Without its words of place. */
  readonly placeless: boolean;
}
/**
 * The ways of a piece, which grow with it: with all that stands between, without what says nothing, without words of place,
 * without both. Each only where it differs from those before.
 */
class Ways {
  private readonly whole: Way = { text: '', may: ANY_MAY, placeless: false };
  private spare: Way | null = null;
  private placeless: Way | null = null;
  private bare: Way | null = null;
  grow({ sort, text }: Unit): void {
    const { whole } = this;
    if (sort === 'nothing' && !this.spare) {
      this.spare = { ...whole };
      if (this.placeless) this.bare = { ...this.placeless };
    }
    if (sort === 'where' && !this.placeless) {
      this.placeless = { ...whole, placeless: true };
      if (this.spare) this.bare = { ...this.spare, placeless: true };
    }
    if (sort !== 'word' && sort !== 'nothing' && sort !== 'where') return;
    add(whole, sort, text);
    if (this.spare && sort !== 'nothing') add(this.spare, sort, text);
    if (this.placeless && sort !== 'where') add(this.placeless, sort, text);
    if (this.bare && sort === 'word') add(this.bare, sort, text);
  }
  all(): readonly Way[] {
    const { whole, spare, placeless, bare } = this;
    return [whole, spare, placeless, bare].filter((w) => w !== null);
  }
}
function add(way: Way, sort: Unit['sort'], text: string): void {
  way.text = way.text === '' ? text : `${way.text} ${text}`;
  if (sort === 'word') way.may = mayTakeWith(way.may, text);
}
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
    const there = `${zone} ${context.side ?? ''}`;
    let of = known.get(there);
    if (!of) {
      of = new Map();
      known.set(there, of);
    }
    const held = of.get(said);
    if (held !== undefined) return held;
    const { items, problems } = parseStatement(said, { ...context, zone });
    const whole = problems.length === 0 && items.length > 0 ? items : null;
    of.set(said, whole);
    return whole;
  };
  // A piece grows word by word from where it begins: so do the ways in which it is read.
  let grown = { from: -1, to: -1, ways: new Ways() };
  const waysOf = (from: number, to: number): readonly Way[] => {
    if (grown.from !== from || grown.to > to) grown = { from, to: from, ways: new Ways() };
    for (; grown.to < to; grown.to++) grown.ways.grow(units[grown.to]!);
    return grown.ways.all();
  };
  const readAt = (from: number, to: number, zone: string | null): readonly EntryItem[] | null => {
    for (const { text, may, placeless } of waysOf(from, to)) {
      if (text === '' || noneMay(may)) continue;
      const items = parse(text, zone);
      if (items && !namesAnother(text, items)) return placed(items, said(from, to, placeless ? PLACE : BESIDE));
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
