import { triedText } from '../functions';
import type { KindWords } from './kind-words';

export const tried: KindWords<'tried'> = {
  name: 'function',
  says: (t) => `${t.function.replaceAll(/[.-]/g, ' ')}: ${triedText(t)}`,
};
