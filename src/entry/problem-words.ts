import { flawName } from '@/words/flaws';
import type { Wording } from '@/words/vocabulary';
import { zoneName, zoneWords } from '@/words/zones';
import type { EntryProblem } from './context';

/** What the entry line says when it did not understand. */
export function entryProblemText(problem: EntryProblem, wording: Wording): string {
  switch (problem.kind) {
    case 'no-zone':
      return 'Say where: a panel first, such as “hood 131”.';
    case 'which-zone':
      return `Which one? ${problem.candidates
        .slice(0, 4)
        .map((c) => zoneName(c, wording))
        .join(' or ')}${problem.candidates.length > 4 ? ' …' : ''}`;
    case 'no-such-zone':
      return `This car has no such place. Nearest: ${zoneName(problem.nearest, wording)}.`;
    case 'not-understood':
      return `Not understood: “${problem.words}”.${/\d.*\s\p{L}{2}/u.test(problem.words) ? ' Put a comma between readings and the rest.' : ''}`;
    case 'figure-left':
      return `Nothing here takes the figure in “${problem.words}”.`;
    case 'flaw-not-here':
      return `${zoneName(problem.zone, wording)} cannot have that: ${flawName(problem.flaw, wording.words)}.`;
    case 'which-flaw':
      return `What is it? ${problem.candidates.map((c) => flawName(c, wording.words)).join(' or ')}`;
    case 'two-places':
      return `Two places in one sentence: “${problem.words}”. One at a time, divided by a semicolon.`;
    case 'no-film':
      return `No thickness gauge reads on ${zoneWords(problem.zone, wording)}.`;
    case 'say-why':
      return 'What was not seen needs no entry. If it cannot be seen, say why: “blocked no key”.';
    case 'absurd':
      return `“${problem.text}” cannot be right.`;
    case 'nothing-to-replace':
      return 'After “again” comes the value that replaces the last one.';
  }
}
