import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';

export const SHORTEST_PASSWORD = 10;
export const LONGEST_PASSWORD = 200;
/** Of 0 to 4: 3 is "safe from many guesses at an unknown rate" (the library's own words for 10^8 and more). */
const LEAST_SCORE = 3;

let held: ZxcvbnFactory | undefined;

/** Whether a password is long and odd enough; words about the person count as guessed first. */
export function strongEnough(password: string, about: readonly string[]): boolean {
  if (password.length < SHORTEST_PASSWORD || password.length > LONGEST_PASSWORD) return false;
  held ??= new ZxcvbnFactory({ dictionary: common.dictionary, graphs: common.adjacencyGraphs });
  return held.check(password, [...about, 'farvin']).score >= LEAST_SCORE;
}
