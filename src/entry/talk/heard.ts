import type { EntryItem } from '../clauses';
import type { EntryContext } from '../context';
import { PART_WORDS, SIDE_WORDS } from '../lexicon';
import { plainTalk } from './plain';
import { placed, type Remembered, readerOf } from './reader';
import { type Unit, unitsOf, wordsOf } from './units';
import { isUnknown } from './vocabulary';

/** Words of their own that a statement has at most: more are several. */
const MOST_WORDS = 9;
/** Longest statement, in units; longest utterance that is taken apart, words. */
const MOST_UNITS = 14;
const MOST_TOKENS = 90;
/** Each statement more costs a little, so that what belongs together stays together. */
const EACH = 0.4;
/** Words of place that no finding keeps are worth less than words that are read. */
const PASSED = 0.02;
const LEADS = 0.01;
const TRAILS = 0.001;
/** A word that is left costs more than any that is read gains. */
const LEFT = 3;

/** What was heard, in order; what corrects something said before is marked. */
export interface HeardItem {
  readonly item: EntryItem;
  readonly corrects: boolean;
}

/** A way to have come so far, and by what. */
interface Node {
  readonly score: number;
  readonly before: Node | null;
  readonly from: number;
  /** What was read; null: passed over. */
  readonly items: readonly HeardItem[] | null;
  /** It was left, as a word that may say something. */
  readonly left: boolean;
  /** What is spoken of: several where a plural was said. */
  readonly zones: readonly (string | null)[];
  readonly corrects: boolean;
  readonly last: EntryItem | null;
}

const zonesAfter = (items: readonly EntryItem[], before: readonly (string | null)[]): readonly (string | null)[] => {
  const named = items.flatMap((i) => ('zone' in i && i.kind !== 'tried' ? [i.zone] : []));
  return named.length === 0 ? before : [...new Set(named)];
};

const sameLook = (a: EntryItem, b: EntryItem) =>
  a.kind === 'look' && b.kind === 'look' && a.zone === b.zone && a.outcome === b.outcome;

/** Each look once, however often it was said in one breath; of a thing that was tried what was said last. */
export function settled(list: readonly HeardItem[]): readonly HeardItem[] {
  const out: HeardItem[] = [];
  for (const h of list) {
    const { item } = h;
    if (item.kind !== 'reading' && out.some((o) => JSON.stringify(o) === JSON.stringify(h))) continue;
    const at = out.findIndex((o) =>
      item.kind === 'tried' ? o.item.kind === 'tried' && o.item.function === item.function : sameLook(o.item, item),
    );
    const own = out[at];
    if (!own) out.push(h);
    else if (own.item.kind === 'look' && item.kind === 'look')
      out[at] = { ...own, item: { ...own.item, aspects: [...new Set([...own.item.aspects, ...item.aspects])] } };
    else out[at] = h;
  }
  return out;
}

/**
 * Whether a statement is only the end of what stands before it: flaws right behind a negation are negated, and what sits
 * high behind a lid is the lid.
 */
function runsOn(before: Unit | undefined, last: EntryItem | undefined, items: readonly EntryItem[]): boolean {
  if (!last || before?.sort === 'pause') return false;
  if (items.some((i) => i.kind === 'stands')) return true;
  return before?.sort === 'word' && last.kind === 'look' && items.some((i) => i.kind === 'finding');
}

/** A piece of talk as it was taken: what it says, or that it was left. */
export interface Taken {
  readonly from: number;
  readonly to: number;
  readonly items: readonly HeardItem[] | null;
  readonly left: boolean;
}

/** Without marks to go by, "okay" begins a thought and says nothing of the place behind it. */
const BY_THE_WAY = new Set(['okay', 'ok', 'alright']);
const LEADS_TO_PLACE = /(?:^|\b)(?:on|in|of|at|to|from|for|around|over|under|into|along|by|behind|the)$/;
/** Words before a place that say nothing of where it stands. */
const ARTICLES = new Set(['the', 'a', 'an', 'this', 'that', 'our', 'my']);
const IS = new Set(['is', 'are', 'was', 'were']);
const LENGTHS = new Set(['inch', 'inches', 'mm', 'cm', 'foot', 'feet']);
const STARTS = /^(?:it|the|there|has|is|a|we|i)\b/;
const OF_A_PLACE = new Set<EntryItem['kind']>([
  'finding',
  'look',
  'reading',
  'spot-test',
  'mark',
  'renewed',
  'replace-last',
]);
/**
 * Without marks to go by, a place that is named at the end of a statement, with no "on" or "of" before it, is what the next
 * one speaks of: "has a split · passenger seat …".
 */
function namesTheNext(
  units: readonly Unit[],
  from: number,
  to: number,
  items: readonly EntryItem[],
  unmarked: boolean,
): boolean {
  // "… about 8 inches · it drops": the size is of what stands before.
  if (
    unmarked &&
    /^\d/.test(units[from]!.text) &&
    LENGTHS.has(units[from + 1]?.text ?? '') &&
    STARTS.test(units[from + 2]?.text ?? '')
  )
    return true;
  if (!items.some((i) => OF_A_PLACE.has(i.kind))) return false;
  let matter = false;
  // "Front bumper · is pitted": the place before is what it is said of.
  let joined = units[from]!.sort === 'nothing' ? from : from - 1;
  while (units[joined]?.sort === 'nothing' && IS.has(units[joined]!.text)) joined--;
  let placed =
    units[joined + 1]?.sort === 'nothing' && units[joined]?.sort === 'word' && PART_WORDS.has(units[joined]!.text);
  for (let i = from; i < to; i++) {
    const { sort, text } = units[i]!;
    if (sort !== 'word') continue;
    if (!PART_WORDS.has(text) && !SIDE_WORDS.has(text)) {
      matter = true;
      continue;
    }
    if (!matter) {
      placed = true;
      continue;
    }
    // "… is pitted · the grille …": what has its place already takes no other.
    const other = placed && ARTICLES.has(units[i - 1]!.text) && i - 2 >= from;
    const at = other ? i - 2 : i - 1;
    const before = units[at]!;
    if (before.sort === 'word' && (PART_WORDS.has(before.text) || SIDE_WORDS.has(before.text))) continue;
    if ((unmarked || other) && !LEADS_TO_PLACE.test(before.text)) return true;
  }
  return false;
}

/**
 * Pieces of talk taken apart into statements by dynamic programming: each is read whole by the line, and between them stands
 * only what says nothing; where words may be left, as few of them as can be. Null where some would have to be and may not.
 */
export function takeApart(
  units: readonly Unit[],
  context: EntryContext,
  known: Remembered,
  mayLeave: boolean,
): readonly Taken[] | null {
  if (!mayLeave && units.some((u) => u.sort === 'word' && isUnknown(u.text))) return null;
  const read = readerOf(units, { ...context, talk: true }, known);
  const best: (Node | null)[] = Array.from({ length: units.length + 1 }, () => null);
  best[0] = {
    score: 0,
    before: null,
    from: 0,
    items: null,
    left: false,
    zones: [context.zone],
    corrects: false,
    last: null,
  };
  const offer = (at: number, n: Node) => {
    if (!best[at] || n.score > best[at].score) best[at] = n;
  };
  for (let i = 0; i < units.length; i++) {
    const here = best[i];
    if (!here) continue;
    const { sort, text } = units[i]!;
    const passed = { ...here, before: here, from: i, items: null, left: false };
    if (sort === 'corrected') offer(i + 1, { ...passed, corrects: true });
    else if (sort !== 'word')
      offer(i + 1, { ...passed, score: here.score - (sort === 'where' || sort === 'beside' ? PASSED : 0) });
    else if (mayLeave)
      // A place that is named in words that are not understood may be what follows is said of.
      offer(i + 1, {
        ...passed,
        left: true,
        score: here.score - LEFT,
        zones: PART_WORDS.has(text) ? [null] : here.zones,
        last: null,
      });
    if (sort === 'pause' || sort === 'corrected' || (sort === 'word' && isUnknown(text))) continue;
    let words = 0;
    let end = i;
    // As far as one statement can go.
    for (; end < units.length && end < i + MOST_UNITS; end++) {
      const unit = units[end]!;
      if (unit.sort === 'corrected' || (unit.sort === 'word' && isUnknown(unit.text))) break;
    }
    for (let k = i + 1; k <= end; k++) {
      if (units[k - 1]!.sort === 'word') words++;
      if (words > MOST_WORDS) break;
      if (units[k - 1]!.sort === 'pause') continue;
      const items = read(i, k, here.zones);
      if (!items || runsOn(units[i - 1], here.last ?? undefined, items)) continue;
      if (namesTheNext(units, i, k, items, mayLeave) || (mayLeave && BY_THE_WAY.has(text))) continue;
      offer(k, {
        score:
          here.score + words + leads(sort, here.last, items) - (units[k - 1]!.sort === 'nothing' ? TRAILS : 0) - EACH,
        before: here,
        from: i,
        items: items.map((item) => ({ item, corrects: here.corrects })),
        left: false,
        zones: zonesAfter(items, here.zones),
        corrects: false,
        last: items.at(-1) ?? null,
      });
    }
  }
  const out: Taken[] = [];
  let to = units.length;
  let node = best[units.length] ?? null;
  if (!node) return null;
  for (; node.before; node = node.before) {
    out.push({ from: node.from, to, items: node.items, left: node.left });
    to = node.from;
  }
  return withPlaces(out.reverse(), units);
}

/** Words of place lead a finding where none stands before them that they could be of. */
function leads(sort: Unit['sort'], last: EntryItem | null, items: readonly EntryItem[]): number {
  if (sort === 'word') return 0;
  if (sort === 'nothing') return LEADS;
  return last?.kind !== 'finding' && items.some((i) => i.kind === 'finding') ? LEADS : -LEADS;
}

/** A place said behind a finding is its own. */
function withPlaces(pieces: readonly Taken[], units: readonly Unit[]): readonly Taken[] {
  const out: Taken[] = [];
  for (const piece of pieces) {
    const sort = units[piece.from]!.sort;
    const at = out.length - 1;
    const last = out[at]?.items?.at(-1);
    if (piece.items === null && (sort === 'where' || sort === 'beside') && last?.item.kind === 'finding')
      out[at] = {
        ...out[at]!,
        to: piece.to,
        items: [...out[at]!.items!.slice(0, -1), { ...last, item: placed([last.item], units[piece.from]!.text)[0]! }],
      };
    out.push(piece);
  }
  return out;
}

/**
 * What an utterance says, taken apart into statements that the entry line understands whole; null where any word between
 * them is left that might say something. Nothing is passed over but words that say nothing, and no negation ever.
 */
export function heard(
  text: string,
  context: EntryContext,
  known: Remembered = new Map(),
): { readonly items: readonly HeardItem[]; readonly bySound: boolean } | null {
  const plain = otherSide(plainTalk(text, context.unit), context);
  const items = takenApart(plain, context, known);
  if (items) return { items, bySound: false };
  // Only what cannot be read as it was written is taken for what it sounds like.
  const sounds = plainTalk(text, context.unit, { bySound: true });
  const again = sounds === plain ? null : takenApart(sounds, context, known);
  return again ? { items: again, bySound: true } : null;
}

/** "The other side is clean": the twin of the place in hand, by its slug. */
function otherSide(plain: string, { plan, zone }: EntryContext): string {
  const twin = zone === null ? null : plan.zones.get(zone)?.twin;
  return twin ? plain.replace(/^(?:(?:and|on|now|then|so) )*(?:the )?other (?:side|one)?(?= (?!of))/, twin) : plain;
}

function takenApart(plain: string, context: EntryContext, known: Remembered): readonly HeardItem[] | null {
  const words = wordsOf(plain);
  if (words.length > MOST_TOKENS) return null;
  const pieces = takeApart(unitsOf(words), context, known, false);
  return pieces ? settled(pieces.flatMap((p) => p.items ?? [])) : null;
}
