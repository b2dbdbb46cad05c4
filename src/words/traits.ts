import type { PublicSort, Trait } from '@/core/yard/traits';

/** What is told of a lot that has it. */
export const TRAIT_WORDS: Readonly<Record<Trait, string>> = {
  'claims-hold': 'all the seller says is borne out',
  'claims-fail': 'something the seller says is not borne out',
  'structure-lost': 'loss in what carries the car',
  holes: 'rusted through somewhere',
  filler: 'filler under paint',
  ends: 'cannot be used as it is',
  starts: 'started',
  driven: 'driven by the inspector',
  'seen-below': 'seen from below',
  film: 'filmed',
  offers: 'work promised or allowed for',
};

/** What a bidder asks for, and what a bidder leaves out: nothing of it speaks of what nobody looked at. */
export const ASKS_FOR: readonly Trait[] = ['starts', 'driven', 'seen-below', 'claims-hold', 'film', 'offers'];
export const LEAVES_OUT: readonly Trait[] = ['holes', 'structure-lost', 'filler', 'ends', 'claims-fail'];

export const PUBLIC_SORT_WORDS: Readonly<Record<PublicSort, string>> = {
  number: 'lot number',
  grade: 'grade, best first',
  year: 'year, oldest first',
};
