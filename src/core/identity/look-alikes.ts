import { bare } from './chassis-17';

/** Characters that are taken for each other on stamped and rusted plates. */
const ALIKE = ['0OQD', '1IL', '5S', '8B3', '2Z', '6G', 'VY', 'CG', '7T', 'MW', 'KX'] as const;

export const areAlike = (a: string, b: string): boolean => a !== b && ALIKE.some((g) => g.includes(a) && g.includes(b));

/** Where two numbers differ by one character that is easily misread: which of the two it is, is asked. */
export interface LookAlike {
  /** Place from 1, without blanks and dashes. */
  readonly place: number;
  readonly here: string;
  readonly there: string;
}
export type Compared =
  | { readonly same: true }
  | { readonly same: false; readonly differs: number | null; readonly ask: readonly LookAlike[] };

/**
 * Two numbers side by side, without blanks and dashes: the same; or in how many places they differ (null: of other lengths),
 * and where that may only be a misreading. Never corrected: a question each.
 */
export function compareNumbers(a: string, b: string): Compared {
  const [x, y] = [bare(a), bare(b)];
  if (x === y) return { same: true };
  if (x.length !== y.length) return { same: false, differs: null, ask: [] };
  const places = [...x].flatMap((c, i) => (c === y[i] ? [] : [i]));
  const alike = places.every((i) => areAlike(x[i]!, y[i]!));
  return {
    same: false,
    differs: places.length,
    // Two misread characters at once are no misreading any more.
    ask: places.length <= 2 && alike ? places.map((i) => ({ place: i + 1, here: x[i]!, there: y[i]! })) : [],
  };
}
