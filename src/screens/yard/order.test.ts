import { matching, nextLot, sorted, standing, type YardLot } from './order';

const TODAY = '2027-02-10';
const lot = (
  number: number,
  extra: Partial<Omit<YardLot, 'summary'>> & { seen?: number; records?: number; value?: number } = {},
): YardLot => ({
  id: String(number),
  number,
  title: `Quillon Halyard ${number}`,
  reportDueOn: '2027-03-01',
  keeper: '',
  revision: 1,
  state: 'draft',
  ...extra,
  summary: {
    records: extra.records ?? 10,
    seen: extra.seen ?? 0.8,
    blocked: 0,
    grade: extra.value === undefined ? null : { low: 0, value: extra.value, high: 100, band: '' },
    readings: 0,
    findings: 0,
    photos: 0,
    gates: [],
    car: '',
  },
});

it('tells late, thin, going, not begun and sealed apart', () => {
  expect(standing(lot(1, { reportDueOn: '2027-02-09' }), TODAY)).toBe('late');
  expect(standing(lot(1, { reportDueOn: '2027-02-10', seen: 0.9 }), TODAY)).toBe('going');
  expect(standing(lot(1, { reportDueOn: '2027-02-13', seen: 0.3 }), TODAY)).toBe('thin');
  expect(standing(lot(1, { reportDueOn: '2027-02-20', seen: 0.3 }), TODAY)).toBe('going');
  expect(standing(lot(1, { records: 0, seen: 0 }), TODAY)).toBe('not begun');
  expect(standing(lot(1, { state: 'sealed', reportDueOn: '2027-01-01' }), TODAY)).toBe('sealed');
  expect(standing(lot(1, { reportDueOn: null }), TODAY)).toBe('going');
});

it('goes on with the latest lot first and never with a sealed one', () => {
  const lots = [
    lot(1),
    lot(2, { reportDueOn: '2027-02-08' }),
    lot(3, { reportDueOn: '2027-02-07' }),
    lot(4, { state: 'sealed', reportDueOn: '2027-01-01' }),
  ];
  expect(nextLot(lots, TODAY)!.number).toBe(3);
  expect(nextLot([lot(4, { state: 'sealed' })], TODAY)).toBeNull();
});

it('sorts by number, day, least seen and best grade', () => {
  const lots = [
    lot(3, { seen: 0.1, value: 50 }),
    lot(1, { seen: 0.9, value: 80, reportDueOn: null }),
    lot(2, { seen: 0.5, reportDueOn: '2027-02-11' }),
  ];
  expect(sorted(lots, 'number').map((l) => l.number)).toEqual([1, 2, 3]);
  expect(sorted(lots, 'due').map((l) => l.number)).toEqual([2, 3, 1]);
  expect(sorted(lots, 'seen').map((l) => l.number)).toEqual([3, 2, 1]);
  expect(sorted(lots, 'grade').map((l) => l.number)).toEqual([1, 3, 2]);
});

it('searches number, title and keeper by every word', () => {
  const lots = [lot(1, { keeper: 'Ilse Brandvik' }), lot(12, { title: 'Haskett Dray' })];
  expect(matching(lots, 'ilse halyard').map((l) => l.number)).toEqual([1]);
  expect(matching(lots, '12').map((l) => l.number)).toEqual([12]);
  expect(matching(lots, '')).toHaveLength(2);
  expect(matching(lots, 'nothing')).toEqual([]);
});
