import type { Base, PieceFault } from '../catalogue/pieces';

/** What can be done with a bright piece; and what must not. */
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
] as const;
export type PieceRemedy = (typeof PIECE_REMEDIES)[number];

export const NOT_SO = ['no-plating-of-stainless', 'no-polishing-through-anodising'] as const;
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
};
/** What is the same whatever it is made of. */
const ALWAYS: Readonly<Partial<Record<PieceFault, PieceRemedy>>> = {
  loose: 'refit',
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
  refill: 2,
  'straighten-polish': 3,
  're-plate': 4,
  're-anodise': 4,
  'straighten-re-plate': 5,
  'fill-plate-or-replace': 6,
  replace: 7,
};
/** Remedies that stand beside whatever is done to the surface. */
const BESIDE: ReadonlySet<PieceRemedy> = new Set(['refit', 'clean-behind', 'refill']);

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
  // A new piece needs neither filling nor cleaning.
  const remedies = surface === 'replace' ? kept.filter((r) => r === 'replace' || r === 'clean-behind') : kept;
  const touched = remedies.some((r) => r !== 'leave');
  return {
    remedies,
    not: !touched
      ? []
      : base === 'stainless'
        ? ['no-plating-of-stainless']
        : base === 'anodised'
          ? ['no-polishing-through-anodising']
          : [],
  };
}
