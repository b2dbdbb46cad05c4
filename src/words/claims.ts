import type { ClaimWord } from '@/core/balance/weigh';
import type { BalanceMark, WeighedClaim } from '@/core/claims/model';
import { plural } from './plural';

export const CLAIM_WORD_WORDS: Readonly<Record<ClaimWord, string>> = {
  contradicted: 'contradicted',
  doubtful: 'doubtful',
  open: 'open',
  supported: 'supported',
  'well-supported': 'well supported',
  untested: 'untested',
};
/** What each word says to somebody who never met the scale. */
export const CLAIM_WORD_SAYS: Readonly<Record<ClaimWord, string>> = {
  contradicted: 'what was found speaks strongly against it',
  doubtful: 'more speaks against it than for it',
  open: 'what was found does not decide it',
  supported: 'what was found speaks for it',
  'well-supported': 'what was found speaks strongly for it',
  untested: 'nothing was looked for',
};

/** " (64 of 100)"; of the ends that it is beyond them. Empty where nothing was looked for. */
export function chanceText({ word, posterior }: { word: ClaimWord; posterior: number }): string {
  if (word === 'untested') return '';
  if (posterior < 0.01) return ' (less than 1 of 100)';
  return posterior > 0.99 ? ' (more than 99 of 100)' : ` (${Math.round(100 * posterior)} of 100)`;
}

/** "4 times likelier if it is true", "12 times likelier if it is not". */
export function ratioText(ratio: number): string {
  const times = ratio >= 1 ? ratio : 1 / ratio;
  const figure = times >= 10 ? Math.round(times) : Math.round(times * 10) / 10;
  return `${figure} times likelier if it is ${ratio >= 1 ? 'true' : 'not'}`;
}

/** How a claim of the whole car is gone over: panels by the film, functions by trying them, anything else by looking. */
const GONE_OVER: Readonly<Record<string, readonly [done: string, not: string]>> = {
  'original-paint': ['Film measured', 'Not measured'],
  'never-hit': ['Film measured', 'Not measured'],
  'everything-works': ['Tried', 'Not tried'],
};

/** Of a claim about the whole car: how far it was gone over, and what was left. */
export function reachText(
  c: Pick<WeighedClaim, 'reach' | 'narrow'>,
  kind: string,
  name: (zone: string) => string,
): string {
  if (!c.reach || c.reach.of === 0 || c.reach.seen === c.reach.of) return '';
  const { seen, of, unseen } = c.reach;
  const named = unseen.slice(0, 6).map(name).join(', ');
  const more = unseen.length > 6 ? ` and ${plural(unseen.length - 6, 'more', 'more')}` : '';
  const [done, not] = GONE_OVER[kind] ?? ['Looked at', 'Not seen'];
  return `${done}: ${seen} of ${of}. ${not}: ${named}${more}.${c.narrow ? ' A claim about the whole car is not carried by a part of it.' : ''}`;
}

/** What a mark says with where it is; withheld ones count and are not named. */
export const balanceText = (m: Pick<BalanceMark, 'withheld' | 'says' | 'where'>, zone: string): string =>
  m.withheld ? 'something that is withheld' : [m.says, zone, m.where].filter(Boolean).join(', ');
