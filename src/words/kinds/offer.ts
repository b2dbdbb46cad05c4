import { offerText } from '../offers';
import type { KindWords } from './kind-words';

export const offer: KindWords<'offer'> = { name: 'allowance or promise', says: offerText };
