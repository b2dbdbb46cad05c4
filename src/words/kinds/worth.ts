import type { KindWords } from './kind-words';

export const worth: KindWords<'worth'> = {
  name: 'worth',
  says: (w) =>
    [
      w.expected === null ? 'no price expected yet' : `expected ${w.expected.toLocaleString('en-GB')}`,
      w.budget === null ? '' : `up to ${w.budget.toLocaleString('en-GB')} to spend`,
      w.days === null ? '' : `${w.days} days`,
      w.shown ? 'estimate shown to bidders' : '',
    ]
      .filter(Boolean)
      .join(', '),
};
