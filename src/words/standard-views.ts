import type { School } from '@/core/catalogue/schools';
import type { Round, StandardView, ViewSort } from '@/core/photo/standard-views';
import { respelt, type Wording } from './vocabulary';
import { zoneWords } from './zones';

export const SCHOOL_WORDS: Readonly<Record<School, string>> = {
  lap: 'lap first',
  structure: 'structure first',
  survey: 'full survey',
  field: 'field pass',
};

const ROUND_WORDS: Readonly<Record<Round, string>> = {
  front: 'from the front',
  'front-left': 'from the front left corner',
  left: 'from the left',
  'rear-left': 'from the rear left corner',
  rear: 'from the rear',
  'rear-right': 'from the rear right corner',
  right: 'from the right',
  'front-right': 'from the front right corner',
};
/** How it is framed: what a photographer needs to know. */
export const FRAMED: Readonly<Record<ViewSort, string>> = {
  round: 'The whole car with a hand’s breadth of floor round it, the lens at the height of the door handle.',
  low: 'Eye at the corner, low along the side, against the light: waves show.',
  panel: 'Straight on, the whole panel and its seams.',
  wheel: 'Straight on, the whole wheel.',
  'tire-code': 'Close, the code to be read; a light from the side helps.',
  lamp: 'Straight on, lens and rim.',
  jamb: 'Door wide open: edge, hinges, sill and foot of the pillar.',
  inside: 'From the opened door, in focus to its edges.',
  boot: 'Open, the mat lifted where it may be.',
  engine: 'The whole bay, in focus to the bulkhead.',
  below: 'From below or a hand’s reach under the sill, with a light.',
  number: 'Straight on, every sign to be read; nothing cleaned that was not asked for.',
};

/** What a standard view is of, as a photographer is told it. */
export function viewText({ sort, of, zone }: StandardView, wording: Wording): string {
  const place = zone ? zoneWords(zone, wording) : '';
  const say: Readonly<Record<ViewSort, () => string>> = {
    round: () => `whole car, ${ROUND_WORDS[of as Round]}`,
    low: () => `low along the ${of} side`,
    panel: () => place,
    wheel: () => place,
    'tire-code': () => `tyre code, ${place}`,
    lamp: () => place,
    jamb: () => `jamb, ${place}`,
    inside: () => (of === 'odometer' ? 'odometer, ignition on' : place),
    boot: () => 'boot, open',
    engine: () => `engine bay, from ${of === 'above' ? 'above' : `the ${of}`}`,
    below: () => place,
    number: () => `${of} number`,
  };
  const text = say[sort]();
  const spelt = respelt(text, wording.words);
  return wording.words === 'en-US' ? spelt.replace('boot,', 'trunk,') : spelt;
}

const OF_ZONES: ReadonlySet<ViewSort> = new Set(['panel', 'wheel', 'tire-code', 'lamp', 'jamb', 'inside', 'below']);

/** A standard view by its id alone. */
export function viewNamed(id: string, wording: Wording): string {
  const at = id.indexOf('.');
  const [sort, of] = [id.slice(0, at) as ViewSort, id.slice(at + 1)];
  return viewText({ id, sort, of, zone: OF_ZONES.has(sort) && of !== 'odometer' ? of : null }, wording);
}

export const VIEW_SORT_WORDS: Readonly<Record<ViewSort, string>> = {
  round: 'Round the car',
  low: 'Along the sides',
  panel: 'Panels',
  wheel: 'Wheels',
  'tire-code': 'Tyre codes',
  lamp: 'Lamps',
  jamb: 'Jambs',
  inside: 'Inside',
  boot: 'Boot',
  engine: 'Engine bay',
  below: 'From below',
  number: 'Numbers',
};
