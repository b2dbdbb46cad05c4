import { checkedFluidName, fluidText } from '../leaks';
import type { KindWords } from './kind-words';

export const fluid: KindWords<'fluid'> = {
  name: 'fluid',
  says: (f) => `${checkedFluidName(f.fluid)}: ${fluidText(f)}`,
};
