import type { KeyStanding } from '@/core/seal/known-keys';
import type { NotRecomputable } from '@/report/recompute';

/** Whether a report's key is one that the house stands by, in words for a stranger. */
export function keyText(standing: KeyStanding): string {
  if (standing.key === 'known') return `Known key: ${standing.house} publishes it as its own for that day.`;
  const why = {
    'not-listed': 'the house does not publish this key. Anybody can make a key and seal with it.',
    'not-valid-then': 'the house publishes this key, but not for the day on which this was sealed.',
    revoked: 'the house has revoked this key and does not stand by what was sealed with it then.',
  }[standing.why];
  return `Unknown key: ${why}`;
}

export const NOT_RECOMPUTED: Readonly<Record<NotRecomputable, string>> = {
  withheld: 'findings are withheld, and the grade counts them',
  unreadable: 'a part of it cannot be read by this program',
  tables: 'its tables of numbers cannot be read by this program',
  records: 'its records cannot be read by this program',
  'other-computation': 'it was computed by another version of the formulas',
};
