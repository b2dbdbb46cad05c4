import type { Plan } from '@/core/body/plan';
import { ASPECTS, type Aspect, type View } from '@/core/body/zone';
import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import type { BlockedBy } from '@/core/kinds/look';
import { FLAW_WORDS } from '@/words/flaws';
import { ASPECT_WORDS } from '@/words/terms';

/** A zone taken apart: its part, its side, its end. */
export interface ZoneKey {
  readonly part: string;
  readonly side: 'left' | 'right' | null;
  readonly end: 'front' | 'rear' | null;
}

const ENDS = new Set(['front', 'rear']);

const KEYS = new Map<string, ZoneKey>();

/** A zone's slug taken apart; each once. */
export function zoneKey(slug: string): ZoneKey {
  const held = KEYS.get(slug);
  if (held) return held;
  const key = takenApart(slug);
  KEYS.set(slug, key);
  return key;
}

function takenApart(slug: string): ZoneKey {
  const pieces = slug.split('.');
  const side = (pieces.find((p) => p === 'left' || p === 'right') ?? null) as ZoneKey['side'];
  const end = (pieces.find((p) => ENDS.has(p)) ?? null) as ZoneKey['end'];
  return { part: pieces.filter((p) => p !== side && p !== end).join('.'), side, end };
}

/** What people call the parts, in both vocabularies; several words are matched longest first. */
export const PART_PHRASES: Readonly<Record<string, readonly string[]>> = {
  hood: ['hood', 'bonnet'],
  cowl: ['cowl', 'scuttle'],
  roof: ['roof'],
  deck: ['deck', 'deck lid', 'decklid', 'trunk lid', 'boot lid', 'bootlid', 'trunklid'],
  'deck.inner': ['deck inside', 'boot lid inside', 'trunk lid inside', 'inside boot lid', 'inside trunk lid'],
  panel: ['panel', 'tail panel', 'nose panel'],
  valance: ['valance'],
  bumper: ['bumper'],
  grille: ['grille', 'grill'],
  fender: ['fender', 'wing', 'front wing'],
  door: ['door'],
  quarter: ['quarter', 'quarter panel', 'qtr', 'rear wing', 'rear fender'],
  bed: ['bed', 'bed side'],
  'bed.floor': ['bed floor'],
  tailgate: ['tailgate', 'tail gate'],
  corner: ['cab corner', 'corner'],
  top: ['top', 'soft top', 'softtop', 'convertible top'],
  'boot.top': ['top boot', 'top cover', 'hood cover', 'tonneau'],
  'frame.top': ['top frame', 'hood frame', 'top bows'],
  'well.top': ['top well', 'hood well'],
  skirt: ['skirt', 'fender skirt', 'spat', 'wheel spat'],
  sunroof: ['sunroof', 'sun roof', 'sliding roof'],
  side: ['side panel', 'load door', 'sliding door', 'cargo door'],
  hatch: ['hatch', 'rear hatch'],
  'hatch.inner': ['hatch inside', 'inside hatch'],
  'lid.engine': ['engine lid', 'engine cover'],
  bay: ['engine bay side'],
  'tailgate.inner': ['tailgate inside', 'inside tailgate'],
  'pillar.b': ['b pillar', 'b-pillar', 'door pillar'],
  'pillar.d': ['d pillar', 'd-pillar', 'rear pillar'],
  'glass.cargo': ['load glass', 'cargo glass', 'cargo window'],
  'load.floor': ['load floor', 'cargo floor', 'load bed'],
  load: ['load side', 'cargo side'],
  bench: ['side bench'],
  footwell: ['footwell outside', 'bulkhead footwell'],
  outrigger: ['outrigger', 'body mount'],
  fork: ['fork', 'backbone fork'],
  backbone: ['backbone', 'backbone frame'],
  rocker: ['rocker', 'sill', 'rocker panel'],
  'rocker.inner': ['inner rocker', 'inner sill'],
  'pillar.a': ['a pillar', 'a-pillar', 'apillar', 'pillar', 'windscreen pillar', 'windshield pillar'],
  'glass.windshield': ['windshield', 'windscreen', 'screen', 'front screen'],
  glass: ['glass', 'side glass', 'window', 'side window', 'door glass', 'quarter glass'],
  'lamp.head': ['head lamp', 'headlamp', 'head light', 'headlight'],
  'lamp.tail': ['tail lamp', 'taillamp', 'tail light', 'taillight', 'rear lamp', 'rear light'],
  wheel: ['wheel', 'tyre', 'tire', 'rim', 'hubcap', 'hub cap', 'wheel trim', 'wheel cover'],
  crossmember: ['crossmember', 'cross member'],
  rail: ['rail', 'chassis rail', 'frame rail', 'leg', 'chassis leg'],
  housing: ['wheel housing', 'wheel arch', 'inner arch', 'wheel tub', 'wheel well'],
  floor: ['floor', 'floor pan', 'floorpan'],
  tunnel: ['tunnel'],
  tank: ['tank', 'fuel tank', 'petrol tank', 'gas tank'],
  'trunk.floor': ['trunk floor', 'boot floor'],
  'support.radiator': ['radiator support', 'slam panel', 'front support'],
  radiator: ['radiator', 'rad'],
  apron: ['apron', 'inner wing', 'inner fender', 'fender apron'],
  engine: ['engine', 'motor'],
  battery: ['battery', 'battery tray'],
  'reservoir.brake': ['brake reservoir', 'brake fluid', 'master cylinder'],
  bulkhead: ['bulkhead', 'firewall'],
  dash: ['dash', 'dashboard', 'dash top', 'instruments'],
  steering: ['steering wheel', 'steering'],
  card: ['door card', 'door panel', 'door trim', 'card'],
  carpet: ['carpet', 'footwell', 'mat'],
  console: ['console'],
  seat: ['seat', 'bench'],
  parcel: ['parcel shelf', 'package shelf', 'parcel tray'],
  headliner: ['headliner', 'headlining', 'roof lining'],
  'trunk.panel': ['trunk front panel', 'boot front panel', 'seat back panel'],
  trunk: ['trunk side', 'boot side'],
  'trunk.mat': ['trunk mat', 'boot mat', 'boot carpet', 'trunk carpet'],
  'trunk.well': ['spare wheel well', 'spare tire well', 'spare well', 'wheel well', 'spare tyre well'],
  'trunk.gutter': ['boot gutter', 'trunk gutter', 'gutter'],
};

/** Names of whole views, for looks at everything in them. */
export const VIEW_PHRASES: Readonly<Record<View, readonly string[]>> = {
  outside: ['outside', 'exterior', 'whole outside'],
  underneath: ['underneath', 'underside', 'under'],
  engine: ['engine bay', 'enginebay'],
  cabin: ['cabin', 'interior', 'inside'],
  trunk: ['trunk', 'boot'],
};

/** Side and end words; two-letter shorts carry both. The driver's and kerb sides are resolved by the wording. */
export const SIDE_PHRASES: Readonly<
  Record<
    string,
    { side?: 'left' | 'right' | 'driver' | 'passenger' | 'near' | 'off'; end?: 'front' | 'rear'; part?: string }
  >
> = {
  left: { side: 'left' },
  l: { side: 'left' },
  lh: { side: 'left' },
  lhs: { side: 'left' },
  right: { side: 'right' },
  r: { side: 'right' },
  rh: { side: 'right' },
  rhs: { side: 'right' },
  driver: { side: 'driver' },
  drivers: { side: 'driver' },
  "driver's": { side: 'driver' },
  'driver’s': { side: 'driver' },
  'driver side': { side: 'driver' },
  passenger: { side: 'passenger' },
  passengers: { side: 'passenger' },
  "passenger's": { side: 'passenger' },
  'passenger’s': { side: 'passenger' },
  nearside: { side: 'near' },
  ns: { side: 'near' },
  'n/s': { side: 'near' },
  offside: { side: 'off' },
  os: { side: 'off' },
  'o/s': { side: 'off' },
  front: { end: 'front' },
  fr: { end: 'front' },
  rear: { end: 'rear' },
  back: { end: 'rear' },
  tail: { end: 'rear' },
  nose: { end: 'front' },
  lf: { side: 'left', end: 'front' },
  fl: { side: 'left', end: 'front' },
  rf: { side: 'right', end: 'front' },
  lr: { side: 'left', end: 'rear' },
  rl: { side: 'left', end: 'rear' },
  rr: { side: 'right', end: 'rear' },
  nsf: { side: 'near', end: 'front' },
  osf: { side: 'off', end: 'front' },
  nsr: { side: 'near', end: 'rear' },
  osr: { side: 'off', end: 'rear' },
  lq: { side: 'left', part: 'quarter' },
  rq: { side: 'right', part: 'quarter' },
  lqp: { side: 'left', part: 'quarter' },
  rqp: { side: 'right', part: 'quarter' },
  lff: { side: 'left', part: 'fender' },
  rff: { side: 'right', part: 'fender' },
  lfw: { side: 'left', part: 'fender' },
  rfw: { side: 'right', part: 'fender' },
  lfd: { side: 'left', end: 'front', part: 'door' },
  rfd: { side: 'right', end: 'front', part: 'door' },
  lrd: { side: 'left', end: 'rear', part: 'door' },
  rrd: { side: 'right', end: 'rear', part: 'door' },
  ws: { part: 'glass.windshield' },
  'rear window': { end: 'rear', part: 'glass' },
  'rear screen': { end: 'rear', part: 'glass' },
  'back window': { end: 'rear', part: 'glass' },
  'tail panel': { end: 'rear', part: 'panel' },
  'nose panel': { end: 'front', part: 'panel' },
  'back glass': { end: 'rear', part: 'glass' },
  'rear glass': { end: 'rear', part: 'glass' },
  'door glass': { end: 'front', part: 'glass' },
  'door window': { end: 'front', part: 'glass' },
};

export const BLOCKED_PHRASES: Readonly<Record<BlockedBy, readonly string[]>> = {
  'no-key': ['no key', 'no keys', 'key lost', 'keys lost', 'lost key'],
  locked: ['locked', 'stuck', 'jammed', 'will not open', "won't open", 'seized shut'],
  'no-lift': ['no lift', 'no pit', 'no ramp', 'too low'],
  wet: ['wet', 'rain', 'rained on'],
  dirty: ['dirty', 'mud', 'muddy', 'dust'],
  'trim-on': ['trim on', 'carpet on', 'cover on', 'wheel on', 'underseal', 'undercoat'],
  owner: ['owner', 'not allowed', 'no leave', "owner's wish", 'seller'],
  weather: ['weather', 'snow', 'ice', 'too cold', 'cold'],
  time: ['time', 'no time', 'ran out of time'],
  obstructed: [
    'obstructed',
    'in the way',
    'behind tram',
    'behind the tram',
    'against wall',
    'against the wall',
    'no room',
    'blocked in',
  ],
  other: ['other'],
};

/** Phrases that lead to a value, sorted so that the longest is tried first. */
export type PhraseTable<T> = readonly (readonly [words: readonly string[], value: T])[];

function table<T>(rows: Iterable<readonly [string, T]>): PhraseTable<T> {
  return [...rows]
    .map(([phrase, value]) => [phrase.split(' '), value] as const)
    .sort((a, b) => b[0].length - a[0].length);
}

/** What people say for each value, as such a table. */
export const phraseTable = <T>(rows: readonly (readonly [T, readonly string[]])[]): PhraseTable<T> =>
  table(rows.flatMap(([value, phrases]) => phrases.map((p) => [p, value] as const)));

const pluralOf = (phrase: string) =>
  phrase.endsWith('y') && !/[aeou]y$/.test(phrase)
    ? `${phrase.slice(0, -1)}ies`
    : `${phrase}${/(x|ch|sh)$/.test(phrase) ? 'es' : 's'}`;

const both = (word: string | { us: string; gb: string }) => (typeof word === 'string' ? [word] : [word.us, word.gb]);

/** The flaws that each phrase can mean, in the order of the catalogue. */
export const FLAW_TABLE: PhraseTable<readonly string[]> = (() => {
  const meant = new Map<string, string[]>();
  for (const [id, { name, say }] of Object.entries(FLAW_WORDS)) {
    if (id === OWN_WORDS) continue;
    const own = new Set([id, id.replaceAll('-', ' '), ...both(name).map((n) => n.toLowerCase()), ...(say ?? [])]);
    for (const phrase of own) meant.set(phrase, [...(meant.get(phrase) ?? []), id]);
  }
  return table(meant);
})();

/** A fault of function that says by itself what does not work, and at which part that is looked at. */
export interface Fault {
  readonly flaw: string;
  readonly says: string;
  readonly home: string | null;
}
const fault = (says: string, home: string | null, ...phrases: string[]) =>
  [says, ...phrases].map((p) => [p, { flaw: 'inoperative', says, home }] as const);
export const FAULT_TABLE: PhraseTable<Fault> = table([
  ...fault('does not start', 'engine', 'will not start', "won't start", 'wont start', 'no start', "doesn't start"),
  ...fault('does not run', 'engine', 'will not run', "won't run", 'wont run', "doesn't run"),
  ...fault('does not turn', 'engine', 'will not turn', "won't turn", 'wont turn', 'engine seized', 'seized engine'),
  ...fault('does not open', null, 'will not open', "won't open", 'wont open', "doesn't open"),
  ...fault('does not close', null, 'will not close', "won't close", 'wont close', "doesn't close"),
  ...fault('jammed', null, 'stuck shut', 'frozen shut', 'seized shut'),
]);

/** Things that should work, and the zone where they are looked at. */
const THINGS: Readonly<Record<string, readonly string[]>> = {
  dash: [
    'clock',
    'radio',
    'heater',
    'heater fan',
    'defroster',
    'demister',
    'lighter',
    'cigar lighter',
    'glovebox',
    'glove box',
    'glovebox light',
    'fuel gauge',
    'petrol gauge',
    'temperature gauge',
    'temp gauge',
    'oil gauge',
    'oil pressure gauge',
    'ammeter',
    'voltmeter',
    'speedometer',
    'speedo',
    'tachometer',
    'rev counter',
    'odometer',
    'warning lamps',
    'warning lights',
    'dash lights',
    'wipers',
    'wiper motor',
    'washers',
    'washer pump',
    'aerial',
    'antenna',
    'air conditioning',
    'cruise',
    'choke',
  ],
  steering: ['horn', 'indicator switch', 'column switch'],
  engine: ['starter', 'starter motor', 'fuel pump', 'alternator', 'generator', 'dynamo', 'fan'],
};
export const THING_TABLE: PhraseTable<string> = table(
  Object.entries(THINGS).flatMap(([home, things]) => things.map((t) => [t, home] as const)),
);

export const PART_TABLE: PhraseTable<string> = table(
  Object.entries(PART_PHRASES).flatMap(([part, phrases]) => phrases.map((p) => [p, part] as const)),
);
/** Every word of a part's name. */
export const PART_WORDS: ReadonlySet<string> = new Set(PART_TABLE.flatMap(([words]) => words));
/** Plurals of the parts: several places, or a question which. */
export const PLURAL_TABLE: PhraseTable<string> = table(
  Object.entries(PART_PHRASES).flatMap(([part, phrases]) =>
    phrases.flatMap((p) => (p.endsWith('s') ? [] : [[pluralOf(p), part] as const])),
  ),
);
/** That all of them are meant. */
export const EVERY_TABLE: PhraseTable<true> = table(
  ['all', 'both', 'all the', 'both the', 'all four', 'all of the', 'every'].map((p) => [p, true] as const),
);
export const VIEW_TABLE: PhraseTable<View> = table(
  Object.entries(VIEW_PHRASES).flatMap(([view, phrases]) => phrases.map((p) => [p, view as View] as const)),
);
export const SIDE_TABLE = table(Object.entries(SIDE_PHRASES));
/** Every word that says a side or an end. */
export const SIDE_WORDS: ReadonlySet<string> = new Set(SIDE_TABLE.flatMap(([words]) => words));
export const BLOCKED_TABLE: PhraseTable<BlockedBy> = table(
  Object.entries(BLOCKED_PHRASES).flatMap(([why, phrases]) => phrases.map((p) => [p, why as BlockedBy] as const)),
);
export const ASPECT_TABLE: PhraseTable<Aspect> = table([
  ...ASPECTS.flatMap((a) => both(ASPECT_WORDS[a]).map((w) => [w, a] as const)),
  ['rust', 'corrosion'],
  ['metal', 'corrosion'],
  ['chrome', 'brightwork'],
  ['gaps', 'fit'],
  ['seal', 'rubber'],
  ['seals', 'rubber'],
]);

/** The zones of each part of a plan, by the plan's own map of them. */
const BY_PART = new WeakMap<Plan['zones'], ReadonlyMap<string, readonly string[]>>();
function byPart({ zones }: Plan): ReadonlyMap<string, readonly string[]> {
  const held = BY_PART.get(zones);
  if (held) return held;
  const parts = new Map<string, string[]>();
  for (const slug of zones.keys()) {
    const { part } = zoneKey(slug);
    parts.set(part, [...(parts.get(part) ?? []), slug]);
  }
  BY_PART.set(zones, parts);
  return parts;
}

/** The zones of a plan that a part, side and end can mean. */
export function zonesMeant(plan: Plan, key: { part: string; side: ZoneKey['side']; end: ZoneKey['end'] }): string[] {
  const part = key.part === 'fender' && key.end === 'rear' ? 'quarter' : key.part;
  return (byPart(plan).get(part) ?? []).filter((slug) => {
    const z = zoneKey(slug);
    if (key.side !== null && z.side !== key.side) return false;
    if (key.end !== null && z.end !== null && z.end !== key.end) return false;
    return !(
      key.side === null &&
      key.end !== null &&
      z.end === key.end &&
      z.side !== null &&
      plan.zones.has(`${part}.${key.end}`)
    );
  });
}
