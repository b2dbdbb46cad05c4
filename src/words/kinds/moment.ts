import { filmTime } from '../film-time';
import type { KindWords } from './kind-words';

export const moment: KindWords<'moment'> = {
  name: 'moment in a film',
  says: (m) => `at ${filmTime(m.fromS)}: “${m.words}”`,
};
