import type { ColourVerdict } from '@/core/catalogue/colour-verdicts';
import type { ColourRefusal } from '@/core/colour/verdicts';
import type { BodyOf } from '@/core/kinds';
import type { Wording } from './vocabulary';
import { zoneWords } from './zones';

export const VERDICT_WORDS: Readonly<Record<ColourVerdict, string>> = {
  'not-seen': 'a difference that is not seen',
  'trained-eye': 'a difference that a trained eye sees',
  noticeable: 'a difference noticeable side by side',
  plain: 'plainly different',
};

export const COLOUR_REFUSAL_WORDS: Readonly<Record<ColourRefusal, string>> = {
  outside: 'The place lies outside the picture.',
  'too-small': 'The place is too small on the picture; go nearer.',
  clipped: 'Too much of it is burnt out or drowned; take it in softer light.',
  'too-dark': 'The card is too dark; take it in more light.',
  'card-not-grey': 'The card is not grey enough on the picture; is it the grey card, and is the light one colour?',
  'card-uneven': 'A shadow or reflection lies on the card; take it in even light.',
};

/** "against its jamb: ΔE 1.4 (1.1 to 1.8), a difference that a trained eye sees". */
export function colourText(c: BodyOf<'colour'>, wording: Wording): string {
  const against = c.against ? `against ${zoneWords(c.against, wording)}` : 'against its jamb';
  const { value, low, high } = c.deltaE;
  const angles = c.angles.length > 1 ? `, the largest of ${c.angles.length} angles` : '';
  return `${against}: ΔE ${value.toFixed(1)} (${low.toFixed(1)} to ${high.toFixed(1)})${angles}, ${VERDICT_WORDS[c.verdict]}`;
}
