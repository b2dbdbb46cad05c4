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
  /** Takes the first place where one of the phrases stands whole; longer phrases first. */
  take<T>(table: PhraseTable<T>): { value: T; at: number; tokens: Token[] } | null {
    for (const [words, value] of table) {
      for (let i = 0; i + words.length <= this.left.length; i++) {
        if (words.every((w, k) => this.left[i + k]?.kind === 'word' && this.left[i + k]?.text === w)) {
          const taken = words.map((_w, k) => this.left[i + k]!);
          for (let k = 0; k < words.length; k++) this.left[i + k] = null;
          return { value, at: i, tokens: taken };
        }
      }
    }
    return null;
  }
  /** Takes a phrase only at the first word that is left. */
  takeFirst<T>(table: PhraseTable<T>): T | null {
    const i = this.left.findIndex((t) => t !== null);
    for (const [words, value] of table) {
      if (i >= 0 && words.every((w, k) => this.left[i + k]?.kind === 'word' && this.left[i + k]?.text === w)) {
        for (let k = 0; k < words.length; k++) this.left[i + k] = null;
        return value;
      }
    }
    return null;
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
