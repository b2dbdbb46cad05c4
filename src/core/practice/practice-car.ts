import { type Plan, planOf } from '../body/plan';
import { flawById } from '../catalogue/flaws/by-id';
import { DEFAULT_FUNCTIONS } from '../catalogue/functions';
import { functionsOf, isAsked } from '../functions/list';
import type { PaintState } from '../paint/profiles';
import { type MadeFinding, makeCar } from '../population/made-car';
import { type Random, seeded } from '../stats/random';

/** What a seller is like: says what holds, what he hopes, or whatever sells. */
export const CHARACTERS = ['honest', 'hopeful', 'hiding'] as const;
export type Character = (typeof CHARACTERS)[number];

/** What a practice car is made from. */
export interface PracticeWish {
  readonly seed: number;
  readonly style: string;
  readonly ageYears: number;
  /** Corrosivity of where it was kept, 1 to 5 (ISO 9223, C1 to C5). */
  readonly climate: 1 | 2 | 3 | 4 | 5;
  readonly seller: Character;
}
export type FunctionTruth = 'works' | 'poor' | 'dead';
export type PracticeClaimKind = 'original-paint' | 'no-rust' | 'never-hit' | 'everything-works';
export interface PracticeClaim {
  readonly kind: PracticeClaimKind;
  readonly text: string;
  readonly holds: boolean;
}
/** What is so of a practice car, hidden until its inspection is closed. */
export interface PracticeTruth extends PracticeWish {
  readonly make: string;
  readonly model: string;
  readonly colour: string;
  readonly colourHex: string;
  readonly chassisNumber: string;
  readonly findings: readonly MadeFinding[];
  readonly panels: Readonly<Record<string, PaintState>>;
  readonly functions: Readonly<Record<string, FunctionTruth>>;
  readonly claims: readonly PracticeClaim[];
}

/** Names of practice cars, of the demo world's kind: none is a real maker's. */
const NAMES: Readonly<Record<string, readonly [make: string, model: string]>> = {
  fastback: ['Quillon', 'Halyard'],
  saloon2: ['Quillon', 'Halyard'],
  saloon4: ['Quillon', 'Halyard'],
  convertible: ['Sarvane', 'Lido'],
  hardtop: ['Sarvane', 'Lido'],
  estate: ['Brannock', 'Eleven'],
  utility: ['Aldmoor', 'Fellman'],
  pickup: ['Haskett', 'Dray'],
  van: ['Tolve', 'Carrier'],
  sports: ['Ormelle', 'Vireo'],
};
const OLD = ['Brannock', 'Eleven'] as const;
/** From which age on only one of the made makes built cars, years. */
const PRE_WAR = 80;
const COLOURS: readonly (readonly [name: string, hex: string])[] = [
  ['slate blue', '#48617c'],
  ['moss green', '#4d6446'],
  ['oxide red', '#8a3d33'],
  ['pale ivory', '#d9cfb4'],
  ['dove grey', '#8b9093'],
  ['straw yellow', '#cbb565'],
];

/** Faults of function stand with the functions themselves. */
const OF_FUNCTIONS: ReadonlySet<string> = new Set(['inoperative', 'works-poorly']);
/** What says that something ran into it. */
const OF_A_HIT: ReadonlySet<string> = new Set(['impact-damage', 'filler-visible', 'structural-loss']);

/** From which share of works' panels a hopeful seller calls the paint original, and of how many faults rust is "nothing". */
const HOPE = { source: 'house starting values', panels: 0.6, rust: 2, dead: 2 } as const;

/** What each thing that should work does: as many at a place as was found wrong there, drawn among those that stand there. */
function functionsOfTruth(random: Random, plan: Plan, found: readonly MadeFinding[]): Record<string, FunctionTruth> {
  const lines = functionsOf(plan, [], null, DEFAULT_FUNCTIONS).filter(isAsked);
  const truth: Record<string, FunctionTruth> = Object.fromEntries(lines.map((l) => [l.id, 'works']));
  for (const f of found) {
    const here = lines.filter((l) => l.zone === f.zone && truth[l.id] === 'works');
    for (let n = Math.min(f.count, here.length); n > 0; n--) {
      const [line] = here.splice(Math.floor(random() * here.length), 1);
      truth[line!.id] = f.flaw === 'inoperative' ? 'dead' : 'poor';
    }
  }
  return truth;
}

const SAYS: Readonly<Record<PracticeClaimKind, string>> = {
  'original-paint': 'Original paint throughout, never resprayed.',
  'no-rust': 'No rust anywhere.',
  'never-hit': 'Never been in an accident.',
  'everything-works': 'Everything works.',
};

/** What a seller of a character says of a car, and whether it holds. */
export function claimsOf(
  seller: Character,
  { findings, panels, functions }: Pick<PracticeTruth, 'findings' | 'panels' | 'functions'>,
): PracticeClaim[] {
  const states = Object.values(panels);
  const factory = states.filter((s) => s === 'factory').length / Math.max(1, states.length);
  const rust = findings.filter((f) => flawById(f.flaw).stage !== undefined).length;
  const hit = states.includes('filled') || findings.some((f) => OF_A_HIT.has(f.flaw));
  const bad = Object.values(functions).filter((s) => s !== 'works').length;
  const facts: readonly (readonly [PracticeClaimKind, holds: boolean, hoped: boolean])[] = [
    ['original-paint', factory === 1, factory >= HOPE.panels],
    ['no-rust', rust === 0, rust <= HOPE.rust],
    ['never-hit', !hit, true],
    ['everything-works', bad === 0, bad <= HOPE.dead],
  ];
  return facts
    .filter(([, holds, hoped]) => seller === 'hiding' || holds || (seller === 'hopeful' && hoped))
    .map(([kind, holds]) => ({ kind, text: SAYS[kind], holds }));
}

/**
 * A made car with all that is so of it: what there is to find, each panel's paint, what works, what the seller says and whether
 * it holds. The same for the same wish. Null for a style that has no plan.
 */
export function practiceTruth(wish: PracticeWish): PracticeTruth | null {
  const plan = planOf(wish.style);
  if (!plan) return null;
  const random = seeded(wish.seed);
  const made = makeCar(random, plan, wish.ageYears, wish.climate - 1);
  const functions = functionsOfTruth(
    random,
    plan,
    made.findings.filter((f) => OF_FUNCTIONS.has(f.flaw)),
  );
  const findings = made.findings.filter((f) => !OF_FUNCTIONS.has(f.flaw));
  const panels = Object.fromEntries(made.panels);
  const [colour, colourHex] = COLOURS[Math.floor(random() * COLOURS.length)]!;
  const [make, model] = wish.ageYears < PRE_WAR ? (NAMES[wish.style] ?? OLD) : OLD;
  return {
    ...wish,
    make,
    model,
    colour,
    colourHex,
    chassisNumber: `P${String(Math.floor(random() * 1e6)).padStart(6, '0')}`,
    findings,
    panels,
    functions,
    claims: claimsOf(wish.seller, { findings, panels, functions }),
  };
}
