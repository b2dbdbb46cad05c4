import { z } from 'zod';
import { STYLES } from '../body/styles';

/** What a bright piece is made of: that decides how it fails and what can be done. */
export const BASES = [
  'chromed-steel',
  'chromed-zinc',
  'chromed-brass',
  'stainless',
  'anodised',
  'chromed-plastic',
  'painted',
] as const;
export type Base = (typeof BASES)[number];

/** What can be wrong with a bright piece. */
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
] as const;
export type PieceFault = (typeof PIECE_FAULTS)[number];

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
    'parcel-shelf': piece('parcel shelf', null, ['parcel'], SCARCE),
    jack: piece('jack', null, []),
    tools: piece('tool roll', null, [], SCARCE),
    'spare-wheel': piece('spare wheel', null, []),
    keys: piece('keys', null, []),
    books: piece('handbook and service book', null, [], SCARCE),
    spares: piece('spare parts that come along', null, []),
  },
};
