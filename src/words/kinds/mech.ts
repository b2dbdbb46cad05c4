import { mechText } from '../mechanical';
import type { KindWords } from './kind-words';

export const mech: KindWords<'mech'> = {
  name: 'part of the running gear',
  says: (m) => `${m.part.replaceAll(/[.-]/g, ' ')}: ${mechText(m)}`,
};
