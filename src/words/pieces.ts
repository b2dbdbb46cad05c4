import type { OddPane } from '@/core/bright/ledger';
import { type NotSo, type PieceRemedy, pieceRemedies } from '@/core/bright/piece-remedy';
import type { Base, Piece, PieceFault, PieceSort, Presence } from '@/core/catalogue/pieces';
import type { BodyOf } from '@/core/kinds';

export const BASE_WORDS: Readonly<Record<Base, string>> = {
  'chromed-steel': 'chromed steel',
  'chromed-zinc': 'chromed die-cast zinc',
  'chromed-brass': 'chromed brass',
  stainless: 'stainless',
  anodised: 'anodised aluminium',
  'chromed-plastic': 'chromed plastic',
  painted: 'painted',
  lens: 'lens of glass or plastic',
  glass: 'glass',
  rubber: 'rubber',
  felt: 'felt',
  fabric: 'cloth',
  'clear-plastic': 'clear plastic',
  'top-frame': 'steel frame',
  vinyl: 'vinyl on steel',
  'sliding-roof': 'steel, with seal and drains',
};

export const PIECE_SORT_WORDS: Readonly<Record<PieceSort, string>> = {
  bright: 'Bright pieces',
  lamps: 'Lamps and lenses',
  glass: 'Glass',
  seals: 'Seals',
  top: 'Top and roof',
  along: 'What comes along',
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
  cracked: 'cracked',
  crazed: 'crazed',
  chipped: 'chipped',
  moisture: 'moisture inside',
  faded: 'faded',
  'wiper-arc': 'wiper arcs',
  delaminated: 'milky at the edge: delaminated',
  'heater-broken': 'heater lines broken',
  'tint-film': 'tinted film on it',
  'sealer-smeared': 'sealer smeared at its edge',
  hardened: 'hardened',
  torn: 'torn',
  'painted-over': 'painted over',
  'pulled-out': 'pulled out at a corner',
  flattened: 'flattened',
  worn: 'worn',
  'seam-open': 'a seam open',
  stained: 'stained',
  shrunk: 'shrunk',
  yellowed: 'yellowed',
  bent: 'bent',
  'latch-loose': 'a latch does not pull down tight',
  bubbled: 'bubbled',
  'drain-blocked': 'a drain blocked',
  'sealed-shut': 'sealed shut on purpose',
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
  glazier: 'a glazier says whether it can be filled',
  're-seal': 'dry out and seal anew',
  'mend-line': 'mend the lines with conductive paint',
  'take-film-off': 'take the film off',
  sew: 'sew anew',
  straighten: 'straighten and adjust',
  'free-drain': 'free the drain',
};

export const NOT_SO_WORDS: Readonly<Record<NotSo, string>> = {
  'no-plating-of-stainless': 'stainless is not plated',
  'no-polishing-through-anodising': 'it cannot be polished through the film',
  'no-polishing-of-arcs': 'arcs that a nail feels are not polished out: it distorts the view',
};

/** "Fitted, pitted and loose", "missing". */
export function pieceText({
  presence,
  faults,
  count,
  replated,
  mark,
  code,
  etched,
  note,
}: Omit<BodyOf<'piece'>, 'mark' | 'code' | 'etched'> &
  Partial<Pick<BodyOf<'piece'>, 'mark' | 'code' | 'etched'>>): string {
  return [
    PRESENCE_WORDS[presence],
    count === null ? '' : `${count} of them`,
    ...faults.map((f) => FAULT_WORDS[f]),
    replated === 'yes' ? 'plated again' : '',
    mark ? `mark “${mark}”` : '',
    code ? `date code ${code}` : '',
    etched ? `etched “${etched}”` : '',
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

/** A pane that says otherwise than most do; what it may mean stays a question. */
export const oddPaneText = ({ line, says, most }: OddPane): string => {
  const own = line.record?.body[says] ?? '';
  return says === 'mark'
    ? `its mark is “${own}”, most panes bear “${most}”. Replaced? Ask.`
    : own === ''
      ? `not etched; most panes are, with “${most}”. Replaced? Ask.`
      : `etched “${own}”, most panes “${most}”. Replaced, or off another car? Ask.`;
};
