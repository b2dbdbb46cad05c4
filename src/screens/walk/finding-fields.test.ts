import { KINDS } from '@/core/kinds';
import { NotYet } from '@/ui/records/use-record-form';
import { findingBody, findingFields } from './finding-fields';

const AT = { zone: 'hood', place: { uMm: 100, vMm: 50 }, now: '2027-02-10T09:00:00Z', scaled: false };
const chip = { ...findingFields(null), flaw: 'chip' };

it('puts what its kind takes', () => {
  const body = findingBody({ ...chip, count: 3, sizeMm: '2,5', share: '12.5', magnet: 'weak' }, null, AT);
  expect(KINDS.finding.schema.parse(body)).toMatchObject({
    zone: 'hood',
    flaw: 'chip',
    count: 3,
    sizeMm: 2.5,
    share: 0.125,
    magnet: 'weak',
    withheld: null,
    place: AT.place,
    at: AT.now,
  });
});

it('keeps what the sheet does not show, the place and the moment of the first entry', () => {
  const before = KINDS.finding.schema.parse({
    ...findingBody(chip, null, AT),
    photos: ['01890000-0000-7000-8000-000000000001'],
  });
  const later = findingBody({ ...findingFields(before), note: 'deeper than it looks' }, before, {
    ...AT,
    place: { uMm: 1, vMm: 1 },
    now: '2027-02-11T09:00:00Z',
  });
  expect(KINDS.finding.schema.parse(later)).toEqual({ ...before, note: 'deeper than it looks' });
});

it('drops the grades of a scale for a flaw that has none', () => {
  const given = { ...chip, iso4628: { quantity: 3, size: 2 } };
  expect(findingBody(given, null, AT)).toMatchObject({ iso4628: null });
  expect(findingBody(given, null, { ...AT, scaled: true })).toMatchObject({ iso4628: { quantity: 3, size: 2 } });
});

it('says what is not there yet, in a sentence', () => {
  expect(() => findingBody(findingFields(null), null, AT)).toThrow(new NotYet('Choose what it is first.'));
  expect(() => findingBody({ ...chip, sizeMm: 'two' }, null, AT)).toThrow('“two” is no number.');
});
