import type { Reading } from '../kinds/reading';

/** What the paint computation needs of a reading. */
export type FilmReading = Pick<Reading, 'zone' | 'state' | 'thicknessUm' | 'place'> & {
  /** Under what it was taken, where that is known: explains a point that showed nothing. */
  readonly under?: { readonly temperatureC: number | null; readonly gauge: 'magnetic' | 'eddy' | 'combined' | null };
};
