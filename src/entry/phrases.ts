import type { Evidence } from '@/core/kinds/common';
import type { PhraseTable } from './lexicon';

/** Phrases that say what kind of sentence it is. */
const flag = (...phrases: string[]): PhraseTable<true> =>
  phrases.map((p) => [p.split(' '), true] as const).sort((a, b) => b[0].length - a[0].length);
export const OK = flag(
  'ok',
  'okay',
  'clean',
  'good',
  'fine',
  'seen and clean',
  'all good',
  'nothing to report',
  'nothing',
);
/** That a place could not be looked at; a bare `not seen` needs the reason. */
export const BLOCKED: PhraseTable<'blocked' | 'unseen'> = [
  [['not', 'seen'], 'unseen'],
  [['cannot', 'see'], 'unseen'],
  [["can't", 'see'], 'unseen'],
  [['no', 'access'], 'blocked'],
  [['blocked'], 'blocked'],
  [['hidden'], 'blocked'],
];
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
  [['he', 'told', 'me'], 'told'],
  [['told', 'me'], 'told'],
  [['owner', 'says'], 'told'],
  [['seller', 'says'], 'told'],
  [['says', 'seller'], 'told'],
  [['told'], 'told'],
  [['supposedly'], 'told'],
  [['inferred'], 'inferred'],
  [['measured'], 'measured'],
];

/** What is guessed is inferred, not seen. */
export const HEDGED: PhraseTable<Evidence> = [
  [['looks', 'like'], 'inferred'],
  [['could', 'be'], 'inferred'],
  [['i', 'suspect'], 'inferred'],
  [['i', 'think'], 'inferred'],
  [['maybe'], 'inferred'],
  [['perhaps'], 'inferred'],
  [['probably'], 'inferred'],
  [['possibly'], 'inferred'],
];

/** Words that say that something is not, or stands for not. */
export const NEGATIONS: ReadonlySet<string> = new Set([
  'no',
  'not',
  'nor',
  'without',
  'never',
  'neither',
  "don't",
  'dont',
  'don’t',
  "doesn't",
  'doesnt',
  'doesn’t',
  "isn't",
  'isnt',
  "aren't",
  "didn't",
  'didnt',
  "won't",
  'wont',
  'won’t',
  "can't",
  'cannot',
  'cant',
]);
/** How an absence begins. Other negations are not understood. */
export const ABSENCE = flag(
  'no signs of',
  'no sign of',
  "i don't see any",
  "don't see any",
  'dont see any',
  'i see no',
  'see no',
  'not any',
  'without any',
  'without',
  'no',
  'nor',
);
/** Words that say nothing beside an absence. */
export const ABSENCE_FILLER = flag(
  'any',
  'visible',
  'at all',
  'there are',
  'there is',
  'there',
  'here',
  'seen',
  'i can see',
);

/** What a gauge shows instead of a figure, and what replaces the last one. */
export const OVER: ReadonlySet<string> = new Set(['over', 'max', 'ceiling', '>']);
export const NO_READING: ReadonlySet<string> = new Set(['nr', 'none', 'n/r', 'noread']);
export const AGAIN: ReadonlySet<string> = new Set(['again', 'no', 'correction']);

/** How a flaw is described beyond its figures: kept as its note, weighed by nobody. */
export const DESCRIBED = flag(
  ...'tiny small slight slightly light minor large big bad badly deep long short fine heavy heavily fresh recent old hairline faint'.split(
    ' ',
  ),
  'a few',
  'very',
);

/** Words that say where on a panel. Anything else left of a line is not understood. */
export const PLACE_WORDS: ReadonlySet<string> = new Set(
  (
    'edge edges leading trailing lower upper top bottom middle mid centre center corner corners front rear back end ends ' +
    'left right inner outer inside outside near nearside offside low high half third quarter way along across around round ' +
    'behind below above under beneath beside between beyond towards toward next to from of in into by off over up down ' +
    'forward aft outboard inboard lip arch wheel wheelarch opening hinge hinges handle handles latch lock strip moulding molding ' +
    'trim seam seams joint line lines crease crown skin flange return pinch weld drain drains hole-edge badge emblem script ' +
    'mirror aerial-base wiper rubber seal seals gutter window screen glass rail frame jamb shut face panel skirt number plate ' +
    'first second both here there this that it its one all over where meets meeting'
  ).split(/\s+/),
);
