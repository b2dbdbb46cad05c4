import { CLAUSES } from '../clauses';
import { EVERY_TABLE, PART_TABLE, type PhraseTable, PLURAL_TABLE, SIDE_TABLE } from '../lexicon';
import { FILLER, HEDGED, NEGATIONS, PLACE_WORDS, TOLD } from '../phrases';
import { UNITS } from '../tokens';
import { HARMLESS_WORDS } from './harmless';

const wordsOf = (source: PhraseTable<unknown> | string): readonly string[] =>
  typeof source === 'string' ? source.split(/\s+/).filter(Boolean) : source.flatMap(([words]) => words);

/** Every word that some sentence of the line takes, or that says nothing. */
const WORDS: ReadonlySet<string> = new Set([
  ...Object.values(CLAUSES).flatMap(({ words }) => words.flatMap(wordsOf)),
  ...[PART_TABLE, PLURAL_TABLE, SIDE_TABLE, EVERY_TABLE, FILLER, HEDGED, TOLD].flatMap((t) =>
    wordsOf(t as PhraseTable<unknown>),
  ),
  ...NEGATIONS,
  ...PLACE_WORDS,
  ...HARMLESS_WORDS,
  ...Object.keys(UNITS),
]);

/** Whether no sentence knows a word: then nothing around it is understood. Figures and slugs are always known. */
export const isUnknown = (word: string): boolean => !WORDS.has(word) && !/[\d.]/.test(word);
