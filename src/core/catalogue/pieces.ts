import { z } from 'zod';
import { STYLES } from '../body/styles';
import { FITTINGS } from '../body/styles/options';

/** What a piece is made of: that decides how it fails and what can be done. */
export const BASES = [
  'chromed-steel',
  'chromed-zinc',
  'chromed-brass',
  'stainless',
  'anodised',
  'chromed-plastic',
  'painted',
  'lens',
  'glass',
  'rubber',
  'felt',
  'fabric',
  'clear-plastic',
  'top-frame',
  'vinyl',
  'sliding-roof',
] as const;
export type Base = (typeof BASES)[number];

/** Where in the ledger a piece stands. */
export const PIECE_SORTS = ['bright', 'lamps', 'glass', 'seals', 'top', 'along'] as const;
export type PieceSort = (typeof PIECE_SORTS)[number];

/** Aspects under which pieces are looked at. */
export const PIECE_ASPECTS = ['brightwork', 'glass', 'rubber', 'trim'] as const;
export type PieceAspect = (typeof PIECE_ASPECTS)[number];

/** What can be wrong with a piece. */
export const PIECE_FAULTS = [
  'pitted',
  'rusty',
  'peeling',
  'cloudy',
  'dented',
  'scratched',
  'wavy',
  'over-polished',
  'shade-differs',
  'rust-behind',
  'loose',
  'broken',
  'infill-gone',
  'cracked',
  'crazed',
  'chipped',
  'moisture',
  'faded',
  'wiper-arc',
  'delaminated',
  'heater-broken',
  'tint-film',
  'sealer-smeared',
  'hardened',
  'torn',
  'painted-over',
  'pulled-out',
  'flattened',
  'worn',
  'seam-open',
  'stained',
  'shrunk',
  'yellowed',
  'bent',
  'latch-loose',
  'bubbled',
  'drain-blocked',
  'sealed-shut',
] as const;
export type PieceFault = (typeof PIECE_FAULTS)[number];

interface BaseFacts {
  readonly sort: PieceSort;
  readonly aspect: PieceAspect;
  /** What can be wrong with a piece of it, the usual first. */
  readonly faults: readonly PieceFault[];
}
const bright = (faults: readonly PieceFault[]): BaseFacts => ({ sort: 'bright', aspect: 'brightwork', faults });
const PLATED = ['pitted', 'rusty', 'peeling', 'cloudy', 'dented', 'scratched', 'wavy', 'over-polished'] as const;
const FIXED = ['shade-differs', 'rust-behind', 'loose', 'broken'] as const;

/** What follows from what a piece is made of. */
export const BASE_FACTS: Readonly<Record<Base, BaseFacts>> = {
  'chromed-steel': bright([...PLATED, ...FIXED]),
  'chromed-zinc': bright(['pitted', 'peeling', 'cloudy', 'scratched', 'over-polished', ...FIXED, 'infill-gone']),
  'chromed-brass': bright([...PLATED, ...FIXED]),
  stainless: bright(['dented', 'scratched', 'cloudy', 'over-polished', ...FIXED]),
  anodised: bright(['cloudy', 'scratched', 'dented', ...FIXED]),
  'chromed-plastic': bright(['peeling', 'cloudy', 'scratched', 'loose', 'broken']),
  painted: bright(['infill-gone', 'scratched', 'pitted', 'loose', 'broken']),
  lens: {
    sort: 'lamps',
    aspect: 'glass',
    faults: ['cracked', 'crazed', 'moisture', 'faded', 'chipped', 'shade-differs', 'loose', 'broken'],
  },
  glass: {
    sort: 'glass',
    aspect: 'glass',
    faults: [
      'chipped',
      'cracked',
      'wiper-arc',
      'delaminated',
      'scratched',
      'heater-broken',
      'moisture',
      'tint-film',
      'sealer-smeared',
    ],
  },
  rubber: {
    sort: 'seals',
    aspect: 'rubber',
    faults: ['hardened', 'cracked', 'torn', 'painted-over', 'pulled-out', 'flattened', 'rust-behind'],
  },
  felt: { sort: 'seals', aspect: 'rubber', faults: ['worn', 'torn', 'hardened', 'pulled-out'] },
  fabric: { sort: 'top', aspect: 'trim', faults: ['torn', 'seam-open', 'faded', 'stained', 'shrunk', 'worn'] },
  'clear-plastic': { sort: 'top', aspect: 'trim', faults: ['cloudy', 'yellowed', 'cracked', 'scratched', 'seam-open'] },
  'top-frame': { sort: 'top', aspect: 'trim', faults: ['bent', 'rusty', 'latch-loose', 'loose', 'worn'] },
  vinyl: {
    sort: 'top',
    aspect: 'trim',
    faults: ['bubbled', 'shrunk', 'seam-open', 'torn', 'faded', 'rust-behind'],
  },
  'sliding-roof': {
    sort: 'top',
    aspect: 'rubber',
    faults: ['hardened', 'drain-blocked', 'stained', 'loose', 'sealed-shut', 'rust-behind'],
  },
};

/** Where a piece stands in the ledger; without a base it only comes along. */
export const sortOf = ({ base }: Pick<Piece, 'base'>): PieceSort => (base ? BASE_FACTS[base].sort : 'along');
/** Under which aspect a piece is looked at. */
export const pieceAspectOf = ({ base }: Pick<Piece, 'base'>): PieceAspect =>
  base ? BASE_FACTS[base].aspect : 'brightwork';

/** Whether a piece is on the car, comes along, is not there, or is not the right one. */
export const PRESENCE = ['fitted', 'along', 'missing', 'wrong'] as const;
export type Presence = (typeof PRESENCE)[number];

export const PIECE_ID = /^[a-z][a-z0-9-]{1,40}$/;

const pieceSchema = z.object({
  name: z.string().min(2).max(80),
  /** What it is made of; null: no bright piece, only asked whether it is there. */
  base: z.enum(BASES).nullable(),
  /** Zones at which it sits, * for either side; none: it belongs to the car as a whole. */
  zones: z.array(z.string().regex(/^[a-z*]+(\.[a-z*]+){0,3}$/)),
  /** Body styles that have it; none: all. */
  styles: z.array(z.enum(STYLES.map((s) => s.slug) as [string, ...string[]])).default([]),
  /** Hard to find again. */
  scarce: z.boolean().default(false),
  /** A separate small piece that can be done alone. */
  small: z.boolean().default(false),
  /** It always fails on this model: a good one is worth saying. */
  fails: z.boolean().default(false),
  /** Makes that have it; none: all. */
  makes: z.array(z.string().max(80)).default([]),
  /** Only where that is fitted. */
  fitted: z.enum(FITTINGS).optional(),
});
export type Piece = z.infer<typeof pieceSchema>;

export const pieceTableSchema = z.object({
  source: z.string(),
  pieces: z.record(z.string().regex(PIECE_ID), pieceSchema),
});
export type PieceTable = z.infer<typeof pieceTableSchema>;

const piece = (name: string, base: Base | null, zones: string[], more: Partial<Piece> = {}): Piece => ({
  name,
  base,
  zones,
  styles: [],
  scarce: false,
  small: false,
  fails: false,
  makes: [],
  ...more,
});
const SMALL = { small: true };
const SCARCE = { scarce: true };
/** Styles whose roof does not fold. */
const CLOSED = STYLES.map((s) => s.slug).filter((s) => s !== 'convertible');

/** Pieces that most cars of the kind have, and what comes along. Starting values of the house. */
export const DEFAULT_PIECES: PieceTable = {
  source: 'house starting values; made-up models of the demo world',
  pieces: {
    'bumper-front': piece('bumper', 'chromed-steel', ['bumper.front']),
    'bumper-rear': piece('bumper', 'chromed-steel', ['bumper.rear']),
    overriders: piece('over-riders', 'chromed-steel', ['bumper.front', 'bumper.rear'], SMALL),
    grille: piece('grille', 'anodised', ['grille']),
    'grille-surround': piece('surround of the grille', 'chromed-zinc', ['grille'], SCARCE),
    'lamp-bezel': piece('bezel', 'chromed-zinc', ['lamp.*.head'], SMALL),
    'tail-bezel': piece('bezel', 'chromed-zinc', ['lamp.*.tail'], { ...SMALL, ...SCARCE, fails: true }),
    'nose-emblem': piece('emblem', 'chromed-zinc', ['panel.front', 'hood'], { ...SMALL, ...SCARCE }),
    'side-script': piece('script', 'chromed-zinc', ['fender.*'], { ...SMALL, ...SCARCE }),
    'side-moulding': piece('side moulding', 'stainless', ['door.*.front', 'quarter.*']),
    'door-handle': piece('handle', 'chromed-zinc', ['door.*.front', 'door.*.rear'], SMALL),
    'screen-trim': piece('trim of the screen', 'stainless', ['glass.windshield']),
    'rear-trim': piece('trim of the rear screen', 'stainless', ['glass.rear']),
    'gutter-trim': piece('trim of the gutter', 'stainless', ['roof']),
    mirror: piece('mirror', 'chromed-zinc', ['door.*.front'], SMALL),
    'wheel-cover': piece('wheel cover', 'stainless', ['wheel.*.front', 'wheel.*.rear'], SCARCE),
    'deck-handle': piece('handle or lock', 'chromed-zinc', ['deck', 'tailgate', 'hatch'], SMALL),
    'radiator-shell': piece('radiator shell', 'chromed-brass', ['grille'], { ...SCARCE, makes: ['Brannock'] }),
    'horn-ring': piece('horn ring', 'chromed-zinc', ['steering'], { ...SMALL, ...SCARCE }),
    'dash-trim': piece('trim of the dash', 'chromed-plastic', ['dash']),
    'radio-original': piece('radio of its time', null, ['dash'], SCARCE),
    lighter: piece('cigar lighter', null, ['dash'], SCARCE),
    ashtray: piece('ashtrays', null, ['dash'], SCARCE),
    'sill-plate': piece('sill plates', 'anodised', ['rocker.*'], SCARCE),
    'head-lens': piece('lens', 'lens', ['lamp.*.head']),
    'tail-lens': piece('lens', 'lens', ['lamp.*.tail'], SCARCE),
    pane: piece('pane', 'glass', [
      'glass.windshield',
      'glass.*.front',
      'glass.*.rear',
      'glass.*.cargo',
      'glass.*.quarter',
    ]),
    'rear-pane': piece('pane', 'glass', ['glass.rear'], { styles: CLOSED }),
    'pane-seal': piece('seal of the pane', 'rubber', ['glass.windshield', 'glass.rear', 'glass.*.cargo']),
    'window-channel': piece('felt channel', 'felt', ['glass.*.front', 'glass.*.rear']),
    'door-seal': piece('seal', 'rubber', ['door.*.front', 'door.*.rear']),
    'deck-seal': piece('seal', 'rubber', ['deck', 'hatch', 'tailgate']),
    'hood-seal': piece('seal', 'rubber', ['cowl']),
    'top-cloth': piece('cloth and seams', 'fabric', ['top']),
    'top-window': piece('window of the top', 'clear-plastic', ['glass.rear'], { styles: ['convertible'] }),
    'top-frame': piece('frame and latches', 'top-frame', ['frame.top']),
    'top-boot': piece('cover', 'fabric', ['boot.top'], SCARCE),
    'vinyl-cover': piece('vinyl covering', 'vinyl', ['roof'], { fitted: 'vinylRoof' }),
    'sliding-roof': piece('panel, seal and drains', 'sliding-roof', ['sunroof'], { fitted: 'sunroof' }),
    'parcel-shelf': piece('parcel shelf', null, ['parcel'], SCARCE),
    jack: piece('jack', null, []),
    tools: piece('tool roll', null, [], SCARCE),
    'spare-wheel': piece('spare wheel', null, []),
    keys: piece('keys', null, []),
    books: piece('handbook and service book', null, [], SCARCE),
    spares: piece('spare parts that come along', null, []),
  },
};
