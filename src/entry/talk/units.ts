import { FAULT_TABLE, FLAW_TABLE, PART_TABLE } from '../lexicon';
import { NEGATIONS } from '../phrases';
import { HARMLESS_PHRASES, HARMLESS_WORDS } from './harmless';
import { CORRECTED } from './plain';
import { whereAt } from './where';

/** A piece of an utterance: a word, a phrase that says nothing, a place within the panel, a mark of pause or correction. */
export interface Unit {
  readonly sort: 'word' | 'nothing' | 'where' | 'beside' | 'pause' | 'corrected';
  readonly text: string;
}

const PHRASES_BY_FIRST: ReadonlyMap<string, readonly (readonly string[])[]> = (() => {
  const map = new Map<string, string[][]>();
  for (const phrase of HARMLESS_PHRASES) {
    const words = phrase.split(' ');
    map.set(words[0]!, [...(map.get(words[0]!) ?? []), words]);
  }
  for (const list of map.values()) list.sort((a, b) => b.length - a.length);
  return map;
})();

/** Phrases of the line that hold words which say nothing by themselves: "touch up", "on the mark". */
const PROTECTED: ReadonlyMap<string, readonly (readonly string[])[]> = (() => {
  const map = new Map<string, (readonly string[])[]>();
  for (const [phrase] of [...FLAW_TABLE, ...FAULT_TABLE, ...PART_TABLE])
    if (phrase.length > 1) map.set(phrase[0]!, [...(map.get(phrase[0]!) ?? []), phrase]);
  return map;
})();
const protectedAt = (words: readonly string[], at: number): number =>
  Math.max(
    0,
    ...(PROTECTED.get(words[at] ?? '') ?? []).map((p) => (p.every((w, k) => words[at + k] === w) ? p.length : 0)),
  );
/** Whether a piece would cut a phrase of the line in two. */
const cuts = (words: readonly string[], at: number, took: number): boolean =>
  Array.from({ length: took }, (_x, k) => k).some((k) => k + protectedAt(words, at + k) > took);

/** Words as the pieces that statements are made of. */
export function unitsOf(words: readonly string[]): Unit[] {
  const units: Unit[] = [];
  for (let i = 0; i < words.length; ) {
    const word = words[i]!;
    const unit = (sort: Unit['sort'], took: number) => {
      units.push({ sort, text: words.slice(i, i + took).join(' ') });
      i += took;
    };
    const phrase = PHRASES_BY_FIRST.get(word)?.find(
      (p) => p.every((w, k) => words[i + k] === w) && !cuts(words, i, p.length),
    );
    const where = whereAt(words, i);
    const named = protectedAt(words, i);
    if (named > 0 && named >= (phrase?.length ?? 0) && where.took <= named) {
      for (let k = 0; k < named; k++) unit('word', 1);
      continue;
    }
    if (word === ',') unit('pause', 1);
    else if (word === CORRECTED) unit('corrected', 1);
    else if (where.took > 0 && where.took >= (phrase?.length ?? 0)) unit(where.beside ? 'beside' : 'where', where.took);
    else if (phrase) unit('nothing', phrase.length);
    else unit(HARMLESS_WORDS.has(word) && !NEGATIONS.has(word) ? 'nothing' : 'word', 1);
  }
  return units;
}

/** The words of plain talk, its marks as pauses. */
export const wordsOf = (plain: string): readonly string[] =>
  plain
    .replaceAll(/[,.!?:]+(?=\s|$)/g, ' , ')
    .split(/\s+/)
    .filter(Boolean);

/** Plain talk without what says nothing. */
export const withoutNothing = (plain: string): string =>
  unitsOf(wordsOf(plain))
    .filter((u) => u.sort !== 'nothing' && u.sort !== 'pause')
    .map((u) => u.text)
    .join(' ');
