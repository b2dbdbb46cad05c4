import { z } from 'zod';
import { STRENGTHS } from '../balance/weigh';
import { CLAIM_KINDS } from '../kinds/claim';
import { defineTable } from '../model/table';

export type ClaimKind = (typeof CLAIM_KINDS)[number];

const outcomeSchema = z.object({
  says: z.string().min(3).max(160),
  /** Likelihood ratio: how many times likelier where the claim is true. */
  ratio: z.number().positive(),
  /** How often it shows where the claim is true. */
  ifTrue: z.number().min(0).max(1),
});
const MARK_ID = /^[a-z][a-z0-9-]*$/;

export const claimTableSchema = z
  .object({
    source: z.string(),
    /** Odds before anything was looked at, and, of claims about the whole car, from which share of it they can be carried. */
    kinds: z.record(
      z.enum(CLAIM_KINDS),
      z.object({
        odds: z.number().positive(),
        whole: z.number().min(0).max(1).nullable(),
        /** What paper would carry it, where looks at the car hardly can. */
        paper: z.string().max(200),
      }),
    ),
    /** Looks: what each can show, for which claims; marks of looks of one group share a cause. */
    looks: z.record(
      z.string().regex(MARK_ID),
      z.object({
        says: z.string().min(3).max(160),
        claims: z.array(z.enum(CLAIM_KINDS)).min(1),
        group: z.string().min(1).max(40),
        /** Taken by hand; or follows by itself from what was measured or entered elsewhere. */
        by: z.enum(['hand', 'record']),
        marks: z.record(z.string().regex(MARK_ID), outcomeSchema),
      }),
    ),
  })
  .refine(
    (t) => {
      const ids = Object.values(t.looks).flatMap((l) => Object.keys(l.marks));
      return new Set(ids).size === ids.length;
    },
    { message: 'each mark belongs to one look' },
  )
  .refine(
    (t) => Object.values(t.looks).every((l) => Object.values(l.marks).reduce((s, m) => s + m.ifTrue, 0) <= 1.0001),
    {
      message: 'what a look shows where the claim is true comes to 1 at most',
    },
  )
  .refine(
    (t) =>
      Object.values(t.looks).every((l) => Object.values(l.marks).reduce((s, m) => s + m.ifTrue / m.ratio, 0) <= 1.0001),
    { message: 'what a look shows where the claim is false comes to 1 at most' },
  );
export type ClaimTable = z.infer<typeof claimTableSchema>;
export type ClaimLook = ClaimTable['looks'][string];

const { weak, fair, strong } = STRENGTHS;
const proof = STRENGTHS['near-proof'];
type Marks = Record<string, readonly [says: string, ratio: number, ifTrue: number]>;
const look = (
  by: ClaimLook['by'],
  claims: readonly ClaimKind[],
  group: string,
  says: string,
  marks: Marks,
): ClaimLook => ({
  says,
  claims: [...claims],
  group,
  by,
  marks: Object.fromEntries(Object.entries(marks).map(([id, [s, ratio, ifTrue]]) => [id, { says: s, ratio, ifTrue }])),
});
const kind = (whole: number | null, paper = '', odds = 1) => ({ odds, whole, paper });

const PAINT: readonly ClaimKind[] = ['original-paint'];
const ENGINE: readonly ClaimKind[] = ['matching-engine'];
const HIT: readonly ClaimKind[] = ['never-hit'];

/** What speaks for and against what sellers say. Starting values of the house. */
export const DEFAULT_CLAIMS: ClaimTable = {
  source: 'house starting values; strengths 2, 4, 12, 50 and their inverses',
  kinds: {
    'original-paint': kind(0.9),
    'original-colour': kind(null, 'a build record, or the paint code on the plate'),
    'matching-engine': kind(null, 'a build record that names the engine'),
    mileage: kind(null, 'service and inspection records year by year'),
    'no-rust': kind(0.9),
    'never-hit': kind(0.8, 'an insurer’s record'),
    restored: kind(null, 'bills and photographs of the work'),
    owners: kind(null, 'registrations one after another'),
    'special-model': kind(null, 'a build record of the works'),
    'everything-works': kind(0.9),
    'part-replaced': kind(null, 'the bill of it'),
    other: kind(null),
  },
  looks: {
    film: look('record', PAINT, 'film', 'the film over all panels', {
      'film-works-throughout': ['the film is as from the works on nearly all panels', strong, 0.6],
      'film-works-mostly': ['the film is as from the works on most panels', fair, 0.28],
      'film-panel-later': ['the film of a panel says later paint', 1 / strong, 0.035],
      'film-panel-filled': ['the film of a panel says filler', 1 / proof, 0.008],
    }),
    'paint-jamb': look('record', PAINT, 'jamb', 'the colour in the jambs', {
      'jamb-same-colour': ['jambs and outside have one colour', weak, 0.8],
      'jamb-other-colour': ['a jamb has another colour than the outside', 1 / strong, 0.03],
    }),
    'paint-fasteners': look('record', [...PAINT, ...HIT], 'fasteners', 'the bolts of doors and wings', {
      'bolts-undisturbed': ['painted bolts were never turned', weak, 0.7],
      'bolts-turned': ['bolts were turned', 1 / fair, 0.15],
    }),
    'paint-traces': look('record', PAINT, 'traces', 'overspray, masking lines, dust, what lies under chips', {
      'traces-of-spraying': ['overspray, a masking edge or another colour below', 1 / strong, 0.03],
      'signs-of-the-works': ['runs, labels or stripes as the works left them', fair, 0.5],
    }),
    'paint-colour': look('record', PAINT, 'measured-colour', 'the colour of panels measured against each other', {
      'colours-alike': ['panels measured against each other have one colour', weak, 0.5],
      'colours-differ': ['a panel measures another colour than the one beside it', 1 / fair, 0.06],
    }),
    'colour-plate': look('hand', ['original-colour'], 'plate', 'the paint code on the plate', {
      'colour-code-same': ['the plate’s paint code is this colour', strong, 0.85],
      'colour-code-other': ['the plate’s paint code is another colour', 1 / proof, 0.01],
    }),
    'colour-hidden': look('hand', ['original-colour'], 'hidden', 'below trim, carpet and seals', {
      'colour-hidden-same': ['the same colour where nobody repaints', fair, 0.8],
      'colour-hidden-other': ['another colour where nobody repaints', 1 / proof, 0.01],
    }),
    'engine-number': look('record', ENGINE, 'number', 'the engine’s number', {
      'engine-by-rule': ['its number is this car’s by the make’s rule', proof, 0.9],
      'engine-another': ['by the make’s rule it is another engine', 1 / proof, 0.01],
      'engine-type-and-year': ['right type, a number of the right year', fair, 0.05],
      'engine-type-other-year': ['right type, a number of another year', 1 / strong, 0.01],
      'engine-other-type': ['another type', 1 / proof, 0.005],
    }),
    'engine-stamping': look('record', ENGINE, 'stamp', 'the ground round the engine’s stamp', {
      'stamp-undisturbed': ['the ground round the stamp is as it was machined', fair, 0.85],
      'stamp-ground': ['the ground was cut down or the number stamped over', 1 / proof, 0.01],
    }),
    'engine-casting': look('record', ENGINE, 'casting', 'the casting date of the block', {
      'casting-fits': ['the block was cast in the time before the car', fair, 0.9],
      'casting-late': ['the block was cast after the car was built', 1 / proof, 0.002],
      'casting-early': ['the block was cast long before the car', 1 / fair, 0.05],
    }),
    'odometer-chain': look('record', ['mileage'], 'chain', 'readings on dated papers', {
      'chain-carries': ['a chain of readings comes to it', strong, 0.5],
      'chain-contradicts': ['no history of the readings comes to it', 1 / proof, 0.005],
    }),
    'mileage-wear': look('hand', ['mileage'], 'wear', 'wear of pedals, wheel, seat and belts', {
      'wear-fits': ['the wear fits the distance', weak, 0.8],
      'wear-too-much': ['more worn than the distance', 1 / fair, 0.12],
    }),
    'odometer-figures': look('hand', ['mileage'], 'clock', 'figures and screws of the odometer', {
      'odometer-untouched': ['figures stand in line, screws were not turned', 1.3, 0.8],
      'odometer-disturbed': ['figures stand out of line, or its screws were turned', 1 / fair, 0.05],
    }),
    rust: look('record', ['no-rust'], 'rust', 'rust on the whole car', {
      'rust-through': ['rust deeper than the surface was found', 1 / proof, 0.005],
      'rust-surface': ['rust on the surface was found', 1 / fair, 0.15],
      'weak-spots-sound': ['nearly all places where such cars rust were seen, and are sound', strong, 0.5],
      'weak-spots-partly': ['most places where such cars rust were seen, and are sound', fair, 0.25],
    }),
    'rust-repairs': look('record', ['no-rust'], 'repairs', 'old patches and disguised repairs', {
      'old-patches': ['old patches were found', 1 / strong, 0.03],
      'metal-tests-sound': ['tests of the metal say untouched', weak, 0.4],
    }),
    structure: look('record', HIT, 'structure', 'rails and inner panels', {
      'structure-bent': ['a rail is bent, a corner was replaced', 1 / proof, 0.005],
      'panels-filled': ['a panel was filled', 1 / fair, 0.06],
      'panels-later': ['a panel was painted later', 1 / weak, 0.2],
      'panels-untouched': ['all panels measured are as from the works', fair, 0.4],
    }),
    gaps: look('record', HIT, 'gaps', 'gaps and panels against their twins', {
      'gaps-good': ['doors and lids hang as they should', weak, 0.5],
      'gaps-past-adjusting': ['a door or lid is past what its hinges can adjust', 1 / fair, 0.08],
    }),
    'work-seen': look('record', ['restored'], 'work', 'the work itself', {
      'work-entered': ['the work was seen and entered by system', fair, 0.7],
      'work-not-seen': ['nothing of it shows', 1 / strong, 0.05],
    }),
    'work-papers': look('record', ['restored', 'part-replaced'], 'papers', 'bills and photographs of the work', {
      'work-on-paper': ['bills or photographs of it were seen', strong, 0.5],
    }),
    'owners-papers': look('record', ['owners'], 'papers', 'registrations', {
      'owners-by-papers': ['papers name as many owners as are told', proof, 0.5],
      'owners-more': ['papers name more owners than are told', 1 / proof, 0.005],
    }),
    'special-code': look('hand', ['special-model'], 'code', 'the code of the model on the plate', {
      'special-code-says': ['the plate’s code is that model', strong, 0.8],
      'special-code-other': ['the plate’s code is another model', 1 / proof, 0.01],
    }),
    'special-traits': look('hand', ['special-model'], 'traits', 'what such a model alone has', {
      'special-traits-seen': ['its own brakes, instruments or fittings are there', fair, 0.85],
      'special-traits-lacking': ['what such a model has is not there', 1 / strong, 0.06],
    }),
    'plate-held': look('record', ['special-model', ...ENGINE, 'original-colour'], 'plate', 'how the plate is held', {
      'plate-rivets-works': ['the plate sits on the rivets of the works', weak, 0.9],
      'plate-disturbed': ['the plate was off, or is another', 1 / fair, 0.03],
    }),
    works: look('record', ['everything-works'], 'functions', 'everything that should work', {
      'all-tried-works': ['everything was tried, and works', proof, 0.9],
      'tried-works': ['what was tried works', weak, 0.08],
      'something-does-not': ['something does not work', 1 / proof, 0.01],
    }),
    'part-look': look('record', ['part-replaced'], 'part', 'the part itself', {
      'part-newer': ['a part of that kind is not the works’', fair, 0.8],
      'part-original': ['the part is the works’', 1 / strong, 0.03],
    }),
  },
};

export const claimTable = defineTable<ClaimTable>({
  stored: 'claims',
  schema: claimTableSchema,
  defaults: DEFAULT_CLAIMS,
});
