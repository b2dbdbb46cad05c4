/** How the reader wants things named. */
export type Vocabulary = 'en-US' | 'en-GB';
export type SideWords = 'left-right' | 'driver-passenger' | 'nearside-offside';

export interface Wording {
  readonly words: Vocabulary;
  readonly sides: SideWords;
  /** Where the steering wheel is: decides which side is the driver's. */
  readonly steering: 'left' | 'right';
  /** The kerb side of the reader's country: decides which side is the nearside. */
  readonly kerb: 'left' | 'right';
}

export const PLAIN_WORDING: Wording = { words: 'en-GB', sides: 'left-right', steering: 'left', kerb: 'left' };

/** A word in both vocabularies. */
export type Both = string | { readonly us: string; readonly gb: string };

export function pick(word: Both, words: Vocabulary): string {
  return typeof word === 'string' ? word : words === 'en-US' ? word.us : word.gb;
}

/** The side as the reader calls it. */
export function sideWord(side: 'left' | 'right', wording: Wording): string {
  if (wording.sides === 'driver-passenger') return side === wording.steering ? 'driver' : 'passenger';
  if (wording.sides === 'nearside-offside') return side === wording.kerb ? 'nearside' : 'offside';
  return side;
}
