import { STYLE_WORDS } from './terms';
import { pick } from './vocabulary';

/** What a lot's name says of its car. */
export interface TitleSays {
  readonly make: string;
  readonly model: string;
  readonly year: number | null;
  /** A body style, where its very name stands in the lot's name. */
  readonly style: string;
}

/** A body told by its doors. */
const DOORS = /\b(two|four)[- ]door (?:saloon|sedan)\b/i;
const YEAR = /[,\s]*\b(18[89]\d|19\d\d|20\d\d)\b[,\s]*/;

/** The words by which a style is named on its own: "hardtop", not "two doors". */
const NAMED = Object.entries(STYLE_WORDS).flatMap(([slug, word]) =>
  [slug, pick(word, 'en-US'), pick(word, 'en-GB')]
    .flatMap((w) => w.split(/,| on | or /))
    .flatMap((w) => [w.trim(), w.trim().split(' ').at(-1)!])
    .filter((w) => /^[a-z]{3,}$/.test(w) && !['doors', 'frame', 'engine', 'sedan', 'saloon'].includes(w))
    .map((w) => [w, slug] as const),
);

/** Reads make, model, year and body style out of a lot's name such as "Sarvane Corso hardtop, 1962". */
export function titleSays(title: string): TitleSays {
  const year = YEAR.exec(title)?.[1];
  const doors = DOORS.exec(title)?.[1]?.toLowerCase();
  const words = title.replace(YEAR, ' ').replace(DOORS, ' ').trim().split(/\s+/);
  const styles = new Set(NAMED.filter(([w]) => words.slice(1).some((x) => x.toLowerCase() === w)).map(([, s]) => s));
  if (doors) styles.add(doors === 'two' ? 'saloon2' : 'saloon4');
  const isStyle = (w: string) => NAMED.some(([name]) => name === w.toLowerCase());
  return {
    make: words[0] ?? '',
    model: words
      .slice(1)
      .filter((w) => !isStyle(w))
      .join(' '),
    year: year ? Number(year) : null,
    style: styles.size === 1 ? [...styles][0]! : '',
  };
}
