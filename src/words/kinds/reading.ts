import type { BodyOf } from '@/core/kinds';
import { type ThicknessUnit, thicknessText } from '@/core/units/thickness';
import type { KindWords } from './kind-words';

const shown = ({ state, thicknessUm }: BodyOf<'reading'>, unit: ThicknessUnit): string =>
  state === 'none' ? 'no reading' : `${state === 'over' ? 'over ' : ''}${thicknessText(thicknessUm ?? 0, unit)}`;

export const reading: KindWords<'reading'> = {
  name: 'reading',
  says: (r) => shown(r, r.typed.unit),
  saysIn: (r, unit) => shown(r, unit),
};
