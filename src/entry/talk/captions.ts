import type { EntryContext } from '../context';
import { PART_WORDS, SIDE_WORDS } from '../lexicon';
import { FRESH, type Stretch, type TimedWord } from './cues';
import { type HeardItem, settled, type Taken, takeApart } from './heard';
import { plainTalk } from './plain';
import type { Remembered } from './reader';
import { type Unit, unitsOf, wordsOf } from './units';
import { isUnknown } from './vocabulary';

/** Words of captions that say something, or that were left, with when they were said. */
export interface Caption {
  readonly line: number;
  readonly fromS: number;
  readonly toS: number;
  readonly text: string;
  /** Null: it was not understood, or stands right beside words that were not. */
  readonly items: readonly HeardItem[] | null;
  /** The place in hand behind it. */
  readonly zone: string | null;
}

/** Words that go on with what stands before them: "a dent … was fixed". */
const GOES_ON = new Set(
  'was were used that which would could should before after since when if like than who by for because unless until ago last had been isn’t fixed'.split(
    ' ',
  ),
);
/** Words that begin a sentence of their own. */
const BEGINS = new Set(
  'he she they people these those you most every somebody someone everybody my his her their thanks thank call give hey hi these'.split(
    ' ',
  ),
);
const isPlace = (word: string): boolean => PART_WORDS.has(word) || SIDE_WORDS.has(word);

/** For each plain word the spoken one that it came from: the longest run of words that both have in order, the rest between. */
function origins(plain: readonly string[], spoken: readonly string[]): readonly number[] {
  const [n, m] = [plain.length, spoken.length];
  const width = m + 1;
  const length = new Uint16Array((n + 1) * width);
  for (let i = n - 1; i >= 0; i--)
    for (let k = m - 1; k >= 0; k--)
      length[i * width + k] =
        plain[i] === spoken[k]
          ? length[(i + 1) * width + k + 1]! + 1
          : Math.max(length[(i + 1) * width + k]!, length[i * width + k + 1]!);
  const at: (number | null)[] = [];
  for (let i = 0, k = 0; i < n; i++) {
    while (k < m && plain[i] !== spoken[k] && length[i * width + k + 1]! > length[(i + 1) * width + k]!) k++;
    const same = k < m && plain[i] === spoken[k] && length[i * width + k]! > length[(i + 1) * width + k]!;
    at.push(same ? k++ : null);
  }
  return between(at, m);
}

/** Words that have no origin of their own, such as figures, lie evenly between those that have. */
function between(at: readonly (number | null)[], m: number): readonly number[] {
  const out: number[] = [];
  for (let i = 0; i < at.length; i++) {
    const own = at[i];
    if (own !== null && own !== undefined) {
      out.push(own);
      continue;
    }
    const next = at.findIndex((x, k) => k > i && x !== null);
    const to = next < 0 ? m : at[next]!;
    const from = i === 0 ? 0 : out[i - 1]! + 1;
    const missing = (next < 0 ? at.length : next) - i;
    // The first of several stands where the run begins, the others behind it.
    out.push(
      Math.min(
        m - 1,
        i > 0 && at[i - 1] === null ? from - 1 + Math.max(1, Math.round((to - from + 1) / (missing + 1))) : from,
      ),
    );
  }
  return out;
}

/** The small words right before a statement belong to it: "has a ding". */
function beginningOf(units: readonly Unit[], from: number, own: number): number {
  let at = own;
  while (at > from && units[at - 1]!.sort === 'nothing' && SMALL.test(units[at - 1]!.text)) at--;
  return at;
}
const SMALL = /^(?:a|an|the|is|are|has|have|got|some|there is|there are|it has|we have|it is)$/;

interface Piece extends Taken {
  /** Its first and last spoken words. */
  readonly first: number;
  readonly last: number;
  readonly begins: string;
}

/** Whether a statement may be the end of the words left before it. */
function endsOf(pieces: readonly Piece[], at: number, units: readonly Unit[]): boolean {
  for (let p = at - 1; p >= 0; p--) {
    const { left, items, from } = pieces[p]!;
    if (items) return false;
    if (left) return !isPlace(pieces[at]!.begins);
    if (units[from]!.sort === 'pause' || FRESH.test(units[from]!.text)) return false;
  }
  return false;
}

/** Whether words left behind a statement may go on with it. */
function goesOn(pieces: readonly Piece[], at: number, units: readonly Unit[]): boolean {
  for (let p = at + 1; p < pieces.length; p++) {
    const { left, items, from } = pieces[p]!;
    const { sort, text } = units[from]!;
    if (items) return false;
    if (left) return GOES_ON.has(text) || !(BEGINS.has(text) || isPlace(text));
    if (sort === 'pause' || FRESH.test(text)) return false;
  }
  return false;
}

/**
 * What a stretch of captions says, without marks or ends of sentences to go by: statements that the line reads whole, and
 * the words that were left. A statement that may only be the beginning or the end of words that were left is left with them.
 */
export function hearCaptions({ words }: Stretch, context: EntryContext, known: Remembered): readonly Caption[] {
  const said = words.map((w) => w.text).join(' ');
  let plain = wordsOf(plainTalk(said, context.unit));
  let units = unitsOf(plain);
  if (units.some((u) => u.sort === 'word' && isUnknown(u.text))) {
    plain = wordsOf(plainTalk(said, context.unit, { bySound: true }));
    units = unitsOf(plain);
  }
  const taken = takeApart(units, context, known, true) ?? [];
  const from = origins(
    plain,
    words.map((w) => w.text.toLowerCase().replace(/[,.!?:;]+$/, '')),
  );
  const offsets: number[] = [0];
  for (const u of units) offsets.push(offsets.at(-1)! + u.text.split(' ').length);
  const spokenAt = (unit: number) => from[offsets[unit]!] ?? words.length;
  const pieces = taken.map((t): Piece => {
    let own = t.from;
    while (own < t.to && units[own]!.sort !== 'word') own++;
    const first = spokenAt(own < t.to ? beginningOf(units, t.from, own) : t.from);
    const begins = own < t.to ? units[own]!.text : '';
    return { ...t, first, last: Math.max(first, spokenAt(t.to) - 1), begins };
  });
  return together(pieces, units, words, context);
}

function together(
  pieces: readonly Piece[],
  units: readonly Unit[],
  words: readonly TimedWord[],
  context: EntryContext,
): readonly Caption[] {
  const out: Caption[] = [];
  let zone = context.zone;
  let held: { first: number; last: number } | null = null;
  const caption = (first: number, last: number, items: readonly HeardItem[] | null): Caption => ({
    line: words[first]!.line,
    fromS: words[first]!.fromS,
    toS: words[last]!.toS,
    text: words
      .slice(first, last + 1)
      .map((w) => w.text)
      .join(' '),
    items,
    zone,
  });
  const leave = () => {
    if (held) out.push(caption(held.first, held.last, null));
    held = null;
  };
  pieces.forEach((p, i) => {
    const named = p.items?.findLast(({ item }) => 'zone' in item && item.kind !== 'tried')?.item;
    const { text } = units[p.from]!;
    if (p.left && PART_WORDS.has(text) && !SIDE_WORDS.has(text)) zone = null;
    if (named && 'zone' in named) zone = named.zone;
    const doubted = p.items !== null && (endsOf(pieces, i, units) || goesOn(pieces, i, units));
    if (p.left || (doubted && p.items?.some(({ item }) => item.kind !== 'go')))
      held = { first: held?.first ?? p.first, last: Math.max(held?.last ?? 0, p.last) };
    else if (p.items) {
      leave();
      out.push(caption(p.first, p.last, p.items));
    }
  });
  leave();
  return merged(out);
}

/** What one breath says of the same is said once. */
function merged(list: readonly Caption[]): readonly Caption[] {
  const all = settled(list.flatMap((c) => c.items ?? []));
  const keep = new Set(all);
  const changed = all.filter((h) => !list.some((c) => c.items?.includes(h)));
  return list.map((c) => {
    if (!c.items) return c;
    const items = c.items.flatMap((h) => {
      if (keep.has(h)) return [h];
      const now = changed.find(
        (x) => x.item.kind === h.item.kind && 'zone' in x.item && 'zone' in h.item && x.item.zone === h.item.zone,
      );
      if (!now) return [];
      changed.splice(changed.indexOf(now), 1);
      return [now];
    });
    return { ...c, items };
  });
}
