import { recordOf } from '@/core/kinds/test-records';
import { papers } from './papers';
import { shownOf } from './test-shown';

const car = (more: object = {}) =>
  recordOf('car', {
    make: 'Quillon',
    model: 'Halyard',
    year: 1967,
    style: 'fastback',
    chassisNumber: 'QHF67-04418',
    ...more,
  });
const shown = (...records: Parameters<typeof shownOf>[1]) => shownOf(papers as never, records);

it('says nothing of a car of which nothing was read', () => {
  expect(shown(recordOf('car', { make: '', model: '', year: null, style: 'fastback' })).blocks).toEqual([]);
});

it('takes the chassis number apart and says what the engine’s says beside it', () => {
  const { text } = shown(car({ engineNumber: 'QH 04418' }));
  expect(text).toContain('Halyard');
  expect(text).toContain('Engine QH 04418. The engine’s number is this car’s: by the make’s rule it is QH 04418.');
  expect(shown(car({ engineNumber: 'QH 99999' })).text).toContain(
    'Another engine: by the make’s rule this car’s is QH 04418.',
  );
  expect(shown(car()).text).toContain('The engine’s number was not read.');
});

it('marks what cannot be, and mends nothing', () => {
  expect(shown(car({ chassisNumber: 'QXF67-04418' })).text).toContain('not in the table: cannot be');
});

it('lays numbers beside the chassis number: the same, to be looked at again, other', () => {
  const number = (asRead: string) => recordOf('number', { place: 'frame', asRead, fastening: 'screws' });
  expect(shown(car(), number('QHF67-04418')).text).toContain('QHF67-04418, screws; the same as the chassis number.');
  expect(shown(car(), number('QHF67-O4418')).text).toContain('to be looked at again: is place 6 O or 0?');
  expect(shown(car(), number('QHF66-11111')).text).toContain('differs from the chassis number QHF67-04418');
});

it('tells dates with the day of building, and those that are not understood as such', () => {
  const date = (part: string, code: string) => recordOf('dated', { part, code });
  const { text } = shown(car(), date('build', '12.04.1967'), date('casting.block', 'C 14 7'), date('clock', 'ZZ'));
  expect(text).toContain('Built 12 Apr 1967, by its plate.');
  expect(text).toContain('14 Mar 1967 (decade by the day of building): fits');
  expect(text).toContain('Not understood: of none of its forms');
});

it('tells keepers with the years of which nobody tells, papers folded, and the distance as it is carried', () => {
  const visit = recordOf('visit', {
    startedAt: '2027-02-10T09:00:00Z',
    place: 'depot',
    inspector: 'Ilse Brandvik',
    light: 'indoor',
    surface: 'dry',
    clean: true,
    lift: 'pit',
  });
  const { blocks, text } = shown(
    car({ odometer: { value: 61_400, unit: 'mi' }, odometerDigits: 6 }),
    visit,
    recordOf('keeper', { who: 'first owner', from: '1967-05-01', to: '1970-05-01', by: 'paper' }),
    recordOf('keeper', { who: 'Marlpit Tramshed', from: '1984-05-01', storage: 'damp' }),
    recordOf('paper', { sort: 'service', on: '1990-01-01', odometer: { value: 48_000, unit: 'mi' } }),
  );
  expect(text).toContain('After 14 years of which nobody tells: Marlpit Tramshed, 1 May 1984 to now, damp, told.');
  expect(text).toContain('The distance that is shown is not supported: 2 of 3 readings that make a chain.');
  expect(blocks.find((b) => b.kind === 'folded')).toMatchObject({ title: 'Papers: 1' });
});

it('tells parts, additions and restorations, each with its evidence', () => {
  const { blocks, text } = shown(
    car(),
    recordOf('part', { part: 'engine', state: 'factory', note: 'number by rule' }),
    recordOf('part', { part: null, what: 'winch', state: 'modified', works: 'no', reversible: 'yes' }),
    recordOf('restored', { system: 'cabin', fromYear: 1988, extent: 'partial', evidence: 'told' }),
  );
  expect(text).toContain('came with this car, number by rule.');
  expect(text).toContain('modified, can be undone, does not work.');
  expect(blocks.find((b) => b.kind === 'statements')).toMatchObject({
    items: [{ text: 'Cabin, 1988, in part, without papers.', evidence: 'told' }],
  });
});

it('says what is with the car and what was looked for, and of the rest nothing', () => {
  const along = (thing: string, more: object = {}) => recordOf('along', { thing, ...more });
  const { text } = shown(
    car(),
    along('jack'),
    along('handbook', { evidence: 'told', note: 'at the consignor’s' }),
    along('spare-key', { there: false }),
  );
  expect(text).toContain('Comes with it');
  expect(text).toMatch(/Jack\./);
  expect(text).toContain('at the consignor’s.');
  expect(text.indexOf('Looked for, and not there:')).toBeLessThan(text.indexOf('Spare key.'));
  expect(text).not.toMatch(/tonneau/i);
  expect(shown(car()).text).not.toContain('Comes with it');
});
