import { ASPECT_TABLE, SIDE_TABLE } from '../lexicon';
import { NEGATIONS, PLACE_WORDS } from '../phrases';
import { HARMLESS_PHRASES, HARMLESS_WORDS } from './harmless';

const OWN: ReadonlySet<string> = new Set([
  ...HARMLESS_WORDS,
  ...HARMLESS_PHRASES.flatMap((p) => p.split(' ')),
  ...NEGATIONS,
  ...PLACE_WORDS,
  ...SIDE_TABLE.flatMap(([w]) => w),
  ...ASPECT_TABLE.flatMap(([w]) => w),
  // Common words that sound like words of the trade and are none.
  ...'never other another would could should might before after every people these those where while there their fixed painted works working built bought finish finished chaps ships shape shapes paint paints great grate'.split(
    ' ',
  ),
]);

/** Words that mean themselves, however they sound. */
export const isKnownWord = (word: string): boolean => OWN.has(word);
