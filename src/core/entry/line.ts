import type { PhraseTable } from './lexicon';
import type { Token } from './tokens';

/** A cursor over the line's words; phrases are taken out as they are understood. */
export class Line {
  readonly left: (Token | null)[];
  constructor(list: readonly Token[]) {
    this.left = [...list];
  }
  /** Takes the first place where one of the phrases stands whole; longer phrases first. */
  take<T>(table: PhraseTable<T>): { value: T; at: number } | null {
    for (const [words, value] of table) {
      for (let i = 0; i + words.length <= this.left.length; i++) {
        if (words.every((w, k) => this.left[i + k]?.kind === 'word' && this.left[i + k]?.text === w)) {
          for (let k = 0; k < words.length; k++) this.left[i + k] = null;
          return { value, at: i };
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
  rest(): Token[] {
    return this.left.filter((t): t is Token => t !== null);
  }
  words(): string {
    return this.rest()
      .map((t) => t.raw)
      .join(' ');
  }
}
