import { type DateFormat, type Days, dateFormatSchema, readDateCode, resolveDate } from './date-code';
import { dateFit, datesTable, windowOf } from './windows';

const t = datesTable.defaults;
const format = (id: string) => t.formats.find((f) => f.id === id)! as DateFormat;
const built: Days = { from: '1967-04-12', to: '1967-04-12' };
const on = (code: string, id: string, by: Days | null = built) => {
  const read = readDateCode(code, format(id));
  return read && resolveDate(read, by);
};

describe('date codes', () => {
  it.each([
    ['C 14 7', 'letter-day-digit', '1967-03-14', '1967-03-14', true],
    ['c147', 'letter-day-digit', '1967-03-14', '1967-03-14', true],
    // The letter I is left out: J is September.
    ['J 1 6', 'letter-day-digit', '1966-09-01', '1966-09-01', true],
    ['B 67', 'letter-year', '1967-02-01', '1967-02-28', true],
    ['2/67', 'month-year', '1967-02-01', '1967-02-28', true],
    ['0967', 'week-year', '1967-02-27', '1967-03-05', true],
    ['4 66', 'quarter-year', '1966-10-01', '1966-12-31', true],
    ['67', 'year', '1967-01-01', '1967-12-31', true],
    ['12.04.1967', 'whole', '1967-04-12', '1967-04-12', false],
  ])('%s by %s is %s to %s', (code, id, from, to, byBuild) => {
    expect(on(code, id)).toEqual({ from, to, byBuild });
  });

  it('takes the decade by the day of building: the nearest, so that a part of the year after is one fitted later', () => {
    expect(on('H 3 7', 'letter-day-digit')).toMatchObject({ from: '1967-08-03' });
    expect(on('C 14 8', 'letter-day-digit')).toMatchObject({ from: '1968-03-14' });
    expect(on('C 14 3', 'letter-day-digit')).toMatchObject({ from: '1963-03-14' });
    expect(
      resolveDate(
        [
          { from: '1971-01-01', to: '1971-01-01' },
          { from: '1981-01-01', to: '1981-01-01' },
        ],
        built,
      ),
    ).toMatchObject({
      from: '1971-01-01',
    });
    // Without it nothing is guessed.
    expect(on('C 14 7', 'letter-day-digit', null)).toBeNull();
    expect(on('12.04.1967', 'whole', null)).toMatchObject({ byBuild: false });
  });

  it('refuses what is of another form, and has no meaning where there is no such day', () => {
    expect(readDateCode('Z 14 7', format('letter-day-digit'))).toBeNull();
    expect(readDateCode('14 7', format('letter-day-digit'))).toBeNull();
    expect(readDateCode('B 30 7', format('letter-day-digit'))).toEqual([]);
    // Week 53 in the years that have one.
    expect(readDateCode('5367', format('week-year'))).toEqual([]);
    expect(readDateCode('5370', format('week-year'))).toEqual([{ from: '1970-12-28', to: '1971-01-03' }]);
    expect(dateFormatSchema.safeParse({ id: 'x', name: 'x', parts: [{ is: 'day' }] }).success).toBe(false);
  });
});

const lead = (sort: string) => t.leads[sort]!;
describe('windows', () => {
  it.each([
    // Castings from 120 to 2 days before: edges of 12 April 1967.
    ['casting', '1966-12-12', 'too-early'],
    ['casting', '1966-12-13', 'fits'],
    ['casting', '1967-04-10', 'fits'],
    ['casting', '1967-04-11', 'too-late'],
    ['glass', '1966-04-11', 'too-early'],
    ['glass', '1966-04-12', 'fits'],
    ['glass', '1967-04-12', 'fits'],
    ['glass', '1967-04-13', 'too-late'],
    ['electrical', '1966-10-10', 'too-early'],
    ['electrical', '1966-10-11', 'fits'],
  ] as const)('%s of %s: %s', (sort, day, fit) => {
    expect(dateFit({ from: day, to: day }, built, lead(sort))).toBe(fit);
  });
  it('fit by any day of theirs, and by any day on which it can have been built', () => {
    const month = { from: '1967-04-01', to: '1967-04-30' };
    expect(dateFit(month, built, lead('casting'))).toBe('fits');
    const year = { from: '1967-01-01', to: '1967-12-31' };
    expect(windowOf(year, lead('casting'))).toEqual({ from: '1966-09-03', to: '1967-12-29' });
    expect(dateFit({ from: '1967-12-30', to: '1967-12-30' }, year, lead('casting'))).toBe('too-late');
  });
  it('stand in the table for every part, with formats that it has', () => {
    expect(datesTable.schema.safeParse(t).success).toBe(true);
  });
});
