import { UM_PER_MIL } from '@/core/units/thickness';
import { type EntryItem, itemDefinition } from './clauses';
import type { EntryContext, EntryProblem } from './context';
import { parseEntry } from './parse';
import { heard } from './talk/heard';

/** One thing understood, in the spelling of docs/formats/command-line.md, with the line and the words it came from. */
export interface Fact {
  readonly line: number;
  readonly fromS?: number;
  readonly toS?: number;
  readonly fact: string;
  readonly text: string;
  readonly sure: number;
}

/** Words that became nothing, and why. */
export interface LeftWords {
  readonly line: number;
  readonly fromS?: number;
  readonly toS?: number;
  readonly text: string;
  readonly why: 'no-matter' | 'unclear' | 'no-zone' | 'which-zone';
}

/** A line as typed, or a caption with its times in seconds. */
export interface SpokenLine {
  readonly line: number;
  readonly text: string;
  readonly fromS?: number;
  readonly toS?: number;
}

/** What the entry line understands it understands whole or refuses; short of certain only by the words' own doubt. */
const SURE = { plain: 0.95, inferred: 0.7 } as const;

const WHY: Partial<Record<EntryProblem['kind'], LeftWords['why']>> = {
  'no-zone': 'no-zone',
  'which-zone': 'which-zone',
};

const SAME_THERE =
  /^\W*(?:and\s+)?(?:it(?:'|’)?s\s+)?(?:the\s+)?same\s+(?:thing\s+)?(?:(?:over\s+)?on|for)\s+(?:the\s+)?other\s+(?:side|one)\W*$/i;

/** What was said before, of the twins of its places; null where any of it has no twin, or is of no place. */
function onTheOtherSide(said: readonly EntryItem[], { plan }: EntryContext): readonly EntryItem[] | null {
  const items = said.flatMap((i) => {
    const twin = i.kind === 'finding' || i.kind === 'look' ? plan.zones.get(i.zone)?.twin : null;
    return twin ? [{ ...i, zone: twin } as EntryItem] : [];
  });
  return items.length === said.length && items.length > 0 ? items : null;
}

/** Counts that the line has no word for. */
const ROUGHLY = /\b(?:few|couple|handful|dozen)\b/i;

/** What some words say: as the line reads them, else as talk, taken apart and whole or not at all. */
function understood(
  words: string,
  here: EntryContext,
  before: readonly EntryItem[],
): { readonly items: readonly EntryItem[]; readonly problems: readonly EntryProblem[] } {
  const mirrored = SAME_THERE.test(words) ? onTheOtherSide(before, here) : null;
  if (mirrored) return { items: mirrored, problems: [] };
  const read = parseEntry(words, here);
  const talked = read.problems.length > 0 || ROUGHLY.test(words) ? heard(words, here) : null;
  return talked ? { items: talked, problems: [] } : read;
}

/** Films that a panel can have, µm: thinner is no film, thicker no panel. */
const [THINNEST_UM, THICKEST_UM] = [40, 1500] as const;

/** A reading too small for its unit as it must be meant: in mil. Null where it can be meant in neither. */
function inItsUnit(item: EntryItem): EntryItem | null {
  if (!('askUnit' in item) || !item.askUnit || item.thicknessUm === null) return item;
  const thicknessUm = item.thicknessUm * UM_PER_MIL;
  return thicknessUm >= THINNEST_UM && thicknessUm <= THICKEST_UM ? { ...item, thicknessUm, askUnit: false } : null;
}

/** Captions are cut where a line was full: so many cues are tried together at most. */
const MOST_CUES = 3;

const OPEN_END = /\b(?:the|a|an|on|of|in|at|with|and|or|no|not|by|from|to|is|has|some|any)\s*$/i;
const NUMBER_WORD =
  'zero|one|two|three|four|five|six|seven|eight|nine|ten|\\w+teen|eleven|twelve|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|point|\\d[\\d.,]*';
const ENDS_IN_NUMBER = new RegExp(`\\b(?:${NUMBER_WORD})\\s*$`, 'i');
const BEGINS_WITH_NUMBER = new RegExp(`^\\s*(?:${NUMBER_WORD})\\b`, 'i');

/** Whether a cue was cut in the middle of what it says. */
const isCut = (cue: string, next: string): boolean =>
  OPEN_END.test(cue) || (ENDS_IN_NUMBER.test(cue) && BEGINS_WITH_NUMBER.test(next));

/** A cue that says nothing whole by itself, together with those behind it; as it is where that says no more. */
function acrossCues(
  lines: readonly SpokenLine[],
  at: number,
  here: EntryContext,
  before: readonly EntryItem[],
): { readonly text: string; readonly toS: number | undefined; readonly cues: number } {
  const own = lines[at]!;
  const alone = { text: own.text, toS: own.toS, cues: 1 };
  if (own.fromS === undefined) return alone;
  const cut = isCut(own.text, lines[at + 1]?.text ?? '');
  if (!cut && understood(own.text, here, before).problems.length === 0) return alone;
  let text = own.text;
  for (let cues = 2; cues <= MOST_CUES && lines[at + cues - 1]; cues++) {
    const next = lines[at + cues - 1]!;
    text = `${text} ${next.text}`;
    const { items, problems } = understood(text, here, before);
    if (problems.length === 0 && items.length > 0) return { text, toS: next.toS, cues };
  }
  return alone;
}

/**
 * What lines of typed, spoken or captioned words say, as facts, and the words that became nothing, with the reason. A zone
 * carries on until another is named; `again` and `undo` take back the last fact of their kind. Statements that captions cut
 * are put together across cues, with the time from the first to the last. Nothing is guessed: a sentence of which anything is
 * not understood becomes no fact at all.
 */
export function listen(lines: readonly SpokenLine[], context: EntryContext): { facts: Fact[]; left: LeftWords[] } {
  const facts: (Fact & { kind: EntryItem['kind'] })[] = [];
  const left: LeftWords[] = [];
  let zone = context.zone;
  let before: readonly EntryItem[] = [];
  for (let i = 0; i < lines.length; ) {
    const { text: own, ...times } = lines[i]!;
    const { text, toS, cues } = acrossCues(lines, i, { ...context, zone }, before);
    const at = toS === undefined ? times : { ...times, toS };
    i += cues;
    for (const sentence of (cues > 1 ? text : own).split(/[;\n]+/)) {
      const words = sentence.trim();
      if (words === '') continue;
      const { items, problems } = understood(words, { ...context, zone }, before);
      if (items.length > 0) before = items;
      for (const item of items) {
        if (item.kind === 'undo' || item.kind === 'replace-last') {
          const last = facts.findLastIndex((f) => item.kind === 'undo' || f.kind === 'reading');
          if (last >= 0) facts.splice(last, 1);
        }
        const sure = item.kind === 'finding' && item.evidence === 'inferred' ? SURE.inferred : SURE.plain;
        const kind = item.kind === 'replace-last' ? 'reading' : item.kind;
        const meant = inItsUnit(item);
        if (!meant) {
          left.push({ ...at, text: words, why: 'unclear' });
          continue;
        }
        const spelled = itemDefinition(item).facts;
        for (const fact of spelled?.(meant) ?? []) facts.push({ ...at, fact, text: words, sure, kind });
        // What has no spelling among the facts yet is left rather than lost.
        if (!spelled && item.kind !== 'undo') left.push({ ...at, text: words, why: 'unclear' });
        if ('zone' in item) zone = item.zone;
      }
      const [problem] = problems;
      if (problem) left.push({ ...at, text: words, why: WHY[problem.kind] ?? 'unclear' });
    }
  }
  return { facts: facts.map(({ kind: _k, ...f }) => f), left };
}
