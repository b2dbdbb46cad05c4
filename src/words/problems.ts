import type { EntryProblem } from '@/core/entry/parse';
import type { Wording } from './vocabulary';
import { zoneName } from './zones';

/** What the entry line says when it did not understand. */
export function entryProblemText(problem: EntryProblem, wording: Wording): string {
  switch (problem.kind) {
    case 'no-zone':
      return 'Say where: a panel first, such as “hood 131”.';
    case 'which-zone':
      return `Which one? ${problem.candidates
        .slice(0, 4)
        .map((c) => zoneName(c, wording))
        .join(' or ')}`;
    case 'no-such-zone':
      return `This car has no such place. Nearest: ${zoneName(problem.nearest, wording)}.`;
    case 'not-understood':
      return `Not understood: “${problem.words}”.`;
    case 'absurd':
      return `“${problem.text}” cannot be right.`;
    case 'nothing-to-replace':
      return 'After “again” comes the value that replaces the last one.';
  }
}
