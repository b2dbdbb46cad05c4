import { wetText } from '../leaks';
import type { KindWords } from './kind-words';

export const wet: KindWords<'wet'> = {
  name: 'leak place',
  says: (w) => `${w.place.replaceAll(/[.-]/g, ' ')}: ${wetText(w)}`,
};
