import type { PlatingRefusal } from '@/core/bright/plating-limits';
import { platingRating } from '@/core/bright/rating';
import type { BodyOf } from '@/core/kinds';
import { d610Of, riOf } from '@/core/metal/rust-grades';
import type { RustRefusal } from '@/core/metal/rust-limits';
import { plural } from './plural';

export const SHARE_REFUSAL_WORDS: Readonly<Record<RustRefusal | PlatingRefusal, string>> = {
  'too-few-pixels': 'The part is too small on the picture; go nearer or take a larger picture.',
  'burnt-out': 'Much of the part is burnt out; take it in softer light or from another angle.',
  'too-dark': 'Much of the part is drowned in shadow; give it more light.',
  blurred: 'The picture is out of focus.',
  'not-alike': 'The two pictures are not of one size: keep the camera still and move only the light.',
};

/** "2.4 %", "0.03 %", "none". */
export const shareFigure = (share: number): string =>
  share === 0 ? 'none' : `${(100 * share).toFixed(share < 0.001 ? 2 : share < 0.1 ? 1 : 0)} %`;

const putRight = (corrected: boolean) => (corrected ? ', mask put right by hand' : '');

/** "2.4 % of the part rusted: Ri 4 (ISO 4628-3), grade 5 (ASTM D610)". */
export function rustText({ areaShare, corrected, where }: Pick<BodyOf<'rust'>, 'areaShare' | 'corrected' | 'where'>) {
  const graded = `Ri ${riOf(areaShare)} (ISO 4628-3), grade ${d610Of(areaShare)} (ASTM D610)`;
  return `${shareFigure(areaShare)} of the part rusted: ${graded}${putRight(corrected)}${where ? `, ${where}` : ''}`;
}

/** "3.1 % of the part pitted or bare: rating 5 of 10 (ISO 10289), 140 pits". */
export function platingText(p: Omit<BodyOf<'plating'>, 'zone' | 'photo' | 'stretch' | 'mask' | 'note' | 'at'>): string {
  const rate = `rating ${platingRating(p.areaShare)} of 10 (ISO 10289)`;
  const scale = p.pitsPerDm2 === null ? '' : `, ${Math.round(p.pitsPerDm2)} to the dm²`;
  const lit = p.second ? ', two pictures with the light moved' : '';
  return `${shareFigure(p.areaShare)} of the part pitted, rusty or bare: ${rate}, ${plural(p.pits, 'pit')}${scale}${lit}${putRight(p.corrected)}${p.where ? `, ${p.where}` : ''}`;
}

export const SHARE_CAUTION =
  'Read off a picture by colour and darkness. Dirt of rust’s colour is taken for rust, and what a plated piece mirrors can be taken for pits: look at the marks and put them right.';
