import { reportDue } from './report-due';
import { saleFactsSchema, saleFault } from './sale-facts';

const sale = {
  name: 'The Tramshed Dispersal',
  place: 'Vennor',
  timeZone: 'Europe/Lisbon',
  opensOn: '2027-02-24',
  closesOn: '2027-03-06',
  catalogueOn: '2027-02-10',
  reportDaysBefore: 3,
  currency: 'VK',
  words: 'en-GB',
  units: 'um',
  kerb: 'left',
  embargoUntil: null,
};

it('takes a sale, also one without an end', () => {
  expect(saleFactsSchema.parse(sale)).toEqual(sale);
  expect(saleFault({ opensOn: '2027-02-24', closesOn: null, reportDaysBefore: 3 })).toBeNull();
});

it.each([
  [{ timeZone: 'Vennor/Marlpit' }, 'timeZone'],
  [{ opensOn: '2027-02-30' }, 'opensOn'],
  [{ currency: 'vk' }, 'currency'],
  [{ name: '' }, 'name'],
  [{ reportDaysBefore: -1 }, 'reportDaysBefore'],
])('refuses %j', (wrong, field) => {
  const result = saleFactsSchema.safeParse({ ...sale, ...wrong });
  expect(result.success).toBe(false);
  expect(result.error!.issues.map((i) => i.path[0])).toEqual([field]);
});

it('sees what contradicts itself', () => {
  expect(saleFault({ opensOn: '2027-02-24', closesOn: '2027-02-23', reportDaysBefore: null })?.field).toBe('closesOn');
  expect(saleFault({ opensOn: null, closesOn: null, reportDaysBefore: 2 })?.field).toBe('reportDaysBefore');
});

it('reckons the day a report is due from the opening, by the lot’s own days first, over month ends', () => {
  expect(reportDue({ opensOn: '2027-03-02', reportDaysBefore: 3 }, null)).toBe('2027-02-27');
  expect(reportDue({ opensOn: '2027-03-02', reportDaysBefore: 3 }, 0)).toBe('2027-03-02');
  expect(reportDue({ opensOn: '2027-03-02', reportDaysBefore: null }, null)).toBeNull();
  expect(reportDue({ opensOn: null, reportDaysBefore: 3 }, 5)).toBeNull();
});
