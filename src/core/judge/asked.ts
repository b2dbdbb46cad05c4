import type { MissingKind } from './models';

/**
 * How often bidders ask about what a report lacks, times how dear a wrong guess is, 0 to 100: what is asked first stands first.
 * House starting values; what is not named lies in the middle.
 */
const ASKED: Readonly<Partial<Record<MissingKind, number>>> = {
  'no-car': 100,
  'no-visit': 99,
  'no-photos': 98,
  'view-unseen': 92,
  'no-chassis-number': 88,
  'finding-without-photo': 80,
  'claims-untested': 74,
  'weak-spots-unseen': 70,
  'standard-views': 66,
  'leak-source-open': 60,
  'panels-thin': 52,
  'gauge-not-stated': 48,
  'gauge-not-checked': 44,
  'finding-without-overview': 40,
};
const MIDDLE = 30;

export const askedRank = (kind: MissingKind): number => ASKED[kind] ?? MIDDLE;
