import { dayAfter, type LotFacts, standing } from './standing';

const TODAY = '2027-02-10';
const lot = (extra: Partial<LotFacts> = {}): LotFacts => ({
  number: 1,
  reportDueOn: '2027-03-01',
  state: 'draft',
  seen: 0.8,
  records: 10,
  doubt: 8,
  withdrawn: false,
  ...extra,
});

it('tells late, thin, going, not begun and sealed apart', () => {
  expect(standing(lot({ reportDueOn: '2027-02-09' }), TODAY)).toBe('late');
  expect(standing(lot({ reportDueOn: '2027-02-10', seen: 0.9 }), TODAY)).toBe('going');
  expect(standing(lot({ reportDueOn: '2027-02-13', seen: 0.3 }), TODAY)).toBe('thin');
  expect(standing(lot({ reportDueOn: '2027-02-15', seen: 0.3 }), TODAY)).toBe('thin');
  expect(standing(lot({ reportDueOn: '2027-02-16', seen: 0.3 }), TODAY)).toBe('going');
  expect(standing(lot({ reportDueOn: '2027-02-13', doubt: 26 }), TODAY)).toBe('thin');
  expect(standing(lot({ reportDueOn: '2027-02-16', doubt: 26 }), TODAY)).toBe('going');
  expect(standing(lot({ records: 0, seen: 0 }), TODAY)).toBe('not begun');
  expect(standing(lot({ state: 'sealed', reportDueOn: '2027-01-01' }), TODAY)).toBe('sealed');
  expect(standing(lot({ reportDueOn: null }), TODAY)).toBe('going');
  expect(standing(lot({ withdrawn: true, state: 'sealed' }), TODAY)).toBe('withdrawn');
  expect(standing(lot({ withdrawn: true, reportDueOn: '2027-01-01' }), TODAY)).toBe('withdrawn');
});

it('counts days over month and leap-day ends', () => {
  expect(dayAfter('2027-02-26', 5)).toBe('2027-03-03');
  expect(dayAfter('2028-02-28', 1)).toBe('2028-02-29');
});
