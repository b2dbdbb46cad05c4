import type { Evidence } from '../records/kinds/common';
import type { PhraseTable } from './lexicon';

/** Phrases that say what kind of sentence it is. */
const flag = (...phrases: string[]): PhraseTable<true> =>
  phrases.map((p) => [p.split(' '), true] as const).sort((a, b) => b[0].length - a[0].length);
export const OK = flag('ok', 'okay', 'clean', 'good', 'fine', 'seen and clean', 'all good', 'nothing');
export const BLOCKED = flag('blocked', 'not seen', 'cannot see', "can't see", 'no access', 'hidden');
export const UNDO = flag('undo', 'scratch that', 'strike that');
export const FILLER = flag(
  'the',
  'a',
  'an',
  'is',
  'at',
  'on',
  'has',
  'and',
  'there is',
  'reads',
  'reading',
  'readings',
  'with',
  'side',
);
export const TOUCHED = flag('touched in', 'touched up', 'touched');
export const TOLD: PhraseTable<Evidence> = [
  [['told'], 'told'],
  [['says', 'seller'], 'told'],
  [['inferred'], 'inferred'],
  [['measured'], 'measured'],
];
