import { PART_TABLE, PLURAL_TABLE } from '../lexicon';

const set = (text: string) => new Set(text.split(/\s+/).filter(Boolean));

/** Words that stand before a preposition of place and say nothing more. */
const LEAD = set('down up over out back right just way low high all mostly mainly running far');
/** Behind these any part may be named: the thing stands beside it, not on it. */
const BESIDE = set('by near behind above below under underneath beneath beside towards toward between ahead forward');
const BESIDE_PHRASES: readonly (readonly string[])[] = [
  'in front of',
  'next to',
  'close to',
  'just off',
  'just past',
  'ahead of',
  'forward of',
  'to the left of',
  'to the right of',
  'at the back of',
  'at the front of',
  'in line with',
].map((p) => p.split(' '));
/** Behind these only a place within a panel may stand. */
const WITHIN = set('on at in to along across around over inside through from near by');
const ARTICLE = set('the its this that a an your their each every');
const WHICH = set(
  "front back rear left right top bottom lower upper leading trailing inner outer inside outside very whole driver driver's passenger passenger's drivers passengers nearside offside near far middle forward outboard inboard front-most lower-left one other same entire",
);
const NOUN = set(
  'edge edges corner corners lip lips side sides end ends middle center centre bottom top half third part area section tip handle handles hinge hinges latch lock spoke spokes seam seams bead crease bodyline beltline wheel-opening opening wheelarch arch arches line lines rib ribs fold flange return skin face crown shoulder peak nose cap filler badge emblem script trim strip moulding molding mirror aerial antenna gutter drain drains flare swage upright vertical horizontal rearmost frontmost lead base mounting mountings bracket brackets bolt bolts spot-welds weld welds joint joints panel metal paint lacquer clear coat surface screen light lamp headlight headlamp taillight taillamp wheel tire tyre window glass roof door fender wing hood bonnet bumper grille windshield windscreen driver passenger wiper wipers steering dash seat floor trunk boot quarter sill rocker exhaust plate',
);
/** Nouns of a place within a panel, without the names of panels. */
const OF_PANEL = set(
  'edge edges corner corners lip lips side sides end ends middle center centre bottom top half third part area section tip handle handles hinge hinges latch lock spoke spokes seam seams bead opening wheelarch arch arches line lines rib ribs fold flange return skin face crown shoulder gutter drain flare swage base joint joints jack jacking point points lens lenses weatherstrip weatherstrips gasket gaskets moldings mouldings bolster bolsters cushion backrest squab piping rim spoke spokes pocket paint lacquer finish metal plating leather cloth fabric vinyl wood sidewall tread',
);

const PARTS: ReadonlySet<string> = new Set(
  [...PART_TABLE, ...PLURAL_TABLE].filter(([words]) => words.length === 1).map(([words]) => words[0]!),
);
const LONGEST_NAME = 4;
/** Who does something is no place, and neither is how. */
const PERSONS = set(
  'owner seller dealer shop way look book factory works previous last same other guy man family mechanic painter bodyshop garage road end time',
);
const OVER_IT = set('wheel wheels headlight headlamp lamp arch taillight door handle');
const ALONE = set('underneath below behind above inside outside');
const ENDS = set(', and but ¬');
const IT = set('it them that this there');
const starts = (words: readonly string[], at: number, phrase: readonly string[]) =>
  phrase.every((w, k) => words[at + k] === w);

/** Words from a place that say where on a panel something is. */
export interface Where {
  readonly took: number;
  /** Beside another part, which is named only for that. */
  readonly beside: boolean;
}

/** What words from a place say where on a panel something is ("down by the wheel opening", "on the front edge of"). */
export function whereAt(words: readonly string[], at: number): Where {
  const none: Where = { took: 0, beside: false };
  let i = at;
  const phraseAt = () => BESIDE_PHRASES.find((p) => starts(words, i, p));
  const overIt = () => words[i] === 'over' && words[i + 1] === 'the' && OVER_IT.has(words[i + 2] ?? '');
  while (LEAD.has(words[i] ?? '') && i - at < 2 && !phraseAt() && !overIt()) i++;
  const over = overIt();
  const phrase = phraseAt();
  // "Surface rust underneath": where, and beside nothing that is named.
  if (!phrase && ALONE.has(words[i] ?? '') && ENDS.has(words[i + 1] ?? ',')) return { took: i + 1 - at, beside: false };
  const beside = phrase !== undefined || over || BESIDE.has(words[i] ?? '');
  if (!beside && !WITHIN.has(words[i] ?? '')) return none;
  const preposition = i;
  i += phrase?.length ?? 1;
  if (words[i] === 'to' && beside) i++;
  if (ARTICLE.has(words[i] ?? '')) i++;
  let last = -1;
  for (let n = 0; n < LONGEST_NAME && i < words.length; n++, i++) {
    const word = words[i]!;
    if (OF_PANEL.has(word) || ((beside || words[preposition] === 'at') && NOUN.has(word))) last = i;
    // "By the headlamp · offside door": another place begins.
    else if (!WHICH.has(word) || (last >= 0 && beside)) break;
    else if (last < 0 && beside && n === 0 && IT.has(word)) last = i;
  }
  if (last < 0 && beside && IT.has(words[preposition + (phrase?.length ?? 1)] ?? ''))
    last = preposition + (phrase?.length ?? 1);
  // "By the speaker": a thing of no place of its own.
  const named = words[preposition + (phrase?.length ?? 1) + 1] ?? '';
  const after = words[preposition + (phrase?.length ?? 1) + 2];
  if (
    last < 0 &&
    beside &&
    words[preposition + (phrase?.length ?? 1)] === 'the' &&
    /^[a-z]{3,}$/.test(named) &&
    !PERSONS.has(named) &&
    ENDS.has(after ?? ',')
  )
    return { took: preposition + (phrase?.length ?? 1) + 2 - at, beside: true };
  // "along the bottom", "at the back": words of end that stand alone.
  if (last < 0) {
    const alone = words[i - 1] ?? '';
    if (
      i - 1 > preposition &&
      /^(?:front|back|rear|top|bottom|middle|left|right|inside|outside)$/.test(alone) &&
      !PARTS.has(words[i] ?? '')
    )
      last = i - 1;
    else return none;
  }
  // "on the back edge of the driver's door": the panel itself stays to be read.
  if (words[last + 1] === 'of') {
    const next = words[last + 2] ?? '';
    return { took: last + (IT.has(next) || ARTICLE.has(next) ? 3 : 2) - at, beside };
  }
  return !beside && PARTS.has(words[last + 1] ?? '') ? none : { took: last + 1 - at, beside };
}
