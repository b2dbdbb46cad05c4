import { weakText } from '../metal';
import type { KindWords } from './kind-words';

export const weak: KindWords<'weak'> = {
  name: 'weak spot',
  says: ({ spot, outcome, why }) => `${spot.replaceAll('-', ' ')}: ${weakText({ state: outcome, why })}`,
};
