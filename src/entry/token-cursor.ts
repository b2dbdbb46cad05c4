import type { PhraseTable } from './lexicon';
import type { Token } from './tokens';

/** Words behind which another place is named only to say where. */
const BESIDE: ReadonlySet<string> = new Set([
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
type Index = ReadonlyMap<string, readonly (readonly [words: readonly string[], row: number])[]>;
const INDEXES = new WeakMap<object, Index>();

function indexOf<T>(table: PhraseTable<T>): Index {
  const held = INDEXES.get(table);
  if (held) return held;
  const index = new Map<string, (readonly [readonly string[], number])[]>();
  table.forEach(([words], row) => {
    const first = words[0]!;
    const list = index.get(first);
    if (list) list.push([words, row]);
    else index.set(first, [[words, row]]);
  });
  INDEXES.set(table, index);
  return index;
}

/** A cursor over the line's words; phrases are taken out as they are understood. */
export class TokenCursor {
  readonly left: (Token | null)[];
  constructor(list: readonly (Token | null)[]) {
    this.left = [...list];
  }
  /** The same line, to try something on. */
  copy(): TokenCursor {
    return new TokenCursor(this.left);
  }
  private standsAt(words: readonly string[], at: number): boolean {
    return words.every((w, k) => this.left[at + k]?.kind === 'word' && this.left[at + k]?.text === w);
  }
  /** Takes the first place where one of the phrases stands whole; longer phrases first. */
  take<T>(table: PhraseTable<T>): { value: T; at: number; tokens: Token[] } | null {
    const index = indexOf(table);
    let best = Number.POSITIVE_INFINITY;
    let at = -1;
    for (let i = 0; i < this.left.length; i++) {
      const token = this.left[i];
      if (token?.kind !== 'word') continue;
      for (const [words, row] of index.get(token.text) ?? [])
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
    const at = this.left.findIndex((t) => t !== null);
    const token = this.left[at];
    if (token?.kind !== 'word') return null;
    let best = Number.POSITIVE_INFINITY;
    for (const [words, row] of indexOf(table).get(token.text) ?? [])
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
