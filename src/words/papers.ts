import {
  type Fastening,
  MAJOR_PARTS,
  type MajorPart,
  type NumberPlace,
  type PaperSort,
  type PartState,
  type Stamping,
  type Storage,
  type WorkSign,
  type WorkSystem,
} from '@/core/catalogue/papers';
import type { BodyOf } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { dayText } from './dates';
import { type Both, pick, type Vocabulary } from './vocabulary';

export const NUMBER_PLACE_WORDS: Readonly<Record<NumberPlace, string>> = {
  'chassis-plate': 'chassis plate',
  frame: 'frame or body stamp',
  pillar: 'pillar',
  dash: 'dash',
  'trim-plate': 'data or trim plate',
  'engine-stamp': 'engine stamp',
  'engine-casting': 'engine casting',
  gearbox: 'gearbox',
  axle: 'axle',
  body: 'body number',
  title: 'title or registration',
  label: 'maker’s label',
  keys: 'keys',
  glass: 'etched glass',
};
export const FASTENING_WORDS: Readonly<Record<Fastening, string>> = {
  'rivets-works': 'rivets of the works, undisturbed',
  'rivets-other': 'other rivets',
  screws: 'screws',
  glued: 'glued',
  loose: 'loose',
  'plate-missing': 'no plate',
};
export const STAMPING_WORDS: Readonly<Record<Stamping, string>> = {
  undisturbed: 'stamp and ground undisturbed',
  faint: 'faint',
  ground: 'ground beneath it',
  restamped: 'stamped over',
  unreadable: 'not to be read',
};
export const PAPER_WORDS: Readonly<Record<PaperSort, string>> = {
  registration: 'registration',
  title: 'title',
  service: 'service record',
  bill: 'bill',
  inspection: 'inspection',
  'old-photo': 'old photograph',
  letter: 'letter',
  listing: 'older listing',
  'build-record': 'build record',
  other: 'paper',
};
export const PAPER_SEEN_WORDS = { original: 'original seen', copy: 'copy seen', told: 'told of, not seen' } as const;
export const STORAGE_WORDS: Readonly<Record<Storage, string>> = {
  dry: 'dry',
  damp: 'damp',
  salt: 'by the sea or on salted roads',
  outdoors: 'outdoors',
  unknown: 'not told how',
};
export const PART_STATE_WORDS: Readonly<Record<PartState, string>> = {
  factory: 'came with this car',
  period: 'right type and time',
  later: 'later, right type',
  reproduction: 'reproduction',
  modified: 'modified',
  missing: 'missing',
  unknown: 'not known',
};
export const REVERSIBLE_WORDS = { yes: 'can be undone', no: 'metal was cut', unknown: '' } as const;
export const SYSTEM_WORDS: Readonly<Record<WorkSystem, string>> = {
  'body-paint': 'body and paint',
  brightwork: 'brightwork',
  cabin: 'cabin',
  mechanical: 'mechanical',
  electrical: 'electrical',
  underside: 'underside',
};
export const WORK_EXTENT_WORDS = {
  cosmetic: 'cosmetic',
  partial: 'in part',
  'frame-off': 'taken apart to the frame',
} as const;
export const WORK_QUALITY_WORDS = { poor: 'poor now', fair: 'fair now', good: 'good now', fine: 'fine now' } as const;
export const WORK_SIGN_WORDS: Readonly<Record<WorkSign, string>> = {
  'sealer-as-works': 'sealer as the works',
  'stampings-present': 'stampings present',
  'drain-plugs-in': 'drain plugs in place',
  'welds-dressed': 'welds dressed',
  'welds-rough': 'welds rough',
  overspray: 'overspray',
  'new-loom': 'new wiring loom',
  'old-loom-mended': 'old loom mended',
};

const joined = (...parts: readonly (string | false | null | undefined)[]) => parts.filter(Boolean).join(', ');

export const numberText = (n: BodyOf<'number'>): string =>
  joined(
    n.asRead || 'not read',
    n.fastening && FASTENING_WORDS[n.fastening],
    n.stamping && STAMPING_WORDS[n.stamping],
    n.note,
  );
export const paperText = (p: BodyOf<'paper'>): string =>
  joined(
    PAPER_WORDS[p.sort],
    p.on && dayText(p.on),
    p.owner,
    p.odometer &&
      `${p.odometer.value.toLocaleString('en-GB')} ${p.odometer.unit}${p.changed ? ', odometer changed' : ''}`,
    p.says,
    PAPER_SEEN_WORDS[p.seen],
  );
export const keeperText = (k: BodyOf<'keeper'>): string =>
  joined(
    k.who,
    k.from || k.to ? `${k.from ? dayText(k.from) : 'not known since when'} to ${k.to ? dayText(k.to) : 'now'}` : '',
    k.place,
    k.storage !== 'unknown' && STORAGE_WORDS[k.storage],
    k.by === 'paper' ? 'by a paper' : 'told',
    k.note,
  );
/** Parts that the two vocabularies call differently: a British hood is an American top. */
const PART_WORDS: Readonly<Partial<Record<MajorPart, Both>>> = {
  fuelling: { us: 'carburetors or injection', gb: 'carburettors or injection' },
  wings: { us: 'fenders', gb: 'wings' },
  hood: { us: 'hood', gb: 'bonnet' },
  'deck-lid': { us: 'deck lid or tailgate', gb: 'boot lid or tailgate' },
  top: { us: 'top', gb: 'hood (soft top)' },
};
export const majorPart = (part: MajorPart, words: Vocabulary): string =>
  pick(PART_WORDS[part] ?? MAJOR_PARTS[part], words);
export const partName = (p: { readonly part: MajorPart | null; readonly what: string }, words: Vocabulary): string =>
  p.part === null ? p.what : majorPart(p.part, words);
/** What is said of a major part that something was lost for; null where there is no such record. */
export const partSaysAmong =
  (records: Parameters<typeof recordsOf>[0], words: Vocabulary) =>
  (id: string): string | null => {
    const body = recordsOf(records, 'part').find((p) => p.id === id)?.body;
    return body ? `${partName(body, words)}: ${PART_STATE_WORDS[body.state]}` : null;
  };
export const partText = (p: BodyOf<'part'>): string =>
  joined(
    PART_STATE_WORDS[p.state],
    p.part !== null && p.what,
    REVERSIBLE_WORDS[p.reversible],
    p.works && { yes: 'works', no: 'does not work', untried: 'not tried' }[p.works],
    p.note,
  );
export const restoredText = (r: BodyOf<'restored'>): string =>
  joined(
    SYSTEM_WORDS[r.system],
    r.fromYear !== null && (r.toYear && r.toYear !== r.fromYear ? `${r.fromYear} to ${r.toYear}` : String(r.fromYear)),
    r.extent && WORK_EXTENT_WORDS[r.extent],
    r.by && `by ${r.by}`,
    r.papers ? 'with papers' : 'without papers',
    r.quality && WORK_QUALITY_WORDS[r.quality],
    r.matured === true && 'matured',
    ...r.signs.map((s) => WORK_SIGN_WORDS[s]),
    r.note,
  );
