import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { TEST_AT as AT, recordOf as record } from '../kinds/test-records';
import { normalDraw, seeded } from '../stats/random';
import type { ClaimKind } from './claim-table';

const plan = planOf('fastback')!;
const car = (more: object = {}) =>
  record('car', {
    make: 'Quillon',
    model: 'Halyard',
    year: 1967,
    style: 'fastback',
    chassisNumber: 'QHF67-04418',
    ...more,
  });
const claim = (kind: ClaimKind, text = 'As said.') =>
  record('claim', { kind, text, source: 'Harald Voss', saidAt: AT });
const judged = (kind: ClaimKind, records: readonly AnyRecord[], text?: string) =>
  judge({ plan, records: [car(), claim(kind, text), ...records], tables: DEFAULT_TABLES }).claims.all[0]!;

const PANELS = [...plan.zones.values()].filter((z) => z.view === 'outside' && z.aspects.includes('paint'));
const random = seeded(5);
const film = (zone: string, um: number) =>
  Array.from({ length: 6 }, () => {
    const thicknessUm = Math.round(um * Math.exp(0.08 * normalDraw(random)));
    return record('reading', { zone, state: 'read', thicknessUm, typed: { text: String(thicknessUm), unit: 'um' } });
  });
const works = PANELS.flatMap((z) => film(z.slug, 118));

describe('a claim about the whole car', () => {
  it('is untested before anything was looked for', () => {
    expect(judged('original-paint', [])).toMatchObject({ word: 'untested', posterior: 0.5, marks: [] });
  });
  it('is carried by nearly all of it, and not by half', () => {
    expect(judged('original-paint', works).word).toMatch(/supported/);
    const half = judged('original-paint', works.slice(0, 6 * Math.ceil(PANELS.length * 0.7)));
    expect(half.reach!.unseen.length).toBeGreaterThan(2);
    expect(['open', 'untested']).toContain(half.word);
    expect(half.posterior).toBeLessThanOrEqual(0.75);
  });
  it('is contradicted by one panel, traceable to its readings', () => {
    const filled = film('quarter.left', 1100);
    const c = judged('original-paint', [
      ...works.filter((r) => (r.body as { zone: string }).zone !== 'quarter.left'),
      ...filled,
    ]);
    expect(c.word).toBe('contradicted');
    const mark = c.marks.find((m) => m.id === 'film-panel-filled')!;
    expect(mark.zone).toBe('quarter.left');
    expect([...mark.records].sort()).toEqual(filled.map((r) => r.id).sort());
    expect(mark.counted).toBeCloseTo(1 / 50, 9);
  });
  it('that it has no rust is not contradicted by aluminium that swells where it touches steel', () => {
    const swelling = record('finding', { zone: 'door.left.front', flaw: 'galvanic', sizeMm: 35 });
    expect(judged('no-rust', [swelling]).marks.filter((m) => m.id.startsWith('rust-'))).toEqual([]);
    const scale = record('finding', { zone: 'sill.left', flaw: 'rust-scale', sizeMm: 120 });
    const c = judged('no-rust', [swelling, scale]);
    expect(c.marks.filter((m) => m.id === 'rust-through').map((m) => m.zone)).toEqual(['sill.left']);
    expect(c.word).toBe('contradicted');
  });
  it('that it was never hit is weighed against panels that show that they were sprayed again, where no gauge reads too', () => {
    const c = judged('never-hit', [record('finding', { zone: 'quarter.right', flaw: 'colour-mismatch' })]);
    expect(c.marks).toMatchObject([{ id: 'panels-later', zone: 'quarter.right' }]);
    expect(c.posterior).toBeLessThan(0.5);
    expect(c.word).toBe('open');
  });
  it('weighs what is withheld without naming it', () => {
    const hidden = record('finding', { zone: 'hood', flaw: 'overspray', withheld: 'of the owner’s house' });
    const c = judged('original-paint', [...works, hidden]);
    expect(c.marks.find((m) => m.id === 'traces-of-spraying')).toMatchObject({ withheld: true });
  });
});

describe('claims by what is on record', () => {
  it.each<[ClaimKind, string, () => AnyRecord[], string]>([
    [
      'no-rust',
      'No rust.',
      () => [record('finding', { zone: 'floor.left.front', flaw: 'perforated' })],
      'contradicted',
    ],
    ['no-rust', 'No rust.', () => [record('finding', { zone: 'hood', flaw: 'rust-film' })], 'doubtful'],
    [
      'never-hit',
      'Never hit.',
      () => [record('finding', { zone: 'rail.left.front', flaw: 'rail-kinked' })],
      'contradicted',
    ],
    [
      'matching-engine',
      'Matching.',
      () => [record('number', { place: 'engine-stamp', asRead: 'QH 04418' })],
      'well-supported',
    ],
    [
      'matching-engine',
      'Matching.',
      () => [record('number', { place: 'engine-stamp', asRead: 'QH 99999' })],
      'contradicted',
    ],
    // One character off is a question, and no mark.
    [
      'matching-engine',
      'Matching.',
      () => [record('number', { place: 'engine-stamp', asRead: 'QH 0441B' })],
      'untested',
    ],
    [
      'owners',
      'One owner.',
      () => [record('paper', { sort: 'registration', on: '1967-05-12', owner: 'A' })],
      'well-supported',
    ],
    [
      'owners',
      'One owner.',
      () => ['A', 'B'].map((owner) => record('paper', { sort: 'registration', on: '1967-05-12', owner })),
      'contradicted',
    ],
    // A paper that was only told of carries nothing.
    ['owners', 'One owner.', () => [record('paper', { sort: 'registration', owner: 'A', seen: 'told' })], 'untested'],
    ['restored', 'Restored in 1988.', () => [record('restored', { system: 'cabin', fromYear: 1988 })], 'supported'],
    [
      'part-replaced',
      'New clutch.',
      () => [record('paper', { sort: 'bill', on: '2024-01-01', says: 'clutch fitted' })],
      'supported',
    ],
    [
      'part-replaced',
      'New clutch.',
      () => [record('paper', { sort: 'bill', on: '2024-01-01', says: 'exhaust fitted' })],
      'untested',
    ],
    [
      'everything-works',
      'Everything works.',
      () => [record('tried', { function: 'clock', zone: 'dash', state: 'dead' })],
      'contradicted',
    ],
    // What was tried works; the rest nobody tried: open, with what is unseen.
    [
      'everything-works',
      'Everything works.',
      () => [record('tried', { function: 'clock', zone: 'dash', state: 'works' })],
      'open',
    ],
    [
      'special-model',
      'A genuine Rally model.',
      () => [record('proof', { mark: 'special-code-other' })],
      'contradicted',
    ],
    ['original-colour', 'Original colour.', () => [record('proof', { mark: 'colour-hidden-same' })], 'supported'],
    ['other', 'A lovely example.', () => works, 'untested'],
  ])('%s, “%s” %#', (kind, text, records, word) => expect(judged(kind, records(), text).word).toBe(word));

  it('takes the distance that the claim names, in its unit', () => {
    const papers = [
      '1990-06-01',
      '1996-06-01',
      '2002-06-01',
      '2008-06-01',
      '2014-06-01',
      '2020-06-01',
      '2026-06-01',
    ].map((on, i) => record('paper', { sort: 'service', on, odometer: { value: 40_000 + 3000 * i, unit: 'mi' } }));
    const visit = record('visit', {
      startedAt: AT,
      place: 'x',
      inspector: 'I',
      light: 'indoor',
      surface: 'dry',
      clean: true,
      lift: 'pit',
    });
    const word = (text: string) =>
      judge({
        plan,
        records: [
          car({ odometer: { value: 58_200, unit: 'mi' }, odometerDigits: 6 }),
          visit,
          claim('mileage', text),
          ...papers,
        ],
        tables: DEFAULT_TABLES,
      }).claims.all[0]!.word;
    expect(word('58,200 miles from new.')).toBe('supported');
    expect(word('93,700 km.')).toBe('supported');
    expect(word('Only 38,000 miles.')).toBe('contradicted');
  });
});

it('names the look that would move a claim most, and which single mark would change the word', () => {
  const number = record('number', { place: 'engine-stamp', asRead: 'QH 04418' });
  expect(judged('matching-engine', []).next[0]!.look).toBe('engine-number');
  const c = judged('matching-engine', [number]);
  expect(c.next.map((n) => n.look)).not.toContain('engine-number');
  expect(c.marks.find((m) => m.id === 'engine-by-rule')!.sensitive).toBe(true);
});

it('shows a mark that the table does not have as not understood, and weighs it nowhere', () => {
  const odd = record('proof', { mark: 'smells-right' });
  const { claims } = judge({ plan, records: [car(), claim('original-paint'), odd], tables: DEFAULT_TABLES });
  expect(claims.odd.map((p) => p.id)).toEqual([odd.id]);
  expect(claims.all[0]!.word).toBe('untested');
});
