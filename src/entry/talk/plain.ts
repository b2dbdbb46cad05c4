import { ASIDES } from './harmless';
import { isKnownWord } from './known';
import { figuresOf, spelledNumber } from './numbers';
import { BLOCKED_SAYS, HEDGES, LOOKS } from './rewrites/looks';
import { METAL } from './rewrites/metal';
import { MISHEARD } from './rewrites/misheard';
import { NAMES } from './rewrites/names';
import { ROAD } from './rewrites/road';
import type { Rewrite } from './rewrites/row';
import { RUNNING } from './rewrites/running';
import { WORKS } from './rewrites/works';
import { byItsSound } from './sound';

/** Stands where somebody corrects what was just said. */
export const CORRECTED = '¬';

/** Contractions opened; a genitive stays one. */
const GENITIVE = /^(?:driver|passenger|owner|seller|maker|dealer|people|man|it|that|there|here|what|who|he|she|let)$/;
export const opened = (text: string) =>
  text
    .replaceAll(/\b(it|that|there|here|what|who|he|she|where|everything|nothing)'s\b/g, '$1 is')
    .replaceAll(/\blet's\b/g, 'let us')
    .replaceAll(/\b(\w+)'s\b/g, (all, word: string) => (GENITIVE.test(word) ? all : `${word} is`))
    .replaceAll(/\b(\w+)'(ve|re|ll|m|d)\b/g, (_all, word: string, end: string) =>
      [word, { ve: 'have', re: 'are', ll: 'will', m: 'am', d: 'would' }[end]].join(' '),
    )
    .replaceAll(/\bis (been|got|had)\b/g, 'has $1')
    .replaceAll(/\bgonna\b/g, 'going to');

/** Pronouns that are no figure: "this one", "the driver's one". */
const PRONOUN =
  /\b(this|that|the|right|left|other|driver's|passenger's|driver|passenger|front|back|rear|every|each|nearside|offside|which|another) one\b(?! (?:hundred|oh|ten|eleven|twelve|\w+teen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety))/g;

const CORRECTION =
  /(?:\b(?:sorry|oops|whoops|my mistake|excuse me|pardon me|correction|i mean|no wait|wait no|wait|hang on|hold on|make that|i take that back|let me correct that|once more|let me do that again|or rather)\b[ ,]*)+(?:(?:make that|that is|it is|that should be|should be|it was|i meant)[ ,]*)?/g;
const TAKEN_BACK =
  /^(?:(?:oh|no|sorry|actually|okay)[ ,]+)*(?:forget (?:that|it|about (?:that|it))|scratch that|strike that|never mind(?: that)?|ignore that|take that back)[ ,.]*$/;

/** What stands before a number that is spelled out. */
const SPELLED =
  /\b(?<lead>(?:chassis|engine block|engine|block|frame|body|gearbox|transmission|axle|casting|key|vin|trim|data) (?:number|no|stamp|plate|code|casting)(?: number)?|casting number)(?: is| reads| says| ,)? (?<number>(?:(?:[a-z]|oh|zero|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\w+teen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|double|triple|dash|hyphen|[a-z]*[\d-][a-z\d-]*)(?: |$))+)/;
const LINE_LEAD: readonly (readonly [RegExp, string])[] = [
  [/engine block number|block number|block stamp/, 'engine number'],
  [/vin(?: number| plate)?/, 'chassis number'],
];

function rewritten(text: string, rows: readonly Rewrite[]): string {
  let out = text;
  for (const [said, line] of rows) {
    const next = out.replace(said, line);
    if (next !== out) out = next.replaceAll(/\s+/g, ' ').trim();
  }
  return out;
}

/** A number that is spelled, in the line's words; null where none is. */
function spelledOut(text: string): string | null {
  const found = SPELLED.exec(text);
  if (!found) return null;
  const number = spelledNumber(found.groups!.number!.replaceAll(',', ' '));
  if (!number || !/\d/.test(number)) return null;
  const lead = LINE_LEAD.reduce((out, [from, to]) => out.replace(from, to), found.groups!.lead!);
  const rest = text.slice(found.index + found[0].length).trim();
  return `${text.slice(0, found.index)}${lead} ${number}${rest === '' ? '' : ` ${rest}`}`;
}

/** Sizes as they are spoken, once their figures stand: "about 3 inches long", "maybe 8 inch". */
const SIZES: readonly Rewrite[] = [
  // "One thirty eight in the middle" is no length.
  [/(\d) in(?= (?:the|this|that|a|here|there|it|front|back)\b)/g, '$1 , in'],
  [/\b(\d+) psi (?:of )?oil pressure\b/g, 'oil pressure $1 psi'],
  [
    /\b(?:gets|got|gets up|got up|comes up|came up|runs|running|at)(?: up)? (?:to|at|around|about)? ?(\d+) degrees\b/g,
    'temperature $1 degrees',
  ],
  [
    /\b(?:about |roughly |maybe )?(?:the )?size of (?:a|an|my|your) [a-z]+(?: (?:ball|dollar|nail|tip|print|piece|coin))?/g,
    '',
  ],
  [
    /^(?:it )?(?:is |has )?(?:got |showing |reading |at |showed )?(\d{4,6}) (miles|kilomet(?:er|re)s|km)(?: on it| on the clock| on the odometer| showing)?$/,
    'odometer $1 $2',
  ],
  [
    /\b(?:about|maybe|around|roughly|approximately|probably|perhaps|say|almost) (?=(?:an? |\d[\d.]* )(?:inch|inches|mm|millimet|cm|centimet|foot|feet|ft|mil|mils|micron|percent))/g,
    '',
  ],
  [
    /\b(\d[\d.]*) (inch|inches|mm|millimet(?:er|re)s?|cm|centimet(?:er|re)s?) (?:long|wide|across|tall|high|deep|in (?:length|diameter)|or so)\b/g,
    '$1 $2',
  ],
];

/** "The trunk has a dent" means its lid; "in the trunk" does not. */
const TRUNK =
  /(?<!\b(?:in|inside|into|of|open|opening) (?:the )?)\b(?:trunk|boot)\b(?! (?:floor|lid|mat|carpet|side|panel|well|gutter|key|light|hinge|lock|seal|release|space))/;
const OF_LID =
  /\b(?:dents?|dings?|chips?|scratch(?:es)?|scuff|swirls?|gaps?|paint|lines? up|hundred|(?:one|two) (?:\w+(?:ty|teen)|oh|ten|eleven|twelve)|\d{2,3})\b/;
const deckLid = (text: string) => (TRUNK.test(text) && OF_LID.test(text) ? text.replace(TRUNK, 'deck lid') : text);

/** What was put plainly not long ago: the same words are asked for several times. */
const PLAIN = new Map<string, string>();
const MOST_HELD = 500;

/** Talk as the line reads it: mishearings put right (by their sound, where asked), absences and figures in its words. Lower case. */
export function plainTalk(text: string, unit: 'um' | 'mil', { bySound = false } = {}): string {
  const key = `${unit}${bySound} ${text}`;
  const held = PLAIN.get(key);
  if (held !== undefined) return held;
  const heard = base(text);
  const sounds = bySound ? byItsSound(heard, isKnownWord) : heard;
  const plain = bySound && sounds === heard ? plainTalk(text, unit) : putPlainly(sounds, unit);
  if (PLAIN.size > MOST_HELD) PLAIN.clear();
  PLAIN.set(key, plain);
  return plain;
}

/** The words alone: lower case, contractions opened, common mishearings put right. */
function base(text: string): string {
  const lower = text
    .toLowerCase()
    .replaceAll('’', "'")
    .replaceAll(/([,.!?:;])(?=\s|$)/g, ' , ')
    .replaceAll(/\s+/g, ' ')
    .trim();
  return rewritten(opened(lower), MISHEARD);
}

function putPlainly(text: string, unit: 'um' | 'mil'): string {
  if (TAKEN_BACK.test(text)) return 'undo';
  let out = text
    .replaceAll(PRONOUN, '$1')
    .replaceAll(/^right (?:then|so|okay|now|,) ?/g, '')
    .replaceAll(
      /\bright (?=(?:there|here|on|at|by|behind|in|along|above|below|next|where|around|down|under|over|about|across|beside)\b)/g,
      '',
    )
    .replaceAll(CORRECTION, ` ${CORRECTED} `)
    .replaceAll(/\s+/g, ' ')
    .trim();
  out = out.replace(/\b(?:part )?number on the (block|engine|chassis|frame|gearbox|axle)\b/, '$1 number');
  out = out.replace(
    /^(?:engine bay|under the (?:hood|bonnet)|interior|inside|underneath|underside|in the (?:trunk|boot|cabin)|cabin)(?: now)?(?= ,)/,
    '',
  );
  out = spelledOut(out) ?? out;
  for (const aside of ASIDES) out = out.replace(aside, ' , ');
  out = deckLid(out);
  for (const rows of [NAMES, METAL, RUNNING, BLOCKED_SAYS, WORKS, HEDGES, LOOKS, ROAD]) out = rewritten(out, rows);
  out = out.replace(/^(.+?)(?: ,)? maybe$/, 'maybe $1');
  return rewritten(figuresOf(out, unit), SIZES);
}
