import { STYLE_WORDS } from './terms';
import { pick } from './vocabulary';

/** How a lot's name calls a body style; `car-title.ts` reads these back. */
const IN_A_NAME: Readonly<Record<string, string>> = {
  fastback: 'fastback',
  saloon2: 'two-door saloon',
  saloon4: 'four-door saloon',
  convertible: 'convertible',
  hardtop: 'hardtop',
  estate: 'estate',
  utility: 'utility',
  pickup: 'pickup',
  van: 'van',
  sports: 'sports',
};

/** What may stand in a list for a style: its slug, its words of both vocabularies, and its plain name. */
const NAMED = new Map(
  Object.entries(STYLE_WORDS).flatMap(([slug, word]) => {
    const name = IN_A_NAME[slug] ?? slug;
    const us = name.replace('saloon', 'sedan');
    return [slug, pick(word, 'en-US'), pick(word, 'en-GB'), name, us].map((w) => [plain(w), name] as const);
  }),
);
/** Words of a body that leave its doors open: they stand in a name as they are. */
const UNDECIDED = new Set(['saloon', 'sedan']);

function plain(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[\s-]+/g, ' ');
}

/** How a lot's name calls the body style that a text means; null when it means none that is known. */
export function styleNamed(text: string): string | null {
  const asked = plain(text);
  if (UNDECIDED.has(asked)) return asked;
  return NAMED.get(asked) ?? null;
}
