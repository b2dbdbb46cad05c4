import type { AlongThing } from '@/core/catalogue/along';
import type { AlongBody } from '@/core/kinds/along';
import { type Both, pick, type Vocabulary } from './vocabulary';

export const ALONG_WORDS: Readonly<Record<AlongThing, Both>> = {
  'spare-wheel': 'spare wheel',
  jack: 'jack',
  tools: 'tools',
  handbook: { us: 'owner’s manual', gb: 'handbook' },
  'service-book': 'service book',
  'build-sheet': 'build sheet',
  'spare-key': 'spare key',
  receipts: 'receipts',
  title: { us: 'title', gb: 'registration document' },
  'car-cover': 'car cover',
  tonneau: 'tonneau',
  'wheel-trims': 'wheel trims',
  'floor-mats': 'floor mats',
  photos: 'old photographs',
  'spare-parts': 'spare parts',
};

export const alongName = (thing: AlongThing, words: Vocabulary): string => pick(ALONG_WORDS[thing], words);
/** Whether it is with the car, and what was said of it. */
export const alongText = (a: AlongBody): string =>
  [a.there ? 'with the car' : 'not there', a.note].filter(Boolean).join(', ');
