import type { EntryContext, EntryItem, EntryProblem } from './context';
import { parseEntry } from './parse';

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

const um = (value: number) => `${Math.round(value * 10) / 10}um`;

function factsOf(item: EntryItem): string[] {
  switch (item.kind) {
    case 'reading':
    case 'replace-last':
      if (item.state === 'none') return [`noread ${item.zone}`];
      return [item.state === 'over' ? `over ${item.zone}` : `reading ${item.zone} ${um(item.thicknessUm!)}`];
    case 'look':
      return item.outcome === 'clean'
        ? item.aspects.map((a) => `clean ${item.zone} ${a}`)
        : [`blocked ${item.zone} ${item.why}`];
    case 'finding':
      return [
        [
          'finding',
          item.zone,
          item.flaw,
          item.count > 1 ? `x${item.count}` : '',
          item.sizeMm === null ? '' : `${Math.round(item.sizeMm * 10) / 10}mm`,
          item.share === null ? '' : `${Math.round(item.share * 1000) / 10}%`,
        ]
          .filter(Boolean)
          .join(' '),
      ];
    default:
      return [];
  }
}

const WHY: Partial<Record<EntryProblem['kind'], LeftWords['why']>> = {
  'no-zone': 'no-zone',
  'which-zone': 'which-zone',
};

/**
 * What lines of typed, spoken or captioned words say, as facts, and the words that became nothing, with the reason. A zone
 * carries on until another is named; `again` and `undo` take back the last fact of their kind. Nothing is guessed: a
 * sentence of which anything is not understood becomes no fact at all.
 */
export function listen(lines: readonly SpokenLine[], context: EntryContext): { facts: Fact[]; left: LeftWords[] } {
  const facts: (Fact & { kind: EntryItem['kind'] })[] = [];
  const left: LeftWords[] = [];
  let zone = context.zone;
  for (const { text, ...at } of lines) {
    for (const sentence of text.split(/[;\n]+/)) {
      const words = sentence.trim();
      if (words === '') continue;
      const { items, problems } = parseEntry(words, { ...context, zone });
      for (const item of items) {
        if (item.kind === 'undo' || item.kind === 'replace-last') {
          const last = facts.findLastIndex((f) => item.kind === 'undo' || f.kind === 'reading');
          if (last >= 0) facts.splice(last, 1);
        }
        const sure = item.kind === 'finding' && item.evidence === 'inferred' ? SURE.inferred : SURE.plain;
        const kind = item.kind === 'replace-last' ? 'reading' : item.kind;
        for (const fact of factsOf(item)) facts.push({ ...at, fact, text: words, sure, kind });
        // Gaps have no spelling among the facts yet.
        if (item.kind === 'gap') left.push({ ...at, text: words, why: 'unclear' });
        if ('zone' in item) zone = item.zone;
      }
      const [problem] = problems;
      if (problem) left.push({ ...at, text: words, why: WHY[problem.kind] ?? 'unclear' });
    }
  }
  return { facts: facts.map(({ kind: _k, ...f }) => f), left };
}
