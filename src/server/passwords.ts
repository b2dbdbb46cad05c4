import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';
import { LONGEST_PASSWORD, SHORTEST_PASSWORD } from '@/core/people/password-bounds';

/** Of 0 to 4: 3 is "safe from many guesses at an unknown rate" (the library's own words for 10^8 and more). */
const LEAST_SCORE = 3;

/** Said of a password that was not taken. */
export const WEAK_PASSWORD =
  'This password is too easy to guess. Take ten letters or more that are no common word, name or row of keys; four odd words do well.';

let held: ZxcvbnFactory | undefined;

/** Whether a password is long and odd enough; words about the person count as guessed first. */
export function strongEnough(password: string, about: readonly string[]): boolean {
  if (password.length < SHORTEST_PASSWORD || password.length > LONGEST_PASSWORD) return false;
  held ??= new ZxcvbnFactory({ dictionary: common.dictionary, graphs: common.adjacencyGraphs });
  return held.check(password, [...about, 'farvin']).score >= LEAST_SCORE;
}
