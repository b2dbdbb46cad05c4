import { doubleMetaphone } from 'double-metaphone';
import { FUNCTION_SAYS } from '../function-phrases';
import { FLAW_TABLE, PART_TABLE } from '../lexicon';
import { HARMLESS_WORDS } from './harmless';

/** Words shorter than this sound like too many others. */
const SHORTEST = 5;
/** Codes shorter than this are shared by too many words. */
const SHORTEST_CODE = 3;
/** Several words run together are a trade word only if it is long. */
const SHORTEST_JOINED = 8;
const MOST_JOINED = 4;

const bare = (phrase: string) => phrase.replaceAll(/[^a-z]/g, '');
const codeOf = (word: string) => doubleMetaphone(word)[0];

const PHRASES: readonly string[] = [
  ...new Set([
    ...PART_TABLE.map(([words]) => words.join(' ')),
    ...FLAW_TABLE.map(([words]) => words.join(' ')),
    ...Object.values(FUNCTION_SAYS).flat(),
  ]),
].filter((p) => bare(p).length >= SHORTEST);

/** Words of the trade by how they sound; a sound that two of them share is nobody's. */
function soundsOfTrade(): ReadonlyMap<string, string> {
  const map = new Map<string, string | null>();
  for (const phrase of PHRASES) {
    const code = codeOf(bare(phrase));
    if (code.length < SHORTEST_CODE) continue;
    const before = map.get(code);
    map.set(code, before === undefined || (before && bare(before) === bare(phrase)) ? phrase : null);
  }
  return new Map([...map].flatMap(([code, phrase]) => (phrase ? [[code, phrase] as const] : [])));
}

/** Reckoned when a word is first heard that nothing here knows. */
let bySound: ReadonlyMap<string, string> | null = null;

const KNOWN: ReadonlySet<string> = new Set([
  ...PHRASES.flatMap((p) => p.split(' ')),
  ...PART_TABLE.flatMap(([words]) => words),
  ...FLAW_TABLE.flatMap(([words]) => words),
]);

/** How far two words stand apart in letters, at most `most` + 1. */
function apart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let row = Array.from({ length: b.length + 1 }, (_x, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let k = 1; k <= b.length; k++)
      next.push(Math.min(row[k]! + 1, next[k - 1]! + 1, row[k - 1]! + (a[i - 1] === b[k - 1] ? 0 : 1)));
    row = next;
  }
  return row[b.length]!;
}

/** Letters that a mishearing may change: one in four, and no fewer than two. */
const mostApart = (phrase: string) => Math.max(2, Math.floor(bare(phrase).length / 4));

const soundsLike = (joined: string): string | null => {
  bySound ??= soundsOfTrade();
  const phrase = bySound.get(codeOf(joined));
  return phrase !== undefined && apart(joined, bare(phrase), mostApart(phrase)) <= mostApart(phrase) ? phrase : null;
};

/**
 * Words as captions mishear them put right by their sound (double metaphone, Philips 2000): a word that nothing here knows,
 * or several words run together ("rock or panel"), where exactly one word of the trade sounds so and is written much so.
 * What is a word of its own here is left alone.
 */
export function byItsSound(text: string, isKnown: (word: string) => boolean): string {
  const words = text.split(' ');
  const out: string[] = [];
  for (let i = 0; i < words.length; ) {
    let took = 0;
    for (let n = Math.min(MOST_JOINED, words.length - i); n >= 2 && took === 0; n--) {
      const several = words.slice(i, i + n);
      if (!several.every((w) => /^[a-z]+$/.test(w))) continue;
      const joined = several.join('');
      // A phrase of words that are each known is what it says, unless it is a word cut in pieces.
      const phrase = joined.length >= SHORTEST_JOINED ? soundsLike(joined) : null;
      if (!phrase || several.join(' ') === phrase) continue;
      if (several.every((w) => KNOWN.has(w) || (HARMLESS_WORDS.has(w) && bare(phrase) !== joined && n === 2))) continue;
      out.push(phrase);
      took = n;
    }
    if (took === 0) {
      const word = words[i]!;
      const known = KNOWN.has(word) || isKnown(word) || !/^[a-z]+$/.test(word) || word.length < SHORTEST;
      out.push((known ? null : soundsLike(word)) ?? word);
      took = 1;
    }
    i += took;
  }
  return out.join(' ');
}
