import { dayText } from '../dates';
import type { KindWords } from './kind-words';

export const dated: KindWords<'dated'> = {
  name: 'date on a part',
  says: (d) => `${d.part.replaceAll(/[.-]/g, ' ')}: ${[d.code, d.on ? dayText(d.on) : ''].filter(Boolean).join(', ')}`,
};
