import type { ChassisRefusal } from '@/core/identity/chassis-17';
import type { EngineSays } from '@/core/identity/engine';
import type { Compared } from '@/core/identity/look-alikes';

export const CHASSIS_REFUSAL_WORDS: Readonly<Record<ChassisRefusal, string>> = {
  'not-seventeen': 'it has no seventeen characters',
  'letter-not-used': 'numbers of seventeen characters hold no I, O or Q: look again which it is',
};

/** A check digit in words: of a car not built for North America a wrong one proves nothing. */
export function checkDigitText(c: { expected: string; found: string; applies: boolean }): string {
  const same = c.expected === c.found;
  if (c.applies)
    return same
      ? `Check digit ${c.found} is right.`
      : `Check digit ${c.found} is wrong: by the other characters it is ${c.expected}. Read it again, or the number is not a true one.`;
  return same
    ? `The ninth character happens to be the check digit (${c.found}); it need not be, outside North America.`
    : 'No check digit: the car was not built for North America, where alone the ninth character is one. That proves nothing.';
}

/** Questions about characters that are taken for each other. */
export const lookAlikeText = (compared: Extract<Compared, { same: false }>): string =>
  compared.ask.map((a) => `is place ${a.place} ${a.here} or ${a.there}?`).join(' ');

/** What an engine's number says beside the chassis number; three sayings that are kept apart. */
export function engineText(e: EngineSays): string {
  switch (e.is) {
    case 'original':
      return `The engine’s number is this car’s: by the make’s rule it is ${e.expected}.`;
    case 'look-again':
      return `By the make’s rule it would be ${e.expected}. Look again: ${lookAlikeText(e.compared)}`;
    case 'another':
      return `Another engine: by the make’s rule this car’s is ${e.expected}.`;
    case 'right-type':
      return e.plausible
        ? `The right type, with a number of ${e.years.join(' or ')}: plausible, and not proved to be this car’s.`
        : e.years.length > 0
          ? `The right type, but its number is of ${e.years.join(' or ')}.`
          : 'The right type; its number is in no range of the table.';
    case 'wrong-type':
      return 'Its number does not begin as engines of this type do.';
    case 'not-told':
      return {
        'no-engine-number': 'The engine’s number was not read.',
        'no-template': 'No rule is known for engines of this make: it cannot be told whether it is this car’s.',
        'chassis-not-read':
          'The chassis number does not read by the make’s scheme, so that nothing follows for the engine.',
      }[e.why];
  }
}
