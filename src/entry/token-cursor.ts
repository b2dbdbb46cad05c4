import type { PhraseTable } from './lexicon';
import type { Token } from './tokens';

/** Words behind which another place is named only to say where. */
export const BESIDE: ReadonlySet<string> = new Set([
  'behind',
  'below',
  'above',
  'under',
  'beneath',
  'near',
  'beside',
  'between',
  'around',
  'towards',
]);

/** A table's phrases by their first word, with their place in it: the first in the table is the one that is taken. */
interface Index {
  /** Which of the tables it is; none where there are too many. */
  readonly id: number | null;
  readonly byFirst: ReadonlyMap<string, readonly (readonly [words: readonly string[], row: number])[]>;
}
const INDEXES = new WeakMap<object, Index>();
const MOST_TABLES = 256;
let tables = 0;
/** Which tables have a phrase that begins with a word, a bit each. */
const BEGINS = new Map<string, Uint32Array>();

function indexOf<T>(table: PhraseTable<T>): Index {
  const held = INDEXES.get(table);
  if (held) return held;
  const byFirst = new Map<string, (readonly [readonly string[], number])[]>();
  table.forEach(([words], row) => {
    const first = words[0]!;
    const list = byFirst.get(first);
    if (list) list.push([words, row]);
    else byFirst.set(first, [[words, row]]);
  });
  const id = tables < MOST_TABLES ? tables++ : null;
  if (id !== null)
    for (const word of byFirst.keys()) {
      const bits = BEGINS.get(word) ?? new Uint32Array(MOST_TABLES / 32);
      bits[id >> 5]! |= 1 << (id & 31);
      BEGINS.set(word, bits);
    }
  const index = { id, byFirst };
  INDEXES.set(table, index);
  return index;
}

/** Which tables words may have a phrase of, of those that were known then: most of them have none, and need no search. */
export interface Begun {
  readonly bits: Uint32Array;
  readonly tables: number;
}
export function begunBy(list: readonly (Token | null)[]): Begun {
  const bits = new Uint32Array(MOST_TABLES / 32);
  for (const token of list) {
    const own = token?.kind === 'word' ? BEGINS.get(token.text) : undefined;
    if (own) for (let i = 0; i < bits.length; i++) bits[i]! |= own[i]!;
  }
  return { bits, tables };
}

/** A cursor over the line's words; phrases are taken out as they are understood. */
export class TokenCursor {
  readonly left: (Token | null)[];
  constructor(
    list: readonly (Token | null)[],
    private readonly begun: Begun | null = null,
  ) {
    this.left = list.slice();
  }
  /** Whether none of its words begins a phrase of a table; what was taken out since takes nothing from that. */
  private lacks({ id }: Index): boolean {
    const { begun } = this;
    return begun !== null && id !== null && id < begun.tables && (begun.bits[id >> 5]! & (1 << (id & 31))) === 0;
  }
  /** The same line, to try something on. */
  copy(): TokenCursor {
    return new TokenCursor(this.left, this.begun);
  }
  private standsAt(words: readonly string[], at: number): boolean {
    // The first was found by its text.
    for (let k = 1; k < words.length; k++) {
      const token = this.left[at + k];
      if (token?.kind !== 'word' || token.text !== words[k]) return false;
    }
    return true;
  }
  /** Whether one of the phrases stands whole anywhere. */
  has<T>(table: PhraseTable<T>): boolean {
    const index = indexOf(table);
    if (this.lacks(index)) return false;
    for (let i = 0; i < this.left.length; i++) {
      const token = this.left[i];
      if (token?.kind !== 'word') continue;
      for (const [words] of index.byFirst.get(token.text) ?? []) if (this.standsAt(words, i)) return true;
    }
    return false;
  }
  /** Takes the first place where one of the phrases stands whole; longer phrases first. */
  take<T>(table: PhraseTable<T>): { value: T; at: number; tokens: Token[] } | null {
    const index = indexOf(table);
    if (this.lacks(index)) return null;
    let best = Number.POSITIVE_INFINITY;
    let at = -1;
    for (let i = 0; i < this.left.length; i++) {
      const token = this.left[i];
      if (token?.kind !== 'word') continue;
      for (const [words, row] of index.byFirst.get(token.text) ?? [])
        if (row < best && this.standsAt(words, i)) {
          best = row;
          at = i;
        }
    }
    return at < 0 ? null : this.takeOut(table, best, at);
  }
  private takeOut<T>(table: PhraseTable<T>, row: number, at: number): { value: T; at: number; tokens: Token[] } {
    const [words, value] = table[row]!;
    const taken = words.map((_w, k) => this.left[at + k]!);
    for (let k = 0; k < words.length; k++) this.left[at + k] = null;
    return { value, at, tokens: taken };
  }
  /** Takes a phrase only at the first word that is left. */
  takeFirst<T>(table: PhraseTable<T>): T | null {
    const index = indexOf(table);
    if (this.lacks(index)) return null;
    const at = this.left.findIndex((t) => t !== null);
    const token = this.left[at];
    if (token?.kind !== 'word') return null;
    let best = Number.POSITIVE_INFINITY;
    for (const [words, row] of index.byFirst.get(token.text) ?? [])
      if (row < best && this.standsAt(words, at)) best = row;
    return best === Number.POSITIVE_INFINITY ? null : this.takeOut(table, best, at).value;
  }
  /**
   * Takes out the places that something stands beside: from "behind", "below", "near" and the like to the end of the words
   * there. "Below the rear window" says where on the panel in hand it is, and names no other.
   */
  takeBeside(): string {
    const at = this.left.findIndex((t) => t?.kind === 'word' && BESIDE.has(t.text));
    if (at < 0) return '';
    const taken: Token[] = [];
    for (let i = at; i < this.left.length && this.left[i]?.kind === 'word'; i++) {
      taken.push(this.left[i]!);
      this.left[i] = null;
    }
    return taken.map((t) => t.raw).join(' ');
  }
  rest(): Token[] {
    return this.left.filter((t): t is Token => t !== null);
  }
  words(): string {
    return this.rest()
      .map((t) => t.raw)
      .join(' ');
  }
}
