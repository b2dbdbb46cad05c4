import { flawById } from '@/core/catalogue/flaws/by-id';
import { UM_PER_MIL } from '@/core/units/thickness';
import { CLAUSES, type EntryItem } from '../clauses';
import { SOLID } from '../clauses/clean';
import type { EntryContext, EntryProblem } from '../context';
import { FUNCTION_SAYS } from '../function-phrases';
import { parseEntry } from '../parse';
import { actualSide, type Sided, takeZone } from '../take-zone';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';
import { hearCaptions } from './captions';
import { SAME_THERE, type SpokenLine, stretchesOf } from './cues';
import { type HeardItem, heard } from './heard';
import { opened, plainTalk } from './plain';
import type { Remembered } from './reader';
import { withoutNothing } from './units';

export type { SpokenLine } from './cues';

interface Said {
  readonly line: number;
  readonly fromS?: number;
  readonly toS?: number;
  /** The words it came from. */
  readonly text: string;
}
/** One thing understood, with the words it came from and how sure it is, 0 to 1. */
export interface Statement extends Said {
  readonly item: EntryItem;
  readonly sure: number;
}
/** Words that became nothing, and why. */
export interface LeftWords extends Said {
  readonly why: 'no-matter' | 'unclear' | 'no-zone' | 'which-zone';
}

/** What the entry line understands it understands whole or refuses; short of certain only by the words' own doubt. */
const SURE = { typed: 0.98, talk: 0.95, sound: 0.8, inferred: 0.7, unitGuessed: 0.9 } as const;

const WHY: Partial<Record<EntryProblem['kind'], LeftWords['why']>> = {
  'no-zone': 'no-zone',
  'which-zone': 'which-zone',
};

const IS_SAME_THERE = new RegExp(`^\\W*${SAME_THERE}\\W*$`, 'i');

/** What was said before, of the twins of its places; null where any of it has no twin, or is of no place. */
function onTheOtherSide(said: readonly EntryItem[], { plan }: EntryContext): readonly EntryItem[] | null {
  const items = said.flatMap((i) => {
    const twin = i.kind === 'finding' || i.kind === 'look' ? plan.zones.get(i.zone)?.twin : null;
    return twin ? [{ ...i, zone: twin } as EntryItem] : [];
  });
  return items.length === said.length && items.length > 0 ? items : null;
}

/** Figures and quotes are typed, by people or by services that write numbers so. */
const TYPED = /[\d"“”]/;
const NOT_HEARD: EntryProblem = { kind: 'not-understood', words: '' };

const FUNCTION_NAMES: ReadonlySet<string> = new Set(Object.values(FUNCTION_SAYS).flat());

interface Understood {
  readonly items: readonly HeardItem[];
  readonly problems: readonly EntryProblem[];
  readonly how: 'typed' | 'talk' | 'sound';
}
const plainly = (items: readonly EntryItem[]): readonly HeardItem[] => items.map((item) => ({ item, corrects: false }));

/** What some words say: as the line reads them, else as talk, taken apart and whole or not at all. */
function understood(words: string, here: EntryContext, before: readonly EntryItem[], known: Remembered): Understood {
  const mirrored = IS_SAME_THERE.test(words) ? onTheOtherSide(before, here) : null;
  if (mirrored) return { items: plainly(mirrored), problems: [], how: 'talk' };
  // Somebody's word is kept as theirs, or not at all.
  const toldBy = CLAUSES.told.read(
    { text: opened(words.toLowerCase().replaceAll('’', "'")), line: new TokenCursor([]), quoted: '' },
    here,
  );
  if (toldBy) return { items: plainly(toldBy.items), problems: toldBy.problems, how: 'talk' };
  // "Comes with the jack … and the handbook": what comes along goes on.
  const last = before.at(-1);
  const more =
    last?.kind === 'came-along' && last.there ? heard(words.replace(/^\W*and\b/i, 'comes with'), here, known) : null;
  const talked = more?.items.some((h) => h.item.kind === 'came-along') ? more : heard(words, here, known);
  if (talked) return { items: talked.items, problems: [], how: talked.bySound ? 'sound' : 'talk' };
  // Typed words keep to the line's own grammar: quotes, and figures with their units.
  const read = parseEntry(words, here);
  if (TYPED.test(words)) return { items: plainly(read.items), problems: read.problems, how: 'typed' };
  // Of talk the line tells only why it is not understood.
  return { items: [], problems: read.problems.length > 0 ? read.problems : [NOT_HEARD], how: 'talk' };
}

/** Films that a panel can have, µm: thinner is no film, thicker no panel. */
const [THINNEST_UM, THICKEST_UM] = [40, 1500] as const;

/** A reading too small for its unit as it must be meant: in mil. Null where it can be meant in neither. */
function inItsUnit(item: EntryItem): EntryItem | null {
  if (!('askUnit' in item) || !item.askUnit || item.thicknessUm === null) return item;
  // Small decimals are mil, whole hundreds µm; a small whole number may be a count of something.
  if (!/[.,]/.test(item.typed.text)) return null;
  const thicknessUm = item.thicknessUm * UM_PER_MIL;
  return thicknessUm >= THINNEST_UM && thicknessUm <= THICKEST_UM
    ? { ...item, thicknessUm, askUnit: false, typed: { ...item.typed, unit: 'mil' } }
    : null;
}

/** A clean look that does not gainsay what was found before: of rust at a place, "it's solid" says that its structure is. */
function agreed(item: EntryItem | null, before: readonly Statement[], { plan }: EntryContext): EntryItem | null {
  if (item?.kind !== 'look' || item.note !== SOLID) return item;
  const rusts = ({ item: b }: Statement) =>
    b.kind === 'finding' && b.zone === item.zone && flawById(b.flaw).aspects.includes('corrosion');
  if (!before.some(rusts)) return item;
  const own = plan.zones.get(item.zone)?.aspects ?? [];
  const aspects = item.aspects.filter((a) => a !== 'corrosion');
  if (aspects.length > 0) return { ...item, aspects };
  return own.includes('structure') ? { ...item, aspects: ['structure'] } : null;
}

const NOTHING: Understood = { items: [], problems: [], how: 'talk' };

/** The thing that should work which words name and say no more of; null where they say anything else. */
function functionNamed(words: string, { unit }: EntryContext): string | null {
  const said = withoutNothing(plainTalk(words, unit));
  return FUNCTION_NAMES.has(said) ? said : null;
}

const functionTried = (items: readonly HeardItem[]): string | null => {
  const item = items.at(-1)?.item;
  return item?.kind === 'tried' ? (FUNCTION_SAYS[item.function]?.[0] ?? null) : null;
};

const OF_IT =
  /^(?:(?:and|but|so|yep|yeah|yes|yup|okay|no|nope|,) )*(?:it|that|they|those|these|this)?\s*(?=(?:works?|working|dead|does not work|slow|weak|not tried|not tested|disconnected|not fitted|stiff|intermittent)\b)/;
/** "It doesn't work", of the thing that was spoken of last; null where the words are of something else. */
function ofThatThing(words: string, spokenOf: string, here: EntryContext, known: Remembered): Understood | null {
  if (spokenOf === '') return null;
  const plain = plainTalk(words, here.unit).replace(/^could not get (?:it|that|them) to .*$/, 'it dead');
  if (!OF_IT.test(plain)) return null;
  const talked = heard(plain.replace(OF_IT, `${spokenOf} `), here, known);
  return talked ? { items: talked.items, problems: [], how: 'talk' } : null;
}

const SIDE_SAID = /\b(driver|passenger|left|right|near|off)(?:'?s)?(?: |-)?(?:hand )?side\b/i;
/** The side that words speak of, without a place: "hopping in on the driver's side". */
function sideSaid(words: string, here: EntryContext): 'left' | 'right' | null {
  const said = SIDE_SAID.exec(words)?.[1]?.toLowerCase();
  return said ? actualSide(said as Sided, here) : null;
}

const sureOf = (item: EntryItem, how: Understood['how'], guessed: boolean) =>
  Math.min(
    SURE[how],
    item.kind === 'finding' && item.evidence === 'inferred' ? SURE.inferred : 1,
    guessed ? SURE.unitGuessed : 1,
  );

/**
 * What is spoken of behind words that were not understood: the place that they name, if it is one; none where it may be
 * several, so that nothing that follows is said of the wrong one.
 */
function placeAfter(words: string, here: EntryContext): string | null {
  const found = takeZone(new TokenCursor(tokens(plainTalk(words, here.unit))), here);
  return found.ok ? found.zone : null;
}

/** What was heard in order: statements kept, corrected and taken back. */
class Heard {
  readonly statements: Statement[] = [];
  readonly left: LeftWords[] = [];
  constructor(private readonly context: EntryContext) {}
  take({ item, corrects }: HeardItem, said: Said, how: Understood['how']): void {
    if (item.kind === 'undo') this.statements.pop();
    const last = corrects
      ? this.statements.findLastIndex((s) => s.item.kind === item.kind)
      : item.kind === 'replace-last'
        ? this.statements.findLastIndex((s) => s.item.kind === 'reading')
        : -1;
    if (last >= 0) this.statements.splice(last, 1);
    const meant = agreed(inItsUnit(item), this.statements, this.context);
    if (!meant) this.left.push({ ...said, why: 'unclear' });
    else if (item.kind !== 'undo' && item.kind !== 'go' && !(item.kind === 'look' && item.aspects.length === 0))
      this.statements.push({ ...said, item: meant, sure: sureOf(item, how, meant !== item) });
  }
}

/** Lines as typed, each by itself: understood whole, or left. */
function listenToLines(lines: readonly SpokenLine[], context: EntryContext, heardOf: Heard, known: Remembered): void {
  let zone = context.zone;
  let side: 'left' | 'right' | null = null;
  let spokenOf = '';
  let before: readonly EntryItem[] = [];
  for (const { line, text } of lines)
    for (const words of text.split(/[;\n]+/).map((p) => p.trim())) {
      if (words === '') continue;
      const here: EntryContext = { ...context, zone, side };
      const at = { line, text: words };
      side = sideSaid(words, here) ?? side;
      const named = functionNamed(words, here);
      const says =
        named !== null
          ? NOTHING
          : (ofThatThing(words, spokenOf, here, known) ?? understood(words, here, before, known));
      spokenOf = named ?? functionTried(says.items) ?? spokenOf;
      if (says.items.length > 0) before = says.items.map((h) => h.item);
      for (const h of says.items) {
        heardOf.take(h, at, says.how);
        if ('zone' in h.item && h.item.kind !== 'tried') zone = h.item.zone;
      }
      const [problem] = says.problems;
      if (!problem && says.items.length === 0 && named === null) heardOf.left.push({ ...at, why: 'no-matter' });
      if (!problem) continue;
      heardOf.left.push({ ...at, why: WHY[problem.kind] ?? 'unclear' });
      zone = placeAfter(words, here);
    }
}

/** Captions, which end where a line was full: statements wherever they stand, and what was left between them. */
function listenToCaptions(cues: readonly SpokenLine[], context: EntryContext, heardOf: Heard, known: Remembered): void {
  let zone = context.zone;
  let before: readonly EntryItem[] = [];
  for (const stretch of stretchesOf(cues)) {
    const here: EntryContext = { ...context, zone };
    if (stretch.apart) {
      const [first, last] = [stretch.words[0]!, stretch.words.at(-1)!];
      const text = stretch.words.map((w) => w.text).join(' ');
      const said = { line: first.line, fromS: first.fromS, toS: last.toS, text };
      const says = understood(text, here, before, known);
      for (const h of says.items) heardOf.take(h, said, says.how);
      if (says.problems.length > 0) heardOf.left.push({ ...said, why: 'unclear' });
      continue;
    }
    for (const { items, zone: after, ...said } of hearCaptions(stretch, here, known)) {
      zone = after;
      if (items) before = items.map((h) => h.item);
      for (const h of items ?? []) heardOf.take(h, said, 'talk');
      if (!items) heardOf.left.push({ ...said, why: after === null ? 'no-zone' : 'unclear' });
    }
  }
}

/**
 * What lines of typed, spoken or captioned words say, in order, and the words that became nothing, with the reason. A zone
 * carries on until another is named; corrections and `undo` take back the last statement of their kind. Of a typed line
 * everything is understood or nothing; captions, which end where a line was full, are taken apart across their borders, and
 * a statement beside words that were not understood is left with them where it may be a part of what they say.
 */
export function listenTo(
  lines: readonly SpokenLine[],
  context: EntryContext,
): { readonly statements: readonly Statement[]; readonly left: readonly LeftWords[] } {
  const heardOf = new Heard(context);
  const listen = lines[0]?.fromS === undefined ? listenToLines : listenToCaptions;
  listen(lines, context, heardOf, new Map());
  return heardOf;
}
