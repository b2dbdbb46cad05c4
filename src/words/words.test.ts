import { planOf } from '@/core/body/plan';
import { ALL_ZONES } from '@/core/body/slugs';
import { STYLES } from '@/core/body/styles';
import { ASPECTS, METALS, VIEWS } from '@/core/body/zone';
import { AXES } from '@/core/catalogue/axes';
import { FAMILIES, REMEDIES } from '@/core/catalogue/flaws/flaw';
import { LENSES } from '@/core/grade/tables';
import { CAUTIONS } from '@/core/judge/models';
import { CLAIM_KINDS } from '@/core/kinds/claim';
import { BLOCKED_BY } from '@/core/kinds/look';
import { entryProblemText } from '@/entry/problem-words';
import { CAUTION_WORDS } from './cautions';
import { countedName, edgeText } from './flaws';
import { AXIS_WORDS, gradeFigures, LENS_WORDS } from './grade';
import { missingText } from './missing';
import {
  ASPECT_WORDS,
  BLOCKED_WORDS,
  CLAIM_WORDS,
  FAMILY_WORDS,
  METAL_WORDS,
  REMEDY_WORDS,
  STYLE_WORDS,
  term,
  VIEW_WORDS,
} from './terms';
import { PLAIN_WORDING, sideWord, type Wording } from './vocabulary';
import { PART_WORDS, seamName, zoneName, zoneWords } from './zones';

const us: Wording = { ...PLAIN_WORDING, words: 'en-US' };

it('names every zone of every style in both vocabularies', () => {
  for (const slug of ALL_ZONES) {
    const bare = slug
      .split('.')
      .filter((p) => p !== 'left' && p !== 'right')
      .join('.');
    expect([slug, bare in PART_WORDS]).toEqual([slug, true]);
  }
  expect(new Set(planOf('saloon4')!.lap.outside.map((z) => zoneName(z, us))).size).toBe(
    planOf('saloon4')!.lap.outside.length,
  );
});

it.each([
  ['hood', 'Bonnet', 'Hood'],
  ['fender.left', 'Front wing, left', 'Fender, left'],
  ['quarter.right', 'Rear wing, right', 'Quarter panel, right'],
  ['glass.rear', 'Rear screen', 'Rear window'],
  ['glass.left.rear', 'Side glass, rear, left', 'Side glass, rear, left'],
  ['deck', 'Boot lid', 'Trunk lid'],
  ['rocker.left', 'Sill, left', 'Rocker, left'],
  ['bulkhead', 'Bulkhead', 'Firewall'],
  ['trunk.well', 'Spare wheel well', 'Spare tire well'],
])('calls %s %s or %s', (slug, gb, american) => {
  expect([zoneName(slug, PLAIN_WORDING), zoneName(slug, us)]).toEqual([gb, american]);
});

it('calls sides as the reader wants', () => {
  const driver: Wording = { ...us, sides: 'driver-passenger', steering: 'right' };
  expect(zoneWords('fender.right', driver)).toBe('fender, driver');
  expect(zoneWords('fender.left', driver)).toBe('fender, passenger');
  const kerb: Wording = { ...PLAIN_WORDING, sides: 'nearside-offside', kerb: 'left' };
  expect(zoneWords('fender.left', kerb)).toBe('front wing, nearside');
  expect(sideWord('left', { ...kerb, kerb: 'right' })).toBe('offside');
  expect(seamName('door.left.front|fender.left', PLAIN_WORDING)).toBe('front door, left to front wing, left');
});

it('has a word for every member of every enumeration', () => {
  const tables: [readonly string[], object][] = [
    [VIEWS, VIEW_WORDS],
    [ASPECTS, ASPECT_WORDS],
    [METALS, METAL_WORDS],
    [BLOCKED_BY, BLOCKED_WORDS],
    [FAMILIES, FAMILY_WORDS],
    [REMEDIES, REMEDY_WORDS],
    [CLAIM_KINDS, CLAIM_WORDS],
    [CAUTIONS, CAUTION_WORDS],
    [AXES, AXIS_WORDS],
    [LENSES, LENS_WORDS],
    [STYLES.map((s) => s.slug), STYLE_WORDS],
  ];
  for (const [keys, table] of tables) expect(Object.keys(table).sort()).toEqual([...keys].sort());
  expect(term(VIEW_WORDS, 'trunk', 'en-GB')).toBe('boot');
  expect(term(VIEW_WORDS, 'trunk', 'en-US')).toBe('trunk');
});

it('says what is missing as sentences', () => {
  const kinds = [
    'no-car',
    'no-visit',
    'no-chassis-number',
    'no-temperature',
    'gauge-not-checked',
    'gauge-not-stated',
    'no-photos',
    'no-leave',
  ] as const;
  for (const kind of kinds)
    expect(missingText({ kind, blocks: false, detail: '', count: 1 }, 'en-GB')).toMatch(/^[A-Z].*\.$/);
  expect(missingText({ kind: 'view-unseen', blocks: false, detail: 'trunk', count: 9 }, 'en-GB')).toBe(
    'Nothing was seen of the boot.',
  );
  expect(missingText({ kind: 'panels-thin', blocks: false, detail: 'hood', count: 1 }, 'en-US')).toBe(
    '1 panel has too few readings, the first: hood.',
  );
  expect(missingText({ kind: 'finding-without-photo', blocks: false, detail: 'deck', count: 3 }, 'en-GB')).toBe(
    '3 findings have no picture, the first: boot lid.',
  );
});

it('says what the entry line did not understand', () => {
  expect(entryProblemText({ kind: 'no-such-zone', nearest: 'fender.left' }, PLAIN_WORDING)).toContain(
    'Front wing, left',
  );
  expect(entryProblemText({ kind: 'which-zone', candidates: ['door.left.front', 'door.right.front'] }, us)).toBe(
    'Which one? Front door, left or Front door, right',
  );
  expect(entryProblemText({ kind: 'not-understood', words: 'blurb' }, us)).toContain('blurb');
  expect(entryProblemText({ kind: 'not-understood', words: 'blurb' }, us)).not.toContain('comma');
  expect(entryProblemText({ kind: 'not-understood', words: '131 128 no dents' }, us)).toContain('comma');
  expect(entryProblemText({ kind: 'absurd', text: '-4' }, us)).toContain('-4');
  expect(entryProblemText({ kind: 'no-zone' }, us)).toMatch(/panel first/);
  expect(entryProblemText({ kind: 'nothing-to-replace' }, us)).toMatch(/again/);
});

it('shows a grade as an interval, and a capped one as at most', () => {
  expect(gradeFigures({ low: 61.6, high: 78.2 })).toBe('62–78');
  expect(gradeFigures({ low: 40, high: 40 })).toBe('≤ 40');
  expect(gradeFigures({ low: null, high: null })).toBe('0–100');
});

it('counts by density where a flaw is counted in a square, else by number', () => {
  expect(countedName({ flaw: 'dent', count: 3 }, 'en-GB')).toBe('3 × dent');
  expect(countedName({ flaw: 'dent', count: 1 }, 'en-GB')).toBe('dent');
  expect(countedName({ flaw: 'peppering', count: 12 }, 'en-US')).toBe('peppering, 12 in a square of 100 mm');
});

it('writes places along an edge in one way, whichever end is typed first', () => {
  expect(edgeText('lower', 260, 120)).toBe('lower edge, 120 to 260 mm from the front');
  expect(edgeText('trailing', 80, null)).toBe('trailing edge, at 80 mm from below');
  expect(edgeText('leading', null, null)).toBe('leading edge');
});
