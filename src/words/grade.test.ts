import { bandDoubt, bandInProse, bandText, lossText } from './grade';
import { partSaysAmong } from './papers';

const loss = (of: string | null, more: object = {}) => ({ by: 'measured', of, places: 3, n: 5, ...more });
const nothing = () => null;

it('says what was measured, in the reader’s words, and at how many places', () => {
  expect(lossText(loss('paint'), 'en-US', nothing)).toBe('film thickness and color, 3 places');
  expect(lossText(loss('tire'), 'en-GB', nothing)).toBe('tyres by age and tread, 3 places');
  expect(lossText(loss('rubber', { places: 1 }), 'en-GB', nothing)).toBe('rubber, 1 place');
});

it('tells what does not work by how many things it is', () => {
  expect(lossText(loss('functions', { n: 1 }), 'en-GB', nothing)).toBe('1 function that does not work as it should');
  expect(lossText(loss('running-gear', { n: 2 }), 'en-GB', nothing)).toBe('2 parts of the running gear');
  expect(lossText(loss('running'), 'en-GB', nothing)).toBe('how it starts, runs and drives');
});

it('names no number of places where each lost hardly anything', () => {
  expect(lossText(loss('corrosion', { places: 0, n: 20 }), 'en-GB', nothing)).toBe(
    'chance of filler by the film’s thickness, a little at each of 20 places',
  );
  expect(lossText(loss(null, { by: 'unseen', places: 0, n: 2 }), 'en-GB', nothing)).toBe(
    'a little at each of 2 places not wholly seen: as on such cars of its age',
  );
});

it('tells of a major part by its record, and never by the number of one', () => {
  const records = [
    {
      id: '01890000-0000-7000-8000-000000000007',
      kind: 'part',
      version: 1,
      body: { part: 'gearbox', what: '', state: 'reproduction', at: '2027-02-10T09:00:00Z' },
    },
  ];
  const says = partSaysAmong(records as never, 'en-GB');
  expect(lossText(loss(`part ${records[0]!.id}`), 'en-GB', says)).toBe('gearbox: reproduction');
  const withheld = lossText(loss('part 01890000-0000-7000-8000-000000000008'), 'en-GB', says);
  expect(withheld).toBe('a major part, by how it came to the car');
});

it('says what the question mark of a band means, where there is one', () => {
  expect(bandText('Project', 0.84, 0.5)).toBe('Project?');
  expect(bandInProse(['Project', 'Donor'], 0.84)).toBe('Project or Donor by what was seen');
  expect(bandInProse('Project', 0.95)).toBe('Project');
  expect(bandDoubt(0.84, 0.5)).toBe('The question mark: less than 90 % of all places were seen.');
  expect([bandDoubt(0.95, 0.5), bandDoubt(0.3, 0.5)]).toEqual(['', '']);
});
