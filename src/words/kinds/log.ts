import { plural } from '../plural';
import type { KindWords } from './kind-words';

export const log: KindWords<'log'> = {
  name: 'log of the run',
  says: ({ points, by, practice }) =>
    `${plural(points.length, 'moment')}, ${by === 'hand' ? 'read by hand' : `by ${by}`}${practice ? ', practice: a made-up engine' : ''}`,
};
