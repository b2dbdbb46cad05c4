import { type EntryItem, itemDefinition } from './clauses';
import type { EntryContext, EntryProblem } from './context';
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
        const spelled = itemDefinition(item).facts;
        for (const fact of spelled?.(item) ?? []) facts.push({ ...at, fact, text: words, sure, kind });
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
