import type { Reading } from '../records/kinds/reading';

/** What the paint computation needs of a reading. */
export type FilmReading = Pick<Reading, 'zone' | 'state' | 'thicknessUm' | 'place'>;
