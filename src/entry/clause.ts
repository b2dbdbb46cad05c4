import type { RecordKind } from '@/core/kinds';
import type { Records } from '@/core/records/reduce';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Wording } from '@/words/vocabulary';
import type { Entry, EntryContext, ItemBase } from './context';
import type { PhraseTable } from './lexicon';
import type { TokenCursor } from './token-cursor';

/** One sentence: its text, its words without the quoted ones, and those. */
export interface Sentence {
  readonly text: string;
  /** A cursor of the clause's own over the words. */
  readonly line: TokenCursor;
  readonly quoted: string;
}

/** A record that an item enters; with an id, the one that it replaces. */
export interface EntryPut {
  readonly kind: RecordKind;
  readonly body: object;
  readonly id?: string;
}

/** What items are entered with. */
export interface PutOptions {
  readonly at: string;
  readonly place: { uMm: number; vMm: number } | null;
  readonly visit: string | null;
  /** How long a seam is, mm: figures are placed along it. */
  readonly seamLengthMm?: (seam: string) => number;
  /** How unlikely µm values are meant: taken as mil, or stood by. */
  readonly asked?: 'as-mil' | 'as-typed';
}

/** What becomes of one kind of item. */
export interface ItemDefinition<I extends ItemBase> {
  /** The records that it enters; none where it only goes somewhere or takes something back. */
  readonly puts?: (item: I, options: PutOptions, records: Records) => readonly EntryPut[];
  /** What it was understood to say, as short texts beside its place. */
  readonly chips: (item: I, wording: Wording, unit: ThicknessUnit) => readonly string[];
  /** It in the spelling of facts (docs/formats/command-line.md); absent where it has none yet. */
  readonly facts?: (item: I) => readonly string[];
  /** Whether a touched place on the panel is its own. */
  readonly placed?: true;
}

/** One kind of sentence: how it is read, and what becomes of what it says. */
export interface ClauseDefinition<I extends ItemBase> {
  /** Reads the sentence; null where it is not of this kind. Refuses by its entry's problems. */
  readonly read: (sentence: Sentence, context: EntryContext) => Entry<I> | null;
  /** Every word that it can take in talk; a word that no sentence knows says that all around it is not understood. */
  readonly words: readonly (PhraseTable<unknown> | string)[];
  /** Words that lead what it takes as it was said: beside one, any word may stand. */
  readonly free?: readonly string[];
  readonly items: { readonly [K in I['kind']]: ItemDefinition<Extract<I, { kind: K }>> };
}

export const defineClause = <I extends ItemBase>(definition: ClauseDefinition<I>): ClauseDefinition<I> => definition;
