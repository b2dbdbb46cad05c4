import type { Aspect, Need } from '@/core/body/zone';
import type { Axis } from '@/core/catalogue/axes';
import type { LensDifference } from '@/core/grade/lens-difference';
import type { Lens } from '@/core/grade/tables';
import type { Gate } from '@/core/judge/models';
import type { BlockedBy } from '@/core/kinds/look';
import { plural } from './plural';
import { ASPECT_WORDS } from './terms';
import { type Both, pick, type Vocabulary } from './vocabulary';

export const AXIS_WORDS: Readonly<Record<Axis, string>> = {
  finish: 'finish',
  fit: 'fit',
  brightwork: 'brightwork',
  metal: 'metal',
  'glass-soft': 'glass and soft parts',
  cabin: 'cabin',
  running: 'running and function',
  underside: 'underside',
  authenticity: 'authenticity',
};

export const LENS_WORDS: Readonly<Record<Lens, string>> = {
  keeper: 'originality first',
  tourer: 'use first',
  show: 'finish first',
  project: 'completeness and metal first',
};

export const GATE_WORDS: Readonly<Record<Gate, string>> = {
  'structural-loss':
    'Structural loss caps the whole. Tell the consignment manager now; it stands on the report’s first page.',
  'unsafe-brakes': 'Unsafe brakes cap running. The car is not to be driven.',
  'numbers-differ': 'Numbers on the car differ from each other: authenticity is capped.',
  'another-engine': 'With another engine than the car’s own authenticity is capped.',
  'no-identity': 'Without a chassis number authenticity is capped.',
};

/** What ends the use of a car, said first. */
const ENDING_WORDS: Readonly<Record<Need, Both>> = {
  engine: 'The engine does not run.',
  brakes: 'The brakes do not hold. The car is not to be driven.',
  screen: { us: 'There is no windshield.', gb: 'There is no windscreen.' },
  'rear-lamps': 'No lamp works at the back.',
  tires: { us: 'There are tires that cannot be driven on.', gb: 'There are tyres that cannot be driven on.' },
};

/** What ends the use of a car; its bare name where this program has no words for it. */
export const endingText = (need: string, words: Vocabulary): string => {
  const own = ENDING_WORDS[need as Need];
  return own === undefined ? need : pick(own, words);
};

/** What a band promises to a bidder; none for bands that a house named itself. */
const BAND_PROMISES: Readonly<Record<string, string>> = {
  Exhibit: 'nothing to do; flaws are found only by looking for them at arm’s length',
  Proud: 'flaws show within a metre; everything works but for a trifle; no hole, no filler showing',
  Honest:
    'presentable and used: flaws show from two metres, a few functions out, seals and trim worn; no hole that lets water in, nothing structural',
  Working: 'usable but tired: panels need paint, holes in places that carry no load, leaks, several functions out',
  Project:
    'cannot be used as it stands, or rusted through in several places, or a load path weakened, or stripped of what is hard to find',
  Donor: 'worth its parts',
};
export const bandPromise = (band: string): string | null => BAND_PROMISES[band] ?? null;

/** From where a band's word lets flaws show, metres; house values, as its promise says. */
const BAND_SHOWS_FROM_M: Readonly<Record<string, number>> = { Exhibit: 0.7, Proud: 1, Honest: 2 };

/** What must be said beside a band's promise where a car shows its faults from farther than that; null where it does not. */
export function bandCaveat(band: string, lens: Lens, presentsFromM: number): string | null {
  const from = BAND_SHOWS_FROM_M[band];
  return from === undefined || presentsFromM <= from
    ? null
    : `On this car faults are noticed from ${presentsFromM} m: the ${lens} lens puts ${LENS_WORDS[lens]}.`;
}

/** What must be had before a blocked place can be looked at. */
export const UNBLOCK_WORDS: Readonly<Record<BlockedBy, string>> = {
  locked: 'unlock it first',
  'no-key': 'get the key first',
  'no-lift': 'needs a lift or a pit',
  wet: 'needs it dry',
  dirty: 'needs it washed',
  'trim-on': 'needs trim off: ask the owner',
  owner: 'ask the owner again',
  weather: 'needs better weather',
  time: 'needs time',
  obstructed: 'clear the way first',
  other: 'blocked: see the note',
};

/** The same, or the bare reason where this program has no words for it. */
export const unblockText = (why: string): string => UNBLOCK_WORDS[why as BlockedBy] ?? why;

/** What is no finding is told as what it is: a chance by the film’s thickness says of no place that it was filled or painted. */
const MEASURED_WORDS: Readonly<Record<string, Both>> = {
  paint: { us: 'film thickness and color', gb: 'film thickness and colour' },
  corrosion: 'chance of filler by the film’s thickness',
  shape: 'waves in reflections',
  fit: 'gaps and flushness',
  originality: 'chance that paint is not the works’',
  function: 'functions, fluids and running as found',
  tire: { us: 'tires by age and tread', gb: 'tyres by age and tread' },
  brightwork: 'bright pieces as they are',
  leaks: 'what leaks',
  completeness: 'pieces that are not on the car',
};

/** What is told by how many things it is, not by places. */
const COUNTED_WORDS: Readonly<Record<string, (n: number) => string>> = {
  functions: (n) => plural(n, 'function that does not work as it should', 'functions that do not work as they should'),
  fluids: (n) => plural(n, 'fluid as it was found', 'fluids as they were found'),
  'running-gear': (n) => `${plural(n, 'part')} of the running gear`,
  running: () => 'how it starts, runs and drives',
};

/** A record of a major part that something was lost for. */
const PART = /^part (.+)$/;

interface Told {
  readonly by: string;
  readonly of: string | null;
  readonly places: number;
  readonly n: number;
}

/** At how many places; none is named where each lost hardly anything. */
const atPlaces = ({ places, n }: Pick<Told, 'places' | 'n'>): string =>
  places > 0 ? plural(places, 'place') : `a little at each of ${plural(n, 'place')}`;

/** What was lost by a measure or a statement. */
function measuredText({ of, places, n }: Told, words: Vocabulary, partSays: (record: string) => string | null): string {
  const part = PART.exec(of ?? '')?.[1];
  if (part !== undefined) return partSays(part) ?? 'a major part, by how it came to the car';
  const counted = COUNTED_WORDS[of ?? ''];
  if (counted) return counted(n);
  const what = MEASURED_WORDS[of ?? ''] ?? ASPECT_WORDS[of as Aspect];
  const name = what === undefined ? (of ?? 'measured') : pick(what, words);
  return `${name}, ${atPlaces({ places, n })}`;
}

/** What an axis lost, where no finding says it; `partSays` tells of a major part by its record. */
export function lossText(loss: Told, words: Vocabulary, partSays: (record: string) => string | null): string {
  switch (loss.by) {
    case 'measured':
      return measuredText(loss, words, partSays);
    case 'unseen':
      return `${atPlaces(loss)} not wholly seen: as on such cars of its age`;
    case 'missed':
      return 'what any look can miss';
    case 'ends':
      return 'the car cannot be used';
    case 'cap':
      return 'held down by what is said above';
    default:
      return `${loss.n} smaller things`;
  }
}

const listed = (names: readonly string[]) => names.join(' and ');

/** Why the schools disagree about a car, in one sentence. */
export function lensDifferenceText(d: LensDifference | null): string {
  if (!d) return 'The four lenses nearly agree on this car.';
  const why = d.axes.length > 0 ? `, most of it for ${listed(d.axes.map((a) => AXIS_WORDS[a]))}` : '';
  return `The ${d.hardest} lens (${LENS_WORDS[d.hardest]}) puts this car ${Math.round(d.points)} points below the ${d.kindest} lens (${LENS_WORDS[d.kindest]})${why}.`;
}

/** The first thing a reader must know where structure is lost; the house is told to tell its manager instead. */
const FIRST_OF_ALL: Readonly<Partial<Record<Gate, string>>> = {
  'structural-loss':
    'Structural loss was found. The car is not to be driven or lifted by it before a qualified repairer has seen it.',
};

/** What a report says of a gate; its bare name where this program has no words for it. */
export const gateText = (gate: string): string => FIRST_OF_ALL[gate as Gate] ?? GATE_WORDS[gate as Gate] ?? gate;

/** A grade's interval in whole points; a grade that a gate holds down reads as at most that much. */
export function gradeFigures(grade: { readonly low: number | null; readonly high: number | null }): string {
  const [low, high] = [Math.round(grade.low ?? 0), Math.round(grade.high ?? 100)];
  return low === high ? `≤ ${high}` : `${low}–${high}`;
}

/**
 * The word of a grade's band, or the words of the bands that its interval touches; with a question mark where much was not
 * seen, and no word at all below the share that the tables ask for. Reports sealed before there was such a share have none.
 */
export function bandText(band: string | readonly string[], seen: number, fromSeen = 0): string {
  if (seen < fromSeen) return 'Too little seen';
  const words = [band].flat();
  const said = words.length > 2 ? `${words[0]} to ${words[words.length - 1]}` : words.join(' or ');
  return seen < MUCH_SEEN ? `${said}?` : said;
}

/** The same in a sentence that says how much was seen. */
export const bandInProse = (band: string | readonly string[], seen: number): string =>
  bandText(band, 1) + (seen < MUCH_SEEN ? ' by what was seen' : '');

/** Said beside a band that bears a question mark; nothing beside others. */
export const bandDoubt = (seen: number, fromSeen = 0): string =>
  seen >= fromSeen && seen < MUCH_SEEN
    ? `The question mark: less than ${Math.round(MUCH_SEEN * 100)} % of all places were seen.`
    : '';

/** Whether a rank among cars of its age may be said. */
export const rankIsSaid = (seen: number, fromSeen: number): boolean => seen >= fromSeen;

/** Share of all places seen from which a band stands without a question mark. */
const MUCH_SEEN = 0.9;
