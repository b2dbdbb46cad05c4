import type { Base, PieceFault } from '../catalogue/pieces';

/** What can be done with a piece; and what must not. */
export const PIECE_REMEDIES = [
  'leave',
  'clean',
  're-plate',
  'straighten-re-plate',
  'fill-plate-or-replace',
  'straighten-polish',
  're-anodise',
  'replace',
  'refill',
  'refit',
  'clean-behind',
  'glazier',
  're-seal',
  'mend-line',
  'take-film-off',
  'sew',
  'straighten',
  'free-drain',
] as const;
export type PieceRemedy = (typeof PIECE_REMEDIES)[number];

export const NOT_SO = ['no-plating-of-stainless', 'no-polishing-through-anodising', 'no-polishing-of-arcs'] as const;
export type NotSo = (typeof NOT_SO)[number];

type Rule = Readonly<Partial<Record<PieceFault, PieceRemedy>>> & { readonly otherwise: PieceRemedy };

/** The remedy that fits each base: a wrong one spoils the piece. */
const RULES: Readonly<Record<Base, Rule>> = {
  'chromed-steel': {
    cloudy: 'clean',
    scratched: 'clean',
    dented: 'straighten-re-plate',
    wavy: 'straighten-re-plate',
    'over-polished': 'leave',
    otherwise: 're-plate',
  },
  'chromed-zinc': {
    cloudy: 'clean',
    scratched: 'clean',
    'over-polished': 'leave',
    broken: 'replace',
    otherwise: 'fill-plate-or-replace',
  },
  'chromed-brass': {
    cloudy: 'clean',
    scratched: 'clean',
    dented: 'straighten-re-plate',
    'over-polished': 'leave',
    otherwise: 're-plate',
  },
  stainless: { broken: 'replace', 'over-polished': 'leave', otherwise: 'straighten-polish' },
  anodised: { broken: 'replace', otherwise: 're-anodise' },
  'chromed-plastic': { cloudy: 'clean', scratched: 'leave', 'over-polished': 'leave', otherwise: 'replace' },
  painted: { 'infill-gone': 'refill', broken: 'replace', otherwise: 'refill' },
  lens: { moisture: 're-seal', chipped: 'leave', scratched: 'leave', cloudy: 'clean', otherwise: 'replace' },
  glass: {
    chipped: 'glazier',
    'wiper-arc': 'leave',
    scratched: 'leave',
    'heater-broken': 'mend-line',
    moisture: 'clean',
    cloudy: 'clean',
    'tint-film': 'take-film-off',
    'sealer-smeared': 'leave',
    otherwise: 'replace',
  },
  rubber: { 'painted-over': 'clean', stained: 'clean', otherwise: 'replace' },
  felt: { stained: 'clean', otherwise: 'replace' },
  fabric: { 'seam-open': 'sew', faded: 'clean', stained: 'clean', worn: 'leave', otherwise: 'replace' },
  'clear-plastic': { cloudy: 'clean', scratched: 'clean', 'seam-open': 'sew', otherwise: 'replace' },
  'top-frame': {
    bent: 'straighten',
    'latch-loose': 'straighten',
    rusty: 'clean',
    worn: 'straighten',
    otherwise: 'replace',
  },
  vinyl: { faded: 'clean', stained: 'clean', otherwise: 'replace' },
  'sliding-roof': {
    'drain-blocked': 'free-drain',
    stained: 'clean',
    'sealed-shut': 'leave',
    otherwise: 'replace',
  },
};
/** What is the same whatever it is made of. */
const ALWAYS: Readonly<Partial<Record<PieceFault, PieceRemedy>>> = {
  loose: 'refit',
  'pulled-out': 'refit',
  'infill-gone': 'refill',
  'rust-behind': 'clean-behind',
  'shade-differs': 'leave',
};

/** From the least to the most that is done: the more contains what is less of its kind. */
const WEIGHT: Readonly<Record<PieceRemedy, number>> = {
  leave: 0,
  refit: 1,
  clean: 1,
  'clean-behind': 1,
  'free-drain': 1,
  'take-film-off': 2,
  refill: 2,
  're-seal': 2,
  'mend-line': 2,
  sew: 2,
  glazier: 3,
  straighten: 3,
  'straighten-polish': 3,
  're-plate': 4,
  're-anodise': 4,
  'straighten-re-plate': 5,
  'fill-plate-or-replace': 6,
  replace: 7,
};
/** Remedies that stand beside whatever is done to the surface. */
const BESIDE: ReadonlySet<PieceRemedy> = new Set(['refit', 'clean-behind', 'refill', 'free-drain']);
/** Of those, what a new piece still needs. */
const WITH_NEW: ReadonlySet<PieceRemedy> = new Set(['replace', 'clean-behind', 'free-drain']);

/** What must not be done to a piece of a base, where something is done to it. */
function notSo(base: Base, faults: readonly PieceFault[], touched: boolean): readonly NotSo[] {
  if (base === 'glass') return faults.includes('wiper-arc') ? ['no-polishing-of-arcs'] : [];
  if (!touched) return [];
  if (base === 'stainless') return ['no-plating-of-stainless'];
  return base === 'anodised' ? ['no-polishing-through-anodising'] : [];
}

/**
 * What puts a piece right, by what it is made of and what is wrong with it: the heaviest treatment of its surface that a
 * fault asks for, and what is done besides. `not` says what must not be done to such a piece. Empty without a fault.
 */
export function pieceRemedies(
  base: Base,
  faults: readonly PieceFault[],
): { readonly remedies: readonly PieceRemedy[]; readonly not: readonly NotSo[] } {
  const asked = faults.map((f) => ALWAYS[f] ?? RULES[base][f] ?? RULES[base].otherwise);
  const surface = asked.filter((r) => !BESIDE.has(r)).sort((a, b) => WEIGHT[b] - WEIGHT[a])[0];
  const beside = [...new Set(asked.filter((r) => BESIDE.has(r)))];
  const kept = surface === 'leave' && beside.length > 0 ? beside : [...(surface ? [surface] : []), ...beside];
  const remedies = surface === 'replace' ? kept.filter((r) => WITH_NEW.has(r)) : kept;
  return {
    remedies,
    not: notSo(
      base,
      faults,
      remedies.some((r) => r !== 'leave'),
    ),
  };
}
