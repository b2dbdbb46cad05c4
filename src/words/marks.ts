import { MARKS, type MarkId, type MarkTheme } from '@/core/catalogue/marks';
import { flawName } from './flaws';
import { type Both, pick, type Vocabulary } from './vocabulary';

const SAYS: Readonly<Record<MarkId, Both>> = {
  'jamb-same': {
    us: 'jambs of the same color, no masking line',
    gb: 'jambs of the same colour, no masking line',
  },
  'jamb-other': { us: 'jambs of another color', gb: 'jambs of another colour' },
  'fasteners-untouched': 'fasteners never turned, paint unbroken on their heads',
  'fasteners-turned': 'fasteners turned, paint broken on their heads',
  'stripe-no-edge': 'stripe or decal as from the works, no edge of paint under it',
  'stripe-over-edge': 'stripe or decal over an edge of later paint',
  'label-in-place': 'maker’s label in place on the panel',
  'label-missing': 'maker’s label missing',
  'sealer-undisturbed': 'sealer beads undisturbed',
  'sealer-other': 'sealer of another kind or age',
  'hidden-runs': 'runs of the works’ paint in hidden places',
  'underside-same': 'underside consistent with the outside',
  'underside-other': 'underside of another finish',
  'chip-primer-only': 'only primer under a chip',
};

export const MARK_THEME_WORDS: Readonly<Record<MarkTheme, string>> = {
  jamb: 'Jambs',
  fasteners: 'Fasteners',
  stripe: 'Stripe or decal',
  label: 'Maker’s label',
  sealer: 'Sealer',
  runs: 'Hidden runs',
  underside: 'Underside',
  chip: 'Under a chip',
};

/** What was seen, by its mark. */
export function markText(mark: MarkId, words: Vocabulary): string {
  return pick(SAYS[mark], words);
}

/** What was seen, by a mark or by a flaw that speaks against the works' paint. */
export function seenText(id: string, words: Vocabulary): string {
  return id in MARKS ? markText(id as MarkId, words) : flawName(id, words);
}
