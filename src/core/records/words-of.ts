/** Words of what somebody wrote, in small letters, each once: those of so many letters at least. */
export const wordsOf = (text: string, letters = 1): ReadonlySet<string> =>
  new Set((text.toLowerCase().match(/[a-z]+/g) ?? []).filter((w) => w.length >= letters));

/** Letters from which a word tells one thing from another: "with" of many, "at" of none. */
export const TELLING_LETTERS = 4;

/** Whether two texts share a word that tells. */
export function shareAWord(a: string, b: string): boolean {
  const own = wordsOf(a, TELLING_LETTERS);
  return [...wordsOf(b, TELLING_LETTERS)].some((w) => own.has(w));
}

/** Whether all of some words are among others; of no words too. */
export const within = (few: ReadonlySet<string>, many: ReadonlySet<string>): boolean =>
  [...few].every((w) => many.has(w));
