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

/** A text that stands once, as the reader spells it: of tables that a house may edit, and of what was sealed. */
export const respelt = (text: string, words: Vocabulary): string =>
  text.replace(/\b(t)[iy]re(s?)\b/gi, words === 'en-US' ? '$1ire$2' : '$1yre$2');

/** The side as the reader calls it. */
export function sideWord(side: 'left' | 'right', wording: Wording): string {
  if (wording.sides === 'driver-passenger') return side === wording.steering ? 'driver' : 'passenger';
  if (wording.sides === 'nearside-offside') return side === wording.kerb ? 'nearside' : 'offside';
  return side;
}
