import { itemDefinition } from './clauses';
import type { EntryContext } from './context';
import { type LeftWords, listenTo, type SpokenLine } from './talk/listen';

export type { LeftWords, SpokenLine } from './talk/listen';

/** One thing understood, in the spelling of docs/formats/command-line.md, with the line and the words it came from. */
export interface Fact {
  readonly line: number;
  readonly fromS?: number;
  readonly toS?: number;
  readonly fact: string;
  readonly text: string;
  readonly sure: number;
}

/** What lines of typed, spoken or captioned words say, as facts, and the words that became nothing, with the reason. */
export function listen(
  lines: readonly SpokenLine[],
  context: EntryContext,
): { readonly facts: readonly Fact[]; readonly left: readonly LeftWords[] } {
  const { statements, left } = listenTo(lines, context);
  const unspelled: LeftWords[] = [];
  const facts = statements.flatMap(({ item, sure, ...at }) => {
    const spelled = itemDefinition(item).facts;
    // What has no spelling among the facts yet is left rather than lost.
    if (!spelled) unspelled.push({ ...at, why: 'unclear' });
    return spelled?.(item).map((fact) => ({ ...at, fact, sure })) ?? [];
  });
  return { facts, left: [...left, ...unspelled].sort((a, b) => a.line - b.line) };
}
