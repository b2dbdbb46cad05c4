import type { Aspect, Metal, View } from '@/core/body/zone';
import type { Family, Remedy } from '@/core/catalogue/flaws/flaw';
import type { Joint } from '@/core/catalogue/joints';
import type { BlockedBy } from '@/core/kinds/look';
import { type Both, pick, type Vocabulary } from './vocabulary';

export const VIEW_WORDS: Readonly<Record<View, Both>> = {
  outside: 'outside',
  underneath: 'underneath',
  engine: 'engine bay',
  cabin: 'cabin',
  trunk: { us: 'trunk', gb: 'boot' },
};

/** All of a part of the car, and somewhere in it, where it is no room of its own. */
const OPEN_PLACES: Readonly<Partial<Record<View, ViewPlaces>>> = {
  outside: { whole: 'the whole outside', part: 'outside' },
  underneath: { whole: 'everything underneath', part: 'underneath' },
};
interface ViewPlaces {
  readonly whole: string;
  readonly part: string;
}

/** All of a part of the car, and somewhere in it, as they stand in a sentence: "the whole cabin", "in the cabin". */
export function viewPlaces(view: View, words: Vocabulary): ViewPlaces {
  const name = pick(VIEW_WORDS[view], words);
  return OPEN_PLACES[view] ?? { whole: `the whole ${name}`, part: `in the ${name}` };
}

export const ASPECT_WORDS: Readonly<Record<Aspect, Both>> = {
  paint: 'paint',
  shape: 'shape',
  fit: 'fit',
  corrosion: 'corrosion',
  brightwork: 'brightwork',
  glass: 'glass',
  rubber: 'rubber',
  trim: 'trim',
  function: 'function',
  leaks: 'leaks',
  structure: 'structure',
  tire: { us: 'tire', gb: 'tyre' },
  identity: 'identity',
};

export const METAL_WORDS: Readonly<Record<Metal, Both>> = {
  steel: 'steel',
  aluminium: { us: 'aluminum', gb: 'aluminium' },
  'glass-fibre': { us: 'fiberglass', gb: 'glass fibre' },
  wood: 'wood',
  glass: 'glass',
  chromed: 'plated metal',
  rubber: 'rubber',
  textile: 'trim',
  mixed: 'mixed',
};

export const STYLE_WORDS: Readonly<Record<string, Both>> = {
  fastback: 'fastback, two doors',
  saloon2: { us: 'sedan, two doors', gb: 'saloon, two doors' },
  saloon4: { us: 'sedan, four doors', gb: 'saloon, four doors' },
  convertible: 'convertible',
  hardtop: 'pillarless hardtop',
  estate: { us: 'station wagon', gb: 'estate' },
  utility: 'utility on a frame',
  pickup: 'pickup',
  van: 'van or camper, rear engine',
  sports: 'sports, backbone frame',
};

export const FITTED_WORDS = {
  vinylRoof: 'vinyl roof',
  sunroof: 'sunroof',
  skirts: { us: 'rear fender skirts', gb: 'rear wheel spats' },
} as const satisfies Readonly<Record<string, Both>>;

export const BLOCKED_WORDS: Readonly<Record<BlockedBy, string>> = {
  locked: 'locked',
  'no-key': 'no key',
  'no-lift': 'no lift',
  wet: 'wet',
  dirty: 'dirty',
  'trim-on': 'trim on',
  owner: 'owner’s wish',
  weather: 'weather',
  time: 'no time',
  obstructed: 'in the way',
  other: 'other reason',
};

export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  finish: 'finish',
  shape: 'shape and fit',
  metal: 'metal',
  brightwork: 'brightwork',
  glass: 'glass',
  soft: 'soft parts',
  missing: 'missing or wrong',
  function: 'function',
  paper: 'identity',
};

export const REMEDY_WORDS: Readonly<Record<Remedy, string>> = {
  leave: 'leave and disclose',
  clean: 'clean',
  polish: 'polish',
  'touch-in': 'touch in',
  refinish: 'refinish',
  'strip-refinish': 'strip and refinish',
  'dent-removal': 'dent removal without paint',
  adjust: 'adjust',
  patch: 'patch',
  replace: 'replace',
  straighten: 'straighten',
  're-plate': 're-plate',
  refit: 'refit',
  watch: 'watch',
  'specialist-test': 'specialist’s test',
};

export const CLAIM_WORDS: Readonly<Record<string, Both>> = {
  'original-paint': 'original paint',
  'original-colour': { us: 'original color', gb: 'original colour' },
  'matching-engine': 'matching engine number',
  mileage: 'mileage',
  'no-rust': 'no rust',
  'never-hit': 'never hit',
  restored: 'restored',
  owners: 'owners',
  'special-model': 'special model',
  'everything-works': 'everything works',
  'part-replaced': 'part replaced',
  other: 'other',
};

export const PAINT_STATE_WORDS = {
  factory: 'factory',
  resprayed: 'resprayed',
  heavy: 'heavy build',
  filled: 'filled',
} as const;

export const LIGHT_WORDS = {
  sun: 'sun',
  shade: 'shade',
  overcast: 'overcast',
  indoor: 'indoors',
  dark: 'dark',
} as const;
export const SURFACE_WORDS = { dry: 'dry', damp: 'damp', wet: 'wet', snow: 'snow' } as const;
export const LIFT_WORDS = { none: 'no lift', pit: 'pit, no lift', stands: 'stands', lift: 'lift' } as const;

/** What is known of one aspect of a zone, in a word or two. */
export function lookText(cell: {
  readonly aspect: Aspect;
  readonly status: 'unseen' | 'measured' | 'clean' | 'findings' | 'blocked';
  readonly why: BlockedBy | null;
}): string {
  const tried = cell.aspect === 'function';
  switch (cell.status) {
    case 'unseen':
      return tried ? 'not tried' : 'not seen';
    case 'measured':
      return 'measured';
    case 'clean':
      return tried ? 'works' : 'clean';
    case 'findings':
      return 'found';
    case 'blocked': {
      const why = cell.why ? BLOCKED_WORDS[cell.why] : 'blocked';
      return tried ? `not tried: ${why}` : why;
    }
  }
}

/** A term of one of the tables above in the reader's words; the key itself where the table has none. */
export function term<K extends string>(table: Readonly<Record<K, Both>>, key: K, words: Vocabulary): string {
  const word = table[key];
  return word === undefined ? key : pick(word, words);
}

export const MAGNET_WORDS = {
  holds: 'a magnet holds',
  weak: 'a magnet holds weakly',
  off: 'a magnet does not hold',
} as const;

export const JOINT_WORDS: Readonly<Record<Joint, string>> = {
  'butt-welded': 'butt-welded, ground flush',
  lapped: 'lapped and welded',
  'plug-welded': 'plug-welded',
  riveted: 'riveted',
  brazed: 'brazed',
  bonded: 'bonded',
  'filled-over': 'filler over it, joint not to be seen',
};

/** Whether metal was treated against going on; nothing where nobody said. */
export const TREATED_WORDS = { yes: 'treated', no: 'not treated', unknown: '' } as const;
