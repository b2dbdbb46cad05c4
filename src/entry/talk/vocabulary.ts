import { CLAUSES } from '../clauses';
import { EVERY_TABLE, PART_TABLE, type PhraseTable, PLURAL_TABLE, SIDE_TABLE } from '../lexicon';
import { FILLER, HEDGED, NEGATIONS, PLACE_WORDS, TOLD } from '../phrases';
import { UNITS } from '../tokens';
import { HARMLESS_WORDS } from './harmless';

const wordsOf = (source: PhraseTable<unknown> | string): readonly string[] =>
  typeof source === 'string' ? source.split(/\s+/).filter(Boolean) : source.flatMap(([words]) => words);

const ALL = Object.values(CLAUSES);
/** Words that stand in any sentence: of places, fillers, hedges, negations, units. */
const COMMON: ReadonlySet<string> = new Set([
  ...[PART_TABLE, PLURAL_TABLE, SIDE_TABLE, EVERY_TABLE, FILLER, HEDGED, TOLD].flatMap((t) =>
    wordsOf(t as PhraseTable<unknown>),
  ),
  ...NEGATIONS,
  ...PLACE_WORDS,
  ...HARMLESS_WORDS,
  ...Object.keys(UNITS),
]);

/** A bit for each kind of sentence. */
const EVERY = 2 ** ALL.length - 1;
const bitsOf = (words: (c: (typeof ALL)[number]) => readonly string[]): ReadonlyMap<string, number> => {
  const bits = new Map<string, number>();
  ALL.forEach((c, i) => {
    for (const w of words(c)) bits.set(w, (bits.get(w) ?? 0) | (1 << i));
  });
  return bits;
};
const OWN = bitsOf(({ words }) => words.flatMap(wordsOf));
const FREE = bitsOf(({ free = [] }) => free);
/** Figures and slugs are always known. */
const IS_FIGURE = /[\d.]/;

/** Whether no sentence knows a word: then nothing around it is understood. */
export const isUnknown = (word: string): boolean => !COMMON.has(word) && !OWN.has(word) && !IS_FIGURE.test(word);

/**
 * Which kinds of sentence, a bit each, could still take words whole: those that know every one of them, and those that a word of
 * them leads, which take any.
 */
export interface MayTake {
  readonly knowing: number;
  readonly led: number;
}
export const ANY_MAY: MayTake = { knowing: EVERY, led: 0 };
export const mayTakeWith = ({ knowing, led }: MayTake, word: string): MayTake => ({
  knowing: COMMON.has(word) || IS_FIGURE.test(word) ? knowing : knowing & (OWN.get(word) ?? 0),
  led: led | (FREE.get(word) ?? 0),
});
export const noneMay = ({ knowing, led }: MayTake): boolean => (knowing | led) === 0;
