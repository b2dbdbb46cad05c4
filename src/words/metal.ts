import type { Zone } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import type { SpotTest } from '@/core/catalogue/spot-tests';
import type { Construction } from '@/core/catalogue/weak-spots';
import type { BodyOf } from '@/core/kinds';
import type { YearsToThrough } from '@/core/metal/forecast';
import type { SpotReading, SpotReason, SpotResults } from '@/core/metal/read-spot';
import type { SpotState } from '@/core/metal/spot-table';
import type { WeakPlace, WeakState } from '@/core/metal/weak-places';
import { plural } from './plural';
import { lookText } from './terms';
import type { Wording } from './vocabulary';
import { zoneWords } from './zones';

export const BUILD_WORDS: Readonly<Record<Construction, string>> = {
  frame: 'separate frame',
  unitary: 'unitary body',
  'aluminium-on-steel': 'aluminium skin on steel',
  'glass-fibre': 'glass fibre',
  wood: 'wood-framed body',
};

/** What a spot is. */
export const SPOT_STATE_WORDS: Readonly<Record<SpotState | 'undecided', string>> = {
  sound: 'sound',
  weathering: 'weathering only',
  'untouched-rust': 'rust that nobody has disguised',
  'disguised-repair': 'a disguised repair: filler, probably over rust',
  'patch-well': 'an old patch, well done',
  'patch-poorly': 'an old patch, poorly done',
  galvanic: 'aluminium swelling where it touches steel',
  'old-underseal': 'old underseal over sound metal',
  undecided: 'undecided',
};

/** What that means for whoever has to put it right. */
export const SPOT_MEANS: Readonly<Record<SpotState | 'undecided', string>> = {
  sound: '',
  weathering: 'Sand and prime.',
  'untouched-rust': 'A job for a patch; its extent is plain to see.',
  'disguised-repair': 'Its extent is not known until it is stripped.',
  'patch-well': '',
  'patch-poorly': 'To be cut out and done again.',
  galvanic: 'Hard stays stable for years, soft grows.',
  'old-underseal': 'Old protection: look again where it flakes.',
  undecided: '',
};

export const TEST_WORDS: Readonly<Record<SpotTest, string>> = {
  surface: 'Surface',
  magnet: 'Magnet',
  tap: 'Tap',
  film: 'Film nearby',
  wipe: 'Wipe',
  behind: 'Look behind',
  touch: 'Touch',
  press: 'Press gently',
};

/** What a test gave, in a word or two. */
export const RESULT_WORDS: Readonly<Record<SpotTest, Readonly<Record<string, string>>>> = {
  surface: {
    unbroken: 'unbroken',
    bubbles: 'bubbles',
    holes: 'holes',
    browned: 'bare, browned evenly',
    pitted: 'open and pitted',
    'white-swelling': 'white swelling',
    'flaking-underseal': 'underseal flaking',
    'fresh-underseal': 'underseal fresh',
    'neat-seam': 'a neat welded seam',
    'foreign-sheet': 'foreign sheet, rivets or brazing',
  },
  magnet: { holds: 'holds', weak: 'weakly', off: 'does not hold' },
  tap: { rings: 'rings', dull: 'dull' },
  film: { usual: 'usual', thick: 'thick', none: 'no reading' },
  wipe: { 'wipes-off': 'brown wipes off', stays: 'brown stays' },
  behind: { clean: 'clean', rusty: 'rusty', through: 'light through it', patched: 'patched' },
  touch: { dry: 'dry', damp: 'damp' },
  press: { hard: 'hard', gives: 'gives' },
};

export const resultWord = (test: SpotTest, result: string): string => RESULT_WORDS[test][result] ?? result;

/** "Magnet holds, tap dull". */
export function resultsText(results: SpotResults): string {
  return Object.entries(results)
    .map(([t, r]) => `${TEST_WORDS[t as SpotTest].toLowerCase()}: ${resultWord(t as SpotTest, r)}`)
    .join(', ');
}

/** The tests of a record, film apart, which is none of its own. */
export function spotResults(s: BodyOf<'spot'>): SpotResults {
  const { surface, magnet, tap, press, behind, touch, wipe } = s;
  return Object.fromEntries(Object.entries({ surface, magnet, tap, wipe, behind, touch, press }).filter(([, r]) => r));
}

/** "Magnet off, dull: 8 times likelier with filler". */
export const reasonText = ({ test, result, state, ratio }: SpotReason): string =>
  `${TEST_WORDS[test]}: ${resultWord(test, result)}; ${ratio >= 20 ? 'many' : ratio.toFixed(ratio < 3 ? 1 : 0)} times likelier if ${SPOT_STATE_WORDS[state]}`;

/** What the tests at a spot say together. */
export function readingText(reading: SpotReading): string {
  if (!reading.ok)
    return reading.reason === 'no-test'
      ? 'no test says anything here'
      : 'there is no rule for what this part is made of';
  if (reading.verdict === 'undecided')
    return reading.against.length > 0 ? 'undecided: the tests contradict each other' : 'undecided';
  const chance = Math.round(100 * reading.chances[reading.verdict]);
  return `${SPOT_STATE_WORDS[reading.verdict]} (${Math.min(99, chance)} %)`;
}

/** What is known of a weak place. */
export const WEAK_STATE_WORDS: Readonly<Record<WeakState, string>> = {
  unseen: 'nobody looked',
  sound: 'sound',
  rust: 'rust found',
  damp: 'damp',
  blocked: 'could not be seen',
};

export const weakText = (p: Pick<WeakPlace, 'state' | 'why'>): string =>
  p.state === 'blocked' ? lookText({ aspect: 'corrosion', status: 'blocked', why: p.why }) : WEAK_STATE_WORDS[p.state];

/** Why a place is asked for: what was found up its water. */
export function raisedText(p: WeakPlace, places: readonly WeakPlace[], wording: Wording): string {
  const from = p.raisedBy.flatMap((id) => places.find((o) => o.id === id) ?? []);
  if (from.length === 0) return '';
  const first = from[0]!;
  const more = from.length > 1 ? ` and ${plural(from.length - 1, 'other place', 'other places')}` : '';
  return `shares its water with ${zoneWords(first.zone, wording)}, ${first.where}${more}, where ${first.state === 'damp' ? 'it is damp' : 'rust was found'}`;
}

/** The hole that is foretold: of a car that has some already it is the next. */
export const holeText = (holed: boolean): string => (holed ? 'Next hole' : 'First hole');

/** "6 to 40 years, likely 17", "over 50 years". */
export function yearsText({ p10, p50, p90 }: YearsToThrough): string {
  if (p10 === null) return 'beyond 50 years';
  if (p10 === 0 && p90 === 0) return 'through by now';
  const year = (v: number) => (v < 1 ? '<1' : String(Math.round(v)));
  const likely = p50 === null ? '' : `, likely ${year(p50)}`;
  return `${year(p10)} to ${p90 === null ? 'beyond 50' : year(p90)} years${likely}`;
}

/** What a forecast always says of itself. */
/** What it means that metal is lost there: nothing is said of places that carry only themselves, or of a mere film. */
export function bearsText(flaw: string, zone: Pick<Zone, 'structural' | 'loadPath'> | undefined): string {
  const { family, stage = 0 } = flawById(flaw);
  if (family !== 'metal' || stage < OPEN_STAGE || !zone?.structural) return '';
  return zone.loadPath
    ? 'structural by place: it carries the car, its springs, steering or belts'
    : 'structural by place';
}
/** Stage from which metal is open or raised: what lies below that is of the surface. */
const OPEN_STAGE = 2;

export const FORECAST_SAYS =
  'A screening model (ISO 9223, ISO 9224): it ranks places and ways of keeping the car. It is no promise, and no test of roadworthiness: that is for the local tester.';
