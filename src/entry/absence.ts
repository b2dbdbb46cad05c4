import { FAULT_TABLE, FLAW_TABLE } from './lexicon';
import { NEGATIONS } from './phrases';
import type { TokenCursor } from './token-cursor';

const isNegated = (words: readonly string[]) => words.some((w) => NEGATIONS.has(w));
/** Flaws that are said with a negation: "does not work", "no strength". */
const NEGATED_FLAWS = [
  ...FAULT_TABLE.filter(([words]) => isNegated(words)).map(([words]) => [words, true] as const),
  ...FLAW_TABLE.filter(([words]) => isNegated(words)).map(([words]) => [words, true] as const),
].sort((a, b) => b[0].length - a[0].length);

/** Whether a line says that something is not there. `no` before a figure corrects it; a flaw may be said by what it does not do. */
export function hasAbsence(given: TokenCursor): boolean {
  const line = given.copy();
  while (line.take(NEGATED_FLAWS));
  return line.left.some((t, i) => {
    if (t?.kind !== 'word' || !NEGATIONS.has(t.text)) return false;
    return !(t.text === 'no' && line.left[i + 1]?.kind === 'number');
  });
}
