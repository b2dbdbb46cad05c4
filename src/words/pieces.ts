import { type NotSo, type PieceRemedy, pieceRemedies } from '@/core/bright/piece-remedy';
import type { Base, Piece, PieceFault, Presence } from '@/core/catalogue/pieces';
import type { BodyOf } from '@/core/kinds';

export const BASE_WORDS: Readonly<Record<Base, string>> = {
  'chromed-steel': 'chromed steel',
  'chromed-zinc': 'chromed die-cast zinc',
  'chromed-brass': 'chromed brass',
  stainless: 'stainless',
  anodised: 'anodised aluminium',
  'chromed-plastic': 'chromed plastic',
  painted: 'painted',
};

export const FAULT_WORDS: Readonly<Record<PieceFault, string>> = {
  pitted: 'pitted',
  rusty: 'rust bleeding',
  peeling: 'peeling',
  cloudy: 'cloudy',
  dented: 'dented',
  scratched: 'scratched',
  wavy: 'wavy below the plating',
  'over-polished': 'edges over-polished',
  'shade-differs': 'another shade than its neighbour',
  'rust-behind': 'rust behind',
  loose: 'loose',
  broken: 'broken',
  'infill-gone': 'infill gone',
};

export const PRESENCE_WORDS: Readonly<Record<Presence, string>> = {
  fitted: 'fitted',
  along: 'comes along, not fitted',
  missing: 'missing',
  wrong: 'not the right one',
};

export const PIECE_REMEDY_WORDS: Readonly<Record<PieceRemedy, string>> = {
  leave: 'leave as it is',
  clean: 'clean',
  're-plate': 're-plate',
  'straighten-re-plate': 'straighten and re-plate',
  'fill-plate-or-replace': 'hard to save: fill-plate by a specialist, or replace',
  'straighten-polish': 'straighten and polish',
  're-anodise': 'strip, polish and re-anodise',
  replace: 'replace',
  refill: 'refill the infill',
  refit: 'refit',
  'clean-behind': 'take off and treat what is behind',
};

export const NOT_SO_WORDS: Readonly<Record<NotSo, string>> = {
  'no-plating-of-stainless': 'stainless is not plated',
  'no-polishing-through-anodising': 'it cannot be polished through the film',
};

/** "Fitted, pitted and loose", "missing". */
export function pieceText({ presence, faults, count, replated, note }: BodyOf<'piece'>): string {
  return [
    PRESENCE_WORDS[presence],
    count === null ? '' : `${count} of them`,
    ...faults.map((f) => FAULT_WORDS[f]),
    replated === 'yes' ? 'plated again' : '',
    note,
  ]
    .filter(Boolean)
    .join(', ');
}

/** What puts a piece right, and what must not be done to it; empty where nothing is wrong. */
export function pieceRemedyText(of: Piece, faults: readonly PieceFault[]): string {
  if (!of.base || faults.length === 0) return '';
  const { remedies, not } = pieceRemedies(of.base, faults);
  const alone = of.small && remedies.some((r) => r.includes('plate')) ? ['a small piece that can be done alone'] : [];
  return [...remedies.map((r) => PIECE_REMEDY_WORDS[r]), ...alone, ...not.map((n) => NOT_SO_WORDS[n])].join('; ');
}

/** A piece with its place, said once where the place is the piece: "Front bumper", "Head lamp, left, bezel". */
export const pieceName = (place: string, name: string): string =>
  place === '' ? name : place.toLowerCase().includes(name.toLowerCase()) ? place : `${place}, ${name}`;
