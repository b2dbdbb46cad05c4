import type { CheckedFluid, FluidLevel, FluidLook } from '@/core/catalogue/fluid-states';
import { type Fluid, HEARD, type LeakAmount, type LeakLoad, type LeakWhen } from '@/core/catalogue/leak-places';
import type { BodyOf } from '@/core/kinds';
import type { LeakLayout } from '@/core/leaks/reach';
import type { LeakKind, LeakReason, NextLook } from '@/core/leaks/sources';
import { capital } from './capital';

export const FLUID_WORDS: Readonly<Record<Fluid, string>> = {
  'engine-oil': 'engine oil',
  coolant: 'coolant',
  brake: 'brake fluid',
  clutch: 'clutch fluid',
  'power-steering': 'power-steering fluid',
  transmission: 'transmission fluid',
  differential: 'axle oil',
  washer: 'washer water',
  fuel: 'fuel',
  'damper-oil': 'damper oil',
  water: 'water',
  air: 'air drawn in',
  gas: 'exhaust gas',
};

export const LEAK_AMOUNT_WORDS: Readonly<Record<LeakAmount, string>> = {
  dry: 'dry',
  damp: 'damp',
  wet: 'wet',
  drips: 'drips',
};

/** The same of what is heard and not seen. */
const HEARD_WORDS: Readonly<Record<LeakAmount, string>> = {
  dry: 'nothing heard',
  damp: 'faint, at the ear',
  wet: 'clear beside the car',
  drips: 'loud',
};
export const LEAK_LOAD_WORDS: Readonly<Record<LeakLoad, string>> = {
  louder: 'louder with load',
  same: 'the same with load',
  softer: 'softer with load',
};
/** How much comes out, in words for what is seen or for what is heard. */
export const amountText = (amount: LeakAmount, fluid: Fluid | null): string =>
  fluid && HEARD.has(fluid) ? HEARD_WORDS[amount] : LEAK_AMOUNT_WORDS[amount];

export const LEAK_KIND_WORDS: Readonly<Record<LeakKind, string>> = {
  running: 'leaks while it runs',
  standing: 'weeps after standing: common with old seals, and another thing than a leak while running',
  untold: '',
};

const nameIn = (layout: LeakLayout, slug: string) => layout.get(slug)?.name ?? slug;

/** A reason for or against a source. */
export function leakReasonText(r: LeakReason, layout: LeakLayout): string {
  switch (r.what) {
    case 'wet-itself':
      return r.amount === 'drips' ? 'it drips itself' : `${r.amount} itself`;
    case 'dry-itself':
      return 'dry itself';
    case 'not-looked-at':
      return 'itself not looked at';
    case 'runs-to':
      return `what leaks there runs to the ${nameIn(layout, r.place)}`;
    case 'dry-above':
      return `dry above: ${r.places.map((p) => nameIn(layout, p)).join(', ')}`;
    case 'fluid':
      return `it is ${FLUID_WORDS[r.fluid]}`;
    case 'load':
      return r.fits ? LEAK_LOAD_WORDS[r.load] : `${LEAK_LOAD_WORDS[r.load]}, which speaks against it`;
  }
}

export const leakWhy = (why: readonly LeakReason[], kind: LeakKind, layout: LeakLayout): string =>
  capital([...why.map((r) => leakReasonText(r, layout)), LEAK_KIND_WORDS[kind]].filter(Boolean).join('; '));

/** The look that tells the two likeliest apart. */
export function nextLookText({ look, again, splits }: NextLook, layout: LeakLayout): string {
  const [a, b] = splits.map((p) => nameIn(layout, p));
  return again
    ? `Clean the ${nameIn(layout, look)}, run, look again: it tells the ${a} from the ${b}.`
    : `Look at the ${nameIn(layout, look)}: it tells the ${a} from the ${b}.`;
}

export const LEAK_WHEN_WORDS: Readonly<Record<LeakWhen, string>> = {
  before: 'before the run',
  after: 'after the run',
  standing: 'after standing',
};

export const FLUID_LEVEL_WORDS: Readonly<Record<FluidLevel, string>> = {
  full: 'full',
  low: 'low',
  empty: 'empty',
  over: 'overfilled',
};

export const FLUID_LOOK_WORDS: Readonly<Record<FluidLook, string>> = {
  clean: 'clean',
  dark: 'dark',
  milky: 'milky',
  water: 'plain water',
  rusty: 'rusty',
  burnt: 'smells burnt',
  debris: 'bits in it',
  oily: 'oil film on it',
  foamy: 'bubbles in it',
  sludge: 'sludge',
  'smells-of-fuel': 'smells of fuel',
  'smells-sweet': 'smells sweet',
};

/** "low, dark, smells of petrol". */
export const fluidText = ({ level, looks, smell, note }: BodyOf<'fluid'>): string =>
  [level ? FLUID_LEVEL_WORDS[level] : '', ...looks.map((l) => FLUID_LOOK_WORDS[l]), smell && `smells of ${smell}`, note]
    .filter(Boolean)
    .join(', ');

export const checkedFluidName = (f: CheckedFluid): string => FLUID_WORDS[f];

/** "wet, engine oil, after the run, 4 drops a minute". */
export const wetText = ({ amount, fluid, when, dropsPerMin, load, note }: BodyOf<'wet'>): string =>
  [
    amountText(amount, fluid),
    fluid && amount !== 'dry' ? FLUID_WORDS[fluid] : '',
    LEAK_WHEN_WORDS[when],
    dropsPerMin === null ? '' : `${dropsPerMin} drops a minute`,
    load ? LEAK_LOAD_WORDS[load] : '',
    note,
  ]
    .filter(Boolean)
    .join(', ');

export const LEAKS_SAY = 'Ranked by how fluids fall and are blown back. It says where to look, not what is broken.';
